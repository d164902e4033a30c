// Views and pages as pictures: sizes, formats, names, and what goes wrong.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "window_driver.h"

#include "app/mirror/wall.h"
#include "app/picture_out.h"
#include "app/widgets/deviation_ruler.h"
#include "app/widgets/waterline.h"
#include "report/names_left_out.h"

#include <QClipboard>
#include <QMenu>
#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

class TestPictureOut : public QObject {
    Q_OBJECT

    QTemporaryDir folder_, out_;
    std::unique_ptr<Driver> app_;

    [[nodiscard]] static QString contentOf(const QString& path) {
        QFile file(path);
        return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
    }
    [[nodiscard]] QWidget* page() const { return app_->window->page(app_->window->currentPage()); }

private slots:
    void initTestCase() {
        app_ = std::make_unique<Driver>();
        QVERIFY(app_->workspace.open(demoCopy(folder_)));
        QTRY_VERIFY(app_->quiet());
        app_->window->showPage(QStringLiteral("mirror"));
        QTRY_VERIFY(app_->quiet());
        QVERIFY(app_->shows("athleteStage"));
    }
    void cleanupTestCase() { app_.reset(); }

    void aViewHasTheSizeThatIsAskedFor() {
        auto* line = page()->findChild<Waterline*>();
        QVERIFY(line);
        const QImage image = pictureOf(*line, {3 * line->width(), {}});
        QCOMPARE(image.size(), 3 * line->size());
        QSet<QRgb> colours;
        for (int x = 0; x < image.width(); x += 7)
            for (int y = 0; y < image.height(); y += 3)
                colours.insert(image.pixel(x, y));
        QVERIFY(colours.size() > 3); // something is drawn
        const QString path = out_.filePath(QStringLiteral("line.png"));
        QVERIFY(writePicture(*line, {640, {}}, path));
        QCOMPARE(QImage(path).width(), 640);
        QCOMPARE(QImage(path).height(), qRound(640.0 * line->height() / line->width()));
    }
    void vectorsStayVectors() {
        auto* line = page()->findChild<Waterline*>();
        const QString path = out_.filePath(QStringLiteral("line.svg"));
        QVERIFY(writePicture(*line, {1200, {}}, path));
        const QString svg = contentOf(path);
        QVERIFY(svg.contains(QStringLiteral("<svg")) && svg.contains(QStringLiteral("viewBox=\"0 0 1200")));
        QVERIFY(svg.contains(QStringLiteral("lowest point"))); // as text, not as pixels
        QVERIFY(!svg.contains(QStringLiteral("<image")));
    }
    void namesAreLeftOutWhereTheyAreAsked() {
        auto* stage = app_->find<StageView>("athleteStage");
        const QStringList names = namesIn(app_->data());
        QVERIFY(names.contains(QStringLiteral("Ilka Sandrey")) && names.contains(QStringLiteral("Ilka")));
        const QString caption = stage->caption();
        QVERIFY(caption.contains(QStringLiteral("Ilka")));
        const QString with = out_.filePath(QStringLiteral("with.svg")),
                      without = out_.filePath(QStringLiteral("without.svg"));
        QVERIFY(writePicture(*stage, {stage->width(), {}}, with));
        QVERIFY(writePicture(*stage, {stage->width(), names}, without));
        QVERIFY(contentOf(with).contains(QStringLiteral("Ilka")));
        QVERIFY(!contentOf(without).contains(QStringLiteral("Ilka")));
        QVERIFY(contentOf(without).contains(QStringLiteral("repetition 1")));
        QCOMPARE(stage->caption(), caption); // as it was
        // The wall names its models.
        app_->window->showPage(QStringLiteral("mirror"), QStringLiteral("wall"));
        auto* wall = page()->findChild<Wall*>();
        QTRY_VERIFY(wall && wall->isVisible());
        const QString named = out_.filePath(QStringLiteral("wall.svg")),
                      bare = out_.filePath(QStringLiteral("bare.svg"));
        QVERIFY(writePicture(*wall, {wall->width(), {}}, named));
        QVERIFY(writePicture(*wall, {wall->width(), names}, bare));
        QVERIFY(contentOf(named).contains(QStringLiteral("Instructor")));
        QVERIFY(!contentOf(bare).contains(QStringLiteral("Instructor")));
        // Of a whole page, labels too.
        app_->window->showPage(QStringLiteral("findings"));
        QTRY_VERIFY(app_->quiet());
        const QString all = out_.filePath(QStringLiteral("page.svg"));
        QVERIFY(writePicture(*page(), {page()->width(), names}, all));
        QVERIFY2(!contentOf(all).contains(QStringLiteral("Ilka")) &&
                     !contentOf(all).contains(QStringLiteral("Sandrey")),
                 "a name is left");
        bool back = false;
        for (const QLabel* label : page()->findChildren<QLabel*>())
            back = back || label->text().contains(QStringLiteral("Ilka"));
        QVERIFY(back);
        app_->window->showPage(QStringLiteral("mirror"));
    }
    void facesAreHiddenWhereTheyAreAsked() {
        auto* stage = app_->find<StageView>("athleteStage");
        const QImage plain = pictureOf(*stage, {stage->width(), {}}),
                     bare = pictureOf(*stage, {stage->width(), {}, true});
        QCOMPARE(plain.size(), bare.size());
        // One colour over the head, the rest as it was.
        int changed = 0, same = 0;
        QHash<QRgb, int> colours;
        for (int x = 0; x < plain.width(); ++x)
            for (int y = 0; y < plain.height(); ++y)
                if (plain.pixel(x, y) != bare.pixel(x, y)) {
                    ++changed;
                    ++colours[bare.pixel(x, y)];
                } else {
                    ++same;
                }
        QVERIFY2(changed > 300 && changed < same / 10, qPrintable(QString::number(changed)));
        QVERIFY2(colours.value(look::dark().athlete.rgb()) > changed * 8 / 10, "the disc is not one colour");
        QCOMPARE(pictureOf(*stage, {stage->width(), {}}), plain); // as it was
        // A drawing that keeps its layers does not keep the face below one.
        const QString path = out_.filePath(QStringLiteral("bare_stage.svg"));
        QVERIFY(writePicture(*stage, {stage->width(), {}, true}, path));
        const QString svg = contentOf(path);
        const QString mark = QStringLiteral("base64,");
        const QString rest = svg.mid(svg.indexOf(mark) + mark.size());
        const QImage kept =
            QImage::fromData(QByteArray::fromBase64(rest.left(rest.indexOf(QLatin1Char('"'))).toLatin1()));
        QVERIFY(!kept.isNull());
        int disc = 0;
        for (int x = 0; x < kept.width(); ++x)
            for (int y = 0; y < kept.height(); ++y)
                disc += kept.pixel(x, y) == look::dark().athlete.rgb();
        QVERIFY(disc > 300);
        // Where nothing is marked, nothing of the film is shown: not on Film, nor in its list and its strip.
        app_->window->showPage(QStringLiteral("film"));
        QTRY_VERIFY(app_->quiet());
        auto* film = app_->find<StageView>("filmStage");
        QTRY_VERIFY(!film->image().isNull());
        const QImage page = pictureOf(*film, {film->width(), {}, true}), whole = pictureOf(*film, {film->width(), {}});
        int alike = 0, all = 0;
        for (int x = page.width() / 4; x < page.width() * 3 / 4; ++x)
            for (int y = page.height() / 4; y < page.height() * 3 / 4; ++y, ++all)
                alike += page.pixel(x, y) == whole.pixel(x, y);
        QVERIFY2(alike < all / 20, qPrintable(QStringLiteral("%1 of %2").arg(alike).arg(all)));
        app_->window->showPage(QStringLiteral("mirror"), QStringLiteral("wall"));
        auto* wall = this->page()->findChild<Wall*>();
        QTRY_VERIFY(wall && wall->isVisible());
        QTRY_VERIFY_WITH_TIMEOUT(wall->fetched() > .99, 60000);
        const QImage open = pictureOf(*wall, {wall->width(), {}}), hidden = pictureOf(*wall, {wall->width(), {}, true});
        int discs = 0;
        for (int x = 0; x < hidden.width(); ++x)
            for (int y = 0; y < hidden.height(); ++y)
                discs += hidden.pixel(x, y) == look::dark().athlete.rgb() && hidden.pixel(x, y) != open.pixel(x, y);
        QVERIFY2(discs > 8 * 40, qPrintable(QString::number(discs)));
        app_->window->showPage(QStringLiteral("mirror"));
    }
    void whatCannotBeWrittenIsSaid() {
        auto* line = page()->findChild<Waterline*>();
        const auto other = writePicture(*line, {640, {}}, out_.filePath(QStringLiteral("line.gif")));
        QVERIFY(!other.ok() && other.error().sentence().find(".png or .svg") != std::string::npos);
        QVERIFY(!QFile::exists(out_.filePath(QStringLiteral("line.gif"))));
        QVERIFY(!writePicture(*line, {640, {}}, out_.filePath(QStringLiteral("none/line.png"))).ok());
    }
    void theMenuOffersTheViewAndThePage() {
        PictureMenu pictures(app_->workspace, app_->window.get());
        auto* ruler = page()->findChild<DeviationRuler*>();
        QVERIFY(ruler && pictureView(ruler) == ruler);
        QMenu menu, bare;
        pictures.fill(menu, ruler, page());
        pictures.fill(bare, app_->find<QWidget>("headline"), page()); // no view under the pointer
        QCOMPARE(menu.actions().size(), 9);                           // four, a line, four
        QCOMPARE(bare.actions().size(), 4);
        QGuiApplication::clipboard()->clear();
        menu.actions().front()->trigger();
        QCOMPARE(QGuiApplication::clipboard()->image().size(), 2 * ruler->size());
        app_->window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(app_->window.get()));
        page()->setFocus();
        QTest::keyClick(app_->window->windowHandle(), Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
        QTRY_VERIFY(!QGuiApplication::clipboard()->image().isNull());
    }
};

QTEST_MAIN(TestPictureOut)
#include "tst_picture_out.moc"
