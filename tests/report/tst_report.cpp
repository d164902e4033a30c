#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "report/key_picture.h"
#include "report/paper.h"
#include "report/words.h"
#include "support/eyes.h"

#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

#include <array>
#include <cmath>
#include <map>

using namespace riflesso;
using namespace riflesso::test;

namespace {

ReportContent smallContent() {
    ReportContent c;
    c.athlete = QStringLiteral("Test Person");
    c.skill = QStringLiteral("Small skill");
    c.session = QStringLiteral("First");
    c.strengths.push_back({QStringLiteral("Stands well"),
                           QStringLiteral("70 ± 2°"),
                           QStringLiteral("60 to 80°"),
                           QStringLiteral("strength"),
                           {}});
    ReportContent::Entry finding;
    finding.title = QStringLiteral("The knee is bent");
    finding.explain = QStringLiteral("It bends & bends <much>.");
    finding.share = QStringLiteral("7 of 8");
    finding.sign = QStringLiteral("clear");
    finding.main = true;
    PictureRef ref;
    ref.clipPath = QStringLiteral("clip");
    ref.marks = {{"left_knee", {50, 60}}, {"left_hip", {55, 20}}};
    ref.caption = QStringLiteral("Repetition 3");
    finding.pictures = {ref};
    c.findings.push_back(finding);
    c.ladders.push_back({QStringLiteral("The knee is bent"),
                         true,
                         {{QStringLiteral("Wall drill"),
                           QStringLiteral("shadow"),
                           QStringLiteral("Grow tall."),
                           QStringLiteral("3 × 8"),
                           QStringLiteral("It is straight."),
                           QStringLiteral("Stop on pain."),
                           {},
                           true}}});
    c.cautions = {QStringLiteral("Ask a licensed professional.")};
    return c;
}

} // namespace

