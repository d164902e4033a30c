// What the pages show is what the command line answers, read off the widgets; and how few gestures lie between complete
// marks and a plan on paper.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "app/widgets/sign_label.h"
#include "core/tables/json_walk.h"
#include "report/words.h"
#include "support/eyes.h"
#include "window_driver.h"

#include <QLineEdit>
#include <QListWidget>
#include <QProcess>

using namespace riflesso;
using namespace riflesso::test;

namespace {

Json answer(const QStringList& arguments) {
    QProcess cli;
    cli.start(QStringLiteral(PROGRAMS "/riflesso-cli"), arguments);
    if (!cli.waitForFinished(120000) || cli.exitCode() != 0)
        qFatal("riflesso-cli: %s", cli.readAllStandardError().constData());
    return Json::parse(cli.readAllStandardOutput().toStdString());
}

QString withoutTags(QString html) {
    static const QRegularExpression kTag(QStringLiteral("<[^>]*>"));
    return html.remove(kTag);
}

/// The label that is seen: one that is being replaced may still be there.
QString seen(const Driver& d, const QString& name) {
    for (const QLabel* label : d.window->findChildren<QLabel*>(name))
        if (label->isVisible())
            return withoutTags(label->text());
    return QStringLiteral("no ") + name;
}

} // namespace

