// Tables with other column names: guessed, checked, read.

#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/tables/table_mapping.h"

#include <QtTest>

using namespace riflesso;
using Means = ColumnMeaning::Kind;

namespace {
const std::vector<std::string> kLandmarks = {"left_knee", "right_knee", "tip"};
}

class TestTableMapping : public QObject {
    Q_OBJECT
private slots:
    void ownTablesNeedNoHelp() {
        const char* text =
            "trial,frame,time_s,landmark,x_px,y_px,sigma_px,source\n1,12,0.2,left_knee,100.5,200,1.5,hand\n"
            "1,13,,tip,7,8,,\"a, b\"\n";
        const auto preview = previewTable(text, "L.csv");
        QVERIFY(preview.ok());
        const auto meanings = guessMeanings(preview->columns, kLandmarks);
        QVERIFY(faultOf(meanings).empty());
        QVERIFY(meanings[7].kind == Means::None);
        const auto entries = readMapped(text, "L.csv", meanings);
        QVERIFY(entries.ok());
        QCOMPARE(entries->size(), std::size_t(2));
        QCOMPARE((*entries)[0].what, std::string("left_knee"));
        QCOMPARE(*(*entries)[0].frame, 12);
        QCOMPARE(*(*entries)[0].sigmaPx, 1.5);
        QVERIFY(!(*entries)[1].timeS && !(*entries)[1].sigmaPx);
        QCOMPARE((*entries)[1].line, 3);
    }
    void oneRowAFrameWithSemicolonsAndDecimalCommas() {
        const char* text = "Frame;lKnee.x;lKnee.y;Right Knee X;right knee y;tip_x;tip_y;speed\n"
                           "5;10,5;20,25;30;40;;;1,2\n6;11;21;;;1;2;x\n";
        const auto preview = previewTable(text, "wide.csv");
        QVERIFY(preview.ok());
        QCOMPARE(preview->columns.size(), std::size_t(8));
        const auto meanings = guessMeanings(preview->columns, kLandmarks);
        QVERIFY2(faultOf(meanings).empty(), faultOf(meanings).c_str());
        QVERIFY((meanings[1] == ColumnMeaning{Means::LandmarkX, "left_knee"}));
        QVERIFY((meanings[4] == ColumnMeaning{Means::LandmarkY, "right_knee"}));
        const auto entries = readMapped(text, "wide.csv", meanings);
        QVERIFY2(entries.ok(), entries.ok() ? "" : entries.error().sentence().c_str());
        QCOMPARE(entries->size(), std::size_t(4)); // two of each row, empty ones left out
        QCOMPARE((*entries)[0].at.x, 10.5);
        QCOMPARE((*entries)[0].at.y, 20.25);
        QCOMPARE(*(*entries)[3].frame, 6);
    }
    void eventsByTime() {
        const char* text = "rep\tevent\tt [s]\n2\tFront foot down\t1.25\n";
        const auto preview = previewTable(text, "E.tsv");
        QVERIFY(preview.ok());
        const auto meanings = guessMeanings(preview->columns, kLandmarks);
        QVERIFY2(faultOf(meanings).empty(), faultOf(meanings).c_str());
        const auto entries = readMapped(text, "E.tsv", meanings);
        QVERIFY(entries.ok());
        QCOMPARE((*entries)[0].trial, std::string("2"));
        QCOMPARE((*entries)[0].what, std::string("Front foot down"));
        QCOMPARE(*(*entries)[0].timeS, 1.25);
    }
    void whatIsMissingIsSaid() {
        const auto fault = [](std::vector<ColumnMeaning> m) { return faultOf(m); };
        QVERIFY(fault({{Means::Landmark, {}}, {Means::X, {}}, {Means::Y, {}}}).find("frame or a time") !=
                std::string::npos);
        QVERIFY(fault({{Means::Frame, {}}, {Means::Landmark, {}}, {Means::X, {}}}).find("x and y") !=
                std::string::npos);
        QVERIFY(fault({{Means::Frame, {}}, {Means::LandmarkX, "left_knee"}}).find("left knee") != std::string::npos);
        QVERIFY(fault({{Means::Frame, {}}, {Means::Frame, {}}}).find("the same") != std::string::npos);
        QVERIFY(!fault({{Means::Frame, {}}, {Means::Event, {}}, {Means::Landmark, {}}}).empty());
        QVERIFY(!fault({{Means::Frame, {}}}).empty());
        QVERIFY(fault({{Means::TimeS, {}}, {Means::Event, {}}}).empty());
    }
    void badCellsAreNamed() {
        const std::vector<ColumnMeaning> meanings = {
            {Means::Frame, {}}, {Means::Landmark, {}}, {Means::X, {}}, {Means::Y, {}}};
        const auto error = [&](const char* text) {
            const auto read = readMapped(text, "T.csv", meanings);
            return read.ok() ? std::string() : read.error().sentence();
        };
        QVERIFY(error("f,l,x,y\n1,tip,3,4\n").empty());
        for (const auto& [text, wanted] : {std::pair{"f,l,x,y\n1,tip,abc,4\n", "T.csv:2"},
                                           {"f,l,x,y\n1,tip,3,4\n1.5,tip,3,4\n", "T.csv:3"},
                                           {"f,l,x,y\n1,tip,3\n", "T.csv:2"},
                                           {"f,l,x,y\n1,tip,3,\n", "both x and y"},
                                           {"f,l,x,y\n,tip,3,4\n", "a frame or a time"},
                                           {"f,l,x,y\n1,tip,1e99,4\n", "T.csv:2"}})
            QVERIFY2(error(text).find(wanted) != std::string::npos, error(text).c_str());
        QVERIFY(!previewTable("", "T.csv").ok());
    }
};

QTEST_GUILESS_MAIN(TestTableMapping)
#include "tst_table_mapping.moc"