class TestReport : public QObject {
    Q_OBJECT
private slots:
    void numbersShowWhatTheirUncertaintyAllows_data() {
        QTest::addColumn<double>("value");
        QTest::addColumn<double>("u");
        QTest::addColumn<QString>("unit");
        QTest::addColumn<QString>("text");
        QTest::newRow("seconds") << -0.1133 << 0.044 << "s" << QString::fromUtf8("−0.11 ± 0.04 s");
        QTest::newRow("degrees") << 30.64 << 6.5 << "deg" << QString::fromUtf8("31 ± 7°");
        QTest::newRow("a tenth of a degree") << 20.23 << 0.73 << "deg" << QString::fromUtf8("20.2 ± 0.7°");
        QTest::newRow("no minus zero") << -0.001 << 0.04 << "s" << QString::fromUtf8("0.00 ± 0.04 s");
        QTest::newRow("without unit") << 2.663 << 0.057 << "1" << QString::fromUtf8("2.66 ± 0.06");
    }
    void numbersShowWhatTheirUncertaintyAllows() {
        QFETCH(double, value);
        QFETCH(double, u);
        QFETCH(QString, unit);
        QFETCH(QString, text);
        MeasureDef def;
        def.unit = unit.toStdString();
        QVERIFY(!words::withU(def, value, u).contains(u' ')); // a value is not broken over two lines
        QCOMPARE(words::withU(def, value, u).replace(QChar(0x00A0), u' '), text);
    }
    void aNamedValueSaysNoMoreThanWasNamed() {
        MeasureDef def;
        def.unit = "deg";
        QCOMPARE(words::named(def, 80), QStringLiteral("80°"));
        QCOMPARE(words::named(def, 12.5), QStringLiteral("12.5°"));
        def.unit = "s";
        QCOMPARE(words::named(def, 0.28), QStringLiteral("0.28\u00a0s"));
        QCOMPARE(words::named(def, 1.0 / 3), QStringLiteral("0.33\u00a0s"));
        QCOMPARE(words::named(def, -2), QString::fromUtf8("−2\u00a0s"));
        def.unit = "1";
        QCOMPARE(words::named(def, 1.5), QStringLiteral("1.5"));
    }
    void bodyUnitsHaveNames() {
        MeasureDef def;
        def.unit = "body";
        def.in.a = {"hip", "lead"};
        def.in.b = {"knee", "lead"};
        QCOMPARE(words::unitOf(def), QStringLiteral("thigh"));
        def.unit = "body/s";
        QCOMPARE(words::unitOf(def), QStringLiteral("thigh/s"));
    }
    void referencesInWords() {
        MeasureDef def;
        def.unit = "deg";
        def.tolerance = 8;
        Reference reference;
        QCOMPARE(words::referenceText(def, reference), QStringLiteral("no reference"));
        reference.low = 60;
        QCOMPARE(words::referenceText(def, reference), QString::fromUtf8("at least 60°"));
        reference.high = 80;
        QCOMPARE(words::referenceText(def, reference), QString::fromUtf8("60 to 80°"));
        reference.modelMean = 71.2;
        QCOMPARE(words::referenceText(def, reference), QString::fromUtf8("model 71°"));
    }
    void everyStateHasAShapeOfItsOwn() {
        std::vector<QImage> images;
        for (auto sign :
             {look::Sign::Within, look::Sign::Possible, look::Sign::Clear, look::Sign::Strength, look::Sign::Safety}) {
            QImage image(40, 40, QImage::Format_Grayscale8); // in grey print too
            image.fill(Qt::white);
            QPainter painter(&image);
            look::drawSign(painter, sign, {20, 20}, 30, look::light());
            painter.end();
            for (const QImage& other : images)
                QVERIFY(image != other);
            images.push_back(image);
        }
    }
    void statesStayApartForEveryEye() {
        for (const look::Palette* palette : {&look::light(), &look::dark()})
            for (const auto& [eye, matrix] : eyes()) {
                std::vector<QImage> signs;
                for (auto sign : {look::Sign::Within, look::Sign::Possible, look::Sign::Clear, look::Sign::Strength,
                                  look::Sign::Safety}) {
                    QImage image(26, 26, QImage::Format_RGB32);
                    image.fill(palette->paper);
                    QPainter painter(&image);
                    look::drawSign(painter, sign, {13, 13}, 20, *palette);
                    painter.end();
                    signs.push_back(image);
                }
                for (std::size_t a = 0; a < signs.size(); ++a)
                    for (std::size_t b = a + 1; b < signs.size(); ++b) {
                        const int different = pixelsApart(matrix, signs[a], signs[b]);
                        // A tenth of the sign's ground tells two of them apart.
                        QVERIFY2(different > 40, qPrintable(QStringLiteral("%1: signs %2 and %3, %4 pixels")
                                                                .arg(eye)
                                                                .arg(a)
                                                                .arg(b)
                                                                .arg(different)));
                    }
                // Athlete and model also stand apart by place and word on grey paper; to a dichromat by colour.
                if (eye != QStringLiteral("grey"))
                    QVERIFY2(gap(matrix, palette->athlete, palette->model) > .2, qPrintable(eye));
            }
    }
    void textContrast() {
        // WCAG 2.1 relative luminance; at least 4.5 : 1 for text on its grounds.
        const auto luminance = [](const QColor& c) {
            const auto part = [](double v) { return v <= 0.03928 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); };
            return 0.2126 * part(c.redF()) + 0.7152 * part(c.greenF()) + 0.0722 * part(c.blueF());
        };
        const auto contrast = [&](const QColor& a, const QColor& b) {
            const double la = luminance(a), lb = luminance(b);
            return (std::max(la, lb) + 0.05) / (std::min(la, lb) + 0.05);
        };
        for (const look::Palette* p : {&look::light(), &look::dark()})
            for (const QColor& ground : {p->paper, p->raised, p->course})
                for (const auto& [name, colour] : {std::pair{"ink", p->ink},
                                                   {"slate", p->slate},
                                                   {"athlete", p->athleteText},
                                                   {"model", p->model},
                                                   {"deviation", p->deviation},
                                                   {"safety", p->safety}})
                    // The model's colour is never used for text on the course.
                    QVERIFY2((ground == p->course && colour == p->model) || contrast(colour, ground) >= 4.5,
                             qPrintable(QStringLiteral("%1 on %2: %3")
                                            .arg(QLatin1String(name), ground.name())
                                            .arg(contrast(colour, ground))));
    }
    void theShippedTypefaceHasTabularFigures() {
        const QFontMetricsF metrics(QFont(look::loadTypeface(), 12));
        QVERIFY(QFontInfo(QFont(look::loadTypeface(), 12)).family() == look::loadTypeface());
        for (char digit = '1'; digit <= '9'; ++digit)
            QCOMPARE(metrics.horizontalAdvance(QLatin1Char(digit)), metrics.horizontalAdvance(QLatin1Char('0')));
    }
    void cropsStayInsideThePicture() {
        const QSize picture(960, 540);
        for (const auto& marks : {std::map<std::string, QPointF>{{"a", {5, 5}}, {"b", {40, 90}}},
                                  {{"a", {900, 20}}, {"b", {955, 530}}},
                                  {{"a", {0, 0}}, {"b", {959, 539}}},
                                  {}}) {
            const QRectF crop = cropAround(marks, {4, 3}, picture);
            QVERIFY(QRectF(-1e-6, -1e-6, 960 + 2e-6, 540 + 2e-6).contains(crop));
            for (const auto& [name, at] : marks)
                if (marks.at("b").x() < 959)
                    QVERIFY2(crop.adjusted(-1, -1, 1, 1).contains(at), name.c_str());
        }
    }
    void aKeyPictureShowsFrameAndFigure() {
        QImage frame(100, 80, QImage::Format_RGB32);
        frame.fill(QColor(10, 200, 30));
        PictureRef ref;
        ref.marks = {{"left_hip", {30, 20}}, {"left_knee", {40, 50}}};
        const auto lines = std::vector<std::pair<std::string, std::string>>{{"left_hip", "left_knee"}};
        const QImage plain = keyPicture(ref, {}, [&](const QString&, int) { return frame; }, {200, 150});
        const QImage drawn = keyPicture(ref, lines, [&](const QString&, int) { return frame; }, {200, 150});
        QVERIFY(plain != drawn);
        ref.mirrored = true;
        QCOMPARE(
            keyPicture(ref, {}, [&](const QString&, int) { return frame; }, {200, 150}).mirrored(true, false).size(),
            plain.size());
        // A clip that is gone gives a plain ground, no crash.
        QCOMPARE(keyPicture(ref, lines, [](const QString&, int) { return QImage(); }, {200, 150}).size(),
                 QSize(200, 150));
    }
    void thePdfReadsBack() {
        QTemporaryDir dir;
        const QString path = dir.filePath(QStringLiteral("r.pdf"));
        QImage frame(100, 80, QImage::Format_RGB32);
        frame.fill(Qt::darkGreen);
        const auto written = writePdf(
            smallContent(), Paper::Plan, [&](const QString&, int) { return frame; }, path);
        QVERIFY2(written, written ? "" : written.error().sentence().c_str());
        // poppler is the independent reader.
        QProcess process;
        process.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), path, QStringLiteral("-")});
        QVERIFY(process.waitForFinished());
        const QString text = QString::fromUtf8(process.readAllStandardOutput());
        for (const char* expected :
             {"Test Person", "Small skill", "Stands well", "The knee is bent", "It bends & bends <much>.", "Wall drill",
              "start here", "Grow tall.", "Stop on pain.", "Ask a licensed professional.", "Repetition 3", "page 1 of"})
            QVERIFY2(text.contains(QString::fromUtf8(expected)), expected);
        process.start(QStringLiteral("pdfimages"), {QStringLiteral("-list"), path});
        QVERIFY(process.waitForFinished());
        QVERIFY(process.readAllStandardOutput().count('\n') >= 3); // header, rule, at least one picture
        QVERIFY(!writePdf(smallContent(), Paper::Plan, {}, QStringLiteral("/no/such/folder/r.pdf")));
    }
    void everyPaperSaysWhatItIsFor() {
        QTemporaryDir dir;
        ReportContent c = smallContent();
        auto& steps = c.ladders[0].steps;
        steps[0].feels = QStringLiteral("Slow to begin with.");
        steps[0].wrong = QStringLiteral("The heel lifts.");
        steps[0].amount = {3, 8, 0};
        c.retest = QStringLiteral("24 Nov 2026");
        ReportContent::Position position;
        position.title = QStringLiteral("Foot down");
        position.own = c.findings[0].pictures[0];
        position.measures = {{QStringLiteral("Knee bend"),
                              QStringLiteral("33 ± 7°"),
                              QStringLiteral("model 12°"),
                              QStringLiteral("clear"),
                              {}}};
        c.positions = {position};
        using P = Paper;
        QCOMPARE(papersOf(c), (std::vector<P>{P::Plan, P::AthletePage, P::HomeSheet, P::KeyPositions}));
        const auto textOf = [&](Paper paper) {
            const QString path = dir.filePath(paperFileWord(paper) + QStringLiteral(".pdf"));
            QImage frame(100, 80, QImage::Format_RGB32);
            frame.fill(Qt::darkGreen);
            const PictureSource source = [&](const QString&, int) { return frame; };
            if (!writePdf(c, paper, source, path))
                return QString();
            QProcess process;
            process.start(QStringLiteral("pdftotext"), {QStringLiteral("-layout"), path, QStringLiteral("-")});
            process.waitForFinished();
            QString text = QString::fromUtf8(process.readAllStandardOutput()).simplified();
            return text.replace(QChar(0xFB01), QStringLiteral("fi")); // the typeface's ligature
        };
        const QString page = textOf(P::AthletePage);
        for (const char* expected :
             {"Stands well", "“Grow tall.”", "It is good when: It is straight.", "You will feel: Slow to begin with.",
              "We film again on 24 Nov 2026", "Stop on pain."})
            QVERIFY2(page.contains(QString::fromUtf8(expected)), expected);
        QVERIFY(!page.contains(QStringLiteral("All measures"))); // few words
        QVERIFY(page.contains(QStringLiteral("page 1 of 1")));
        const QString home = textOf(P::HomeSheet);
        for (const char* expected :
             {"Target: 24 good ones a day", "Stop and think when: The heel lifts.", "Wall drill"})
            QVERIFY2(home.contains(QString::fromUtf8(expected)), expected);
        const QString positions = textOf(P::KeyPositions);
        for (const char* expected : {"Foot down", "Knee bend", "33 ± 7°", "(model 12°)", "Repetition 3"})
            QVERIFY2(positions.contains(QString::fromUtf8(expected)), expected);
        c.competition = QStringLiteral("Cup, 8 Dec 2026");
        QCOMPARE(papersOf(c).back(), P::CompetitionCard);
        const QString card = textOf(P::CompetitionCard);
        for (const char* expected : {"Cup, 8 Dec 2026", "Nothing new now", "“Grow tall.”", "Stands well"})
            QVERIFY2(card.contains(QString::fromUtf8(expected)), expected);
        QVERIFY(!card.contains(QStringLiteral("The knee is bent"))); // no faults on the last days
        // What needs somebody else does not go home; a rung below it may.
        steps.push_back(steps[0]);
        steps[0].startHere = false;
        steps[1].title = QStringLiteral("With a feeder");
        steps[1].alone = false;
        QVERIFY(textOf(P::HomeSheet).contains(QStringLiteral("Wall drill")));
        QVERIFY(!textOf(P::HomeSheet).contains(QStringLiteral("With a feeder")));
        steps[0].alone = false;
        QVERIFY(textOf(P::HomeSheet).contains(QStringLiteral("nothing to take home")));
    }
    void aFrozenReportKeepsItsDrawings() {
        ReportContent c = smallContent();
        PictureRef& ref = c.findings[0].pictures[0];
        MeasuredShape shape;
        shape.lines = {{{1.25, 2}, {3, 4}, true}};
        shape.arcs = {{{{1, 1}, {2, 2.5}}, {}}};
        shape.paths = {{{{5, 5}, {6, 6}}, {.25, 1}}};
        shape.arcCentre = {7, 8};
        shape.label = {9, 10};
        ref.shape = shape;
        ref.value = QStringLiteral("33 ± 7°");
        c.positions = {{QStringLiteral("Foot down"), ref, {}, {}}};
        c.ladders[0].steps[0].amount = {2, 5, 7};
        c.ladders[0].steps[0].alone = false;
        const auto back = reportFromJson(toJson(c), QStringLiteral("here"));
        QVERIFY(back);
        const PictureRef& same = back->findings[0].pictures[0];
        QVERIFY(same.shape);
        QCOMPARE(same.value, ref.value);
        QCOMPARE(same.shape->lines[0].from, shape.lines[0].from);
        QCOMPARE(same.shape->lines[0].reference, true);
        QCOMPARE(same.shape->arcs[0].points, shape.arcs[0].points);
        QCOMPARE(same.shape->paths[0].shares, shape.paths[0].shares);
        QCOMPARE(same.shape->arcCentre, shape.arcCentre);
        QCOMPARE(same.shape->label, shape.label);
        QVERIFY(back->positions[0].own && !back->positions[0].model);
        QCOMPARE(back->ladders[0].steps[0].amount.minutes, 7);
        QVERIFY(!back->ladders[0].steps[0].alone);
        QCOMPARE(toJson(*back), toJson(c));
        // Frozen before there were drawings: it reads, and has its plan.
        QString old = toJson(smallContent());
        old.replace(QStringLiteral("\"positions\""), QStringLiteral("\"unknown\""));
        const auto older = reportFromJson(old, QStringLiteral("here"));
        QVERIFY(older && older->positions.empty() && !older->findings[0].pictures[0].shape);
        // A drawing that is not one is said, and crashes nothing.
        QString broken = toJson(c);
        broken.replace(QStringLiteral("\"centre\":[7.0,8.0]"), QStringLiteral("\"centre\":[7.0]"));
        QVERIFY(broken != toJson(c));
        QVERIFY(!reportFromJson(broken, QStringLiteral("here")));
    }
    void whatIsMeasuredIsDrawnOnThePicture() {
        QImage frame(400, 300, QImage::Format_RGB32);
        frame.fill(Qt::darkGreen);
        PictureRef ref;
        ref.marks = {{"left_knee", {150, 160}}, {"left_hip", {155, 60}}};
        const PictureSource source = [&](const QString&, int) { return frame; };
        const auto drawn = [&] { return keyPicture(ref, {}, source, {400, 300}); };
        const QImage without = drawn();
        MeasuredShape shape;
        shape.lines = {{{150, 160}, {250, 160}, false}};
        shape.label = {200, 160};
        ref.shape = shape;
        ref.value = QStringLiteral("0.5 m");
        const QImage with = drawn();
        QVERIFY(with != without);
        ref.mirrored = true;
        const QImage mirrored = drawn();
        QVERIFY(mirrored != with.mirrored(true, false)); // the words are not turned over with the picture
    }
    void thePreviewHasThePagesOfThePdf() {
        const auto pages = previewPages(smallContent(), Paper::Plan, {}, 72);
        QVERIFY(!pages.empty());
        QCOMPARE(pages.front().size(), QSize(595, 842));
    }
};

QTEST_MAIN(TestReport)
#include "tst_report.moc"