class TestSameNumbers : public QObject {
    Q_OBJECT
private slots:
    void pagesShowWhatAssessAnswers() {
        QTemporaryDir folder, tables;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.selectAthlete(QStringLiteral("Ilka Sandrey"));
        const QString at = tables.path() + u'/';
        answer({QStringLiteral("tables"), folder.path(), QStringLiteral("--case"), QString::number(d.data().id.value),
                QStringLiteral("--session"), d.data().sessions[0].date.toString(Qt::ISODate),
                QStringLiteral("--stress"), QStringLiteral("calm"), QStringLiteral("--out"), tables.path()});
        QStringList words_ = {QStringLiteral("assess"), QStringLiteral("--pack"), at + QStringLiteral("pack.json")};
        for (const char* table : {"landmarks.csv", "events.csv", "observations.csv", "athlete.json",
                                  "model-landmarks.csv", "model-events.csv", "model-athlete.json"})
            words_ << QStringLiteral("--") + QLatin1String(table).chopped(QByteArray(table).endsWith("json") ? 5 : 4)
                   << at + QLatin1String(table);
        const Json said = answer(words_);

        d.window->showPage(QStringLiteral("mirror"));
        QTRY_VERIFY_WITH_TIMEOUT(d.quiet(), 20000);
        const Pack& pack = d.data().pack;
        int compared = 0;
        for (const Json& deviation : said["deviations"]) {
            const MeasureDef* def = pack.measure(deviation["measure"].get<std::string>());
            if (!def)
                continue; // a lag of an order, which has no row of its own
            const QString name = QStringLiteral("value-") + words::text(def->id);
            QLabel* label = nullptr;
            QTRY_VERIFY2((label = d.window->findChild<QLabel*>(name)), qPrintable(name));
            const double u = deviation["expanded_u"];
            const int decimals = words::decimalsFor(u);
            const QString shown = withoutTags(label->text());
            QVERIFY2(shown.startsWith(words::number(deviation["median"], decimals)), qPrintable(name + u' ' + shown));
            QVERIFY2(shown.endsWith(QStringLiteral("± ") + words::number(u, decimals)),
                     qPrintable(name + u' ' + shown));
            ++compared;
        }
        QVERIFY2(compared >= 14, qPrintable(QString::number(compared)));

        d.window->showPage(QStringLiteral("findings"));
        QTRY_VERIFY(d.quiet());
        auto* list = d.find<QListWidget>("findings");
        QTRY_COMPARE(list->count(), static_cast<int>(said["findings"].size()));
        for (int row = 0; row < list->count(); ++row) {
            const Json& finding = said["findings"][static_cast<std::size_t>(row)];
            const FaultDef* fault = pack.fault(finding["fault"].get<std::string>());
            list->setCurrentRow(row);
            QTRY_VERIFY(d.find<QLabel>("findingTitle")->text().contains(words::text(fault->title)));
            QVERIFY2(
                d.find<QLabel>("findingTitle")->text().contains(words::ofText(finding["shown"], finding["judged"])),
                qPrintable(d.find<QLabel>("findingTitle")->text()));
            for (const auto& [term, value] : finding["terms"].items()) {
                if (term == "severity")
                    continue; // stands in the words beside the leverage
                const QString name = QStringLiteral("term-") + words::text(term);
                const QString expected = words::number(value, 2);
                QTRY_VERIFY2(seen(d, name).contains(expected), qPrintable(name + u' ' + seen(d, name)));
            }
            const QString expected = words::number(finding["score"], 2);
            QTRY_VERIFY2(seen(d, QStringLiteral("score")).contains(expected), qPrintable(expected));
        }
    }
    void statesStayApartOnAScreenshot_data() {
        QTest::addColumn<bool>("dark");
        QTest::newRow("light") << false;
        QTest::newRow("dark") << true;
    }
    void statesStayApartOnAScreenshot() {
        // Every sign that the window shows, cut out of a picture of it: two of different states are told apart by every
        // eye and on grey paper, two of one state look alike.
        QFETCH(bool, dark);
        QTemporaryDir folder;
        Driver d;
        theme::apply(*qApp, dark ? theme::Choice::Dark : theme::Choice::Light);
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.selectAthlete(QStringLiteral("Mirelle Ostrand"));
        std::map<QString, std::vector<QImage>> signs;
        for (const char* page : {"mirror", "findings"}) {
            d.window->showPage(QString::fromUtf8(page));
            QTRY_VERIFY_WITH_TIMEOUT(d.quiet(), 20000);
            QTest::qWait(50);
            const QImage shot = d.window->grab().toImage();
            for (const SignLabel* sign : d.window->page(QString::fromUtf8(page))->findChildren<SignLabel*>()) {
                const QRect place(sign->mapTo(d.window.get(), QPoint()), sign->size());
                if (sign->isVisible() && !sign->visibleRegion().isEmpty() &&
                    sign->visibleRegion().boundingRect() == sign->rect() && sign->width() == 17)
                    signs[sign->accessibleName()].push_back(shot.copy(place));
            }
        }
        QVERIFY2(signs.size() >= 4, qPrintable(QString::number(signs.size())));
        constexpr int kApart = 17; // a tenth of a sign's ground
        for (const auto& [eye, matrix] : eyes())
            for (const auto& [state, images] : signs)
                for (const auto& [other, others] : signs)
                    for (const QImage& a : images)
                        for (const QImage& b : others) {
                            if (a.pixel(0, 0) != b.pixel(0, 0))
                                continue; // the chosen row's ground is another
                            const int different = pixelsApart(matrix, a, b);
                            QVERIFY2(
                                (state == other) == (different <= kApart),
                                qPrintable(
                                    QStringLiteral("%1: %2 and %3, %4 pixels").arg(eye, state, other).arg(different)));
                        }
        theme::apply(*qApp, theme::Choice::Light);
    }
    void fromMarksToPaper_data() {
        QTest::addColumn<QString>("athlete");
        for (const char* name : {"Ilka Sandrey", "Davor Quillane", "Mirelle Ostrand"})
            QTest::newRow(name) << QString::fromUtf8(name);
    }
    void fromMarksToPaper() {
        // Complete marks, Mark open: see the comparison, decide what to work on with a reason, look at the plan, freeze
        // and print it.
        QFETCH(QString, athlete);
        QTemporaryDir folder;
        Driver d;
        QVERIFY(d.workspace.open(demoCopy(folder)));
        d.selectAthlete(athlete);
        d.window->showPage(QStringLiteral("mark"));
        QTRY_VERIFY_WITH_TIMEOUT(d.quiet(), 20000);
        int gestures = 0;
        const auto step = [&](const char* page) {
            ++gestures;
            d.step(page);
        };
        step("mirror");
        step("findings");
        QTRY_VERIFY(d.quiet());
        const QString undecided = d.headline();
        ++gestures;
        d.key(Qt::Key_W); // what stands first is worked on
        QTRY_VERIFY(!d.data().decisions.empty());
        QTRY_VERIFY(d.quiet());
        step("plan");
        QVERIFY(d.headline().contains(QStringLiteral("Focus")));
        step("handover");
        QTRY_VERIFY_WITH_TIMEOUT(d.quiet(), 20000);
        const QString pdf = d.find<QLineEdit>("handoverFolder")->text() + QStringLiteral("/plan.pdf");
        QVERIFY(pdf.startsWith(folder.path()));
        QVERIFY(!QFileInfo::exists(pdf));
        ++gestures;
        d.key(Qt::Key_P);
        QTRY_VERIFY_WITH_TIMEOUT(d.quiet() && QFileInfo(pdf).size() > 20000, 30000);
        QVERIFY2(gestures <= 12, qPrintable(QString::number(gestures)));
        qInfo("%s: %d gestures from complete marks to paper", qPrintable(athlete), gestures);
        QProcess text;
        text.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), pdf, QStringLiteral("-")});
        QVERIFY(text.waitForFinished());
        const QString printed = QString::fromUtf8(text.readAllStandardOutput());
        QVERIFY(printed.contains(athlete));
        QVERIFY(printed.contains(QStringLiteral("Decided: ")) || printed.contains(QStringLiteral("main focus")));
        QVERIFY2(d.errors.isEmpty(), qPrintable(d.errors.join(u'|')));
    }
};

QTEST_MAIN(TestSameNumbers)
#include "tst_same_numbers.moc"
