#include <QObject> // before the rest: moc trips over <concepts> otherwise

#include "core/signal/phase_map.h"
#include "support/made_trials.h"

#include <QtTest>

using namespace riflesso;
using namespace riflesso::test;

namespace {
Pack fiveEvents() {
    Json json = smallPack();
    json["events"] = Json::array();
    for (const char* id : {"go", "straight", "down", "low", "back"})
        json["events"].push_back({{"id", id}, {"title", id}, {"hint", "Look."}});
    return packOf(json);
}
Trial withEvents(std::vector<std::pair<std::string, double>> events) {
    Trial trial = emptyTrial(100, 400);
    for (const auto& [id, time] : events)
        addEvent(trial, id, 100 * time);
    return trial;
}
} // namespace

class TestPhaseMap : public QObject {
    Q_OBJECT
private slots:
    void anchorsAreMediansOfTheModel() {
        const Pack pack = fiveEvents();
        const std::vector<Trial> models = {
            withEvents({{"go", 0}, {"straight", .2}, {"down", .3}, {"low", .5}, {"back", 1}}),
            withEvents({{"go", 1}, {"straight", 1.6}, {"down", 1.8}, {"low", 2}, {"back", 3}}),
            withEvents({{"go", 0}, {"straight", .3}, {"down", .4}, {"low", .6}, {"back", 1}})};
        const PhaseAnchors anchors = phaseAnchors(pack, models, {});
        QCOMPARE(anchors.anchors.size(), std::size_t(5));
        QVERIFY(std::abs(anchors.anchors[1].percent - 30) < 1e-9);
        QVERIFY(std::abs(anchors.anchors[2].percent - 40) < 1e-9);
        // Without a model the athlete's own positions hold.
        QVERIFY(std::abs(phaseAnchors(pack, {}, {models[0]}).anchors[2].percent - 30) < 1e-9);
        QVERIFY(phaseAnchors(pack, {}, {}).anchors.empty());
    }
    void equalPhaseIsTheSameKeyPosition() {
        const Pack pack = fiveEvents();
        const Trial model = withEvents({{"go", 0}, {"straight", .3}, {"down", .4}, {"low", .6}, {"back", 1}});
        const Trial slow = withEvents({{"go", .5}, {"straight", 1.7}, {"down", 2.1}, {"low", 2.9}, {"back", 3.5}});
        const PhaseAnchors anchors = phaseAnchors(pack, {model}, {});
        const auto map = PhaseMap::of(anchors, slow);
        QVERIFY(map);
        QVERIFY(std::abs(map->timeAt(40) - 2.1) < 1e-9);
        QVERIFY(std::abs(map->timeAt(35) - 1.9) < 1e-9);
        QVERIFY(std::abs(map->percentAt(2.9) - 60) < 1e-9);
        QVERIFY(map->dropped().empty());
    }
    void anEventOutOfOrderIsNamedAndStandsWhereItHappened() {
        const Pack pack = fiveEvents();
        const Trial model = withEvents({{"go", 0}, {"straight", .3}, {"down", .4}, {"low", .6}, {"back", 1}});
        const Trial late = withEvents({{"go", 0}, {"straight", .5}, {"down", .35}, {"low", .6}, {"back", 1}});
        const auto map = PhaseMap::of(phaseAnchors(pack, {model}, {}), late);
        QVERIFY(map);
        QCOMPARE(map->dropped(), std::vector<std::string>{"down"});
        QVERIFY(std::abs(map->percentAt(.5) - 30) < 1e-9);
        QVERIFY(map->percentAt(.35) < 30); // before the arm is straight, as it happened
    }
    void withoutFirstOrLastThereIsNoMap() {
        const Pack pack = fiveEvents();
        const Trial model = withEvents({{"go", 0}, {"straight", .3}, {"down", .4}, {"low", .6}, {"back", 1}});
        const PhaseAnchors anchors = phaseAnchors(pack, {model}, {});
        QVERIFY(!PhaseMap::of(anchors, withEvents({{"straight", .3}, {"back", 1}})));
        QVERIFY(!PhaseMap::of(anchors, withEvents({{"go", 0}, {"straight", .3}})));
        QVERIFY(!PhaseMap::of(anchors, withEvents({{"go", 2}, {"back", 1}})));
    }
};

QTEST_APPLESS_MAIN(TestPhaseMap)
#include "tst_phase_map.moc"
