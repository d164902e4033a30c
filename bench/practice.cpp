// A long log of practice: how long the verdicts of a whole case take, how long Progress takes to stand, and how long a
// repetition takes to be written down and shown.

#include "app/progress/practice_over_time.h"
#include "app/theme.h"
#include "app/workspace.h"
#include "work/practice_record.h"

#include <QApplication>
#include <QImage>
#include <QTemporaryDir>

#include <chrono>
#include <cstdio>
#include <random>

using namespace riflesso;

namespace {

double msSince(const std::chrono::steady_clock::time_point& start) {
    return std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count();
}

} // namespace

/// Of the demo library in argv[1], copied: 10,000 repetitions in its first case.
int main(int argc, char** argv) {
    QApplication application(argc, argv);
    theme::apply(application, theme::Choice::Light);
    if (argc != 2) {
        std::fprintf(stderr, "bench-practice LIBRARY, which it writes to\n");
        return 2;
    }
    Workspace workspace;
    if (const auto opened = workspace.open(QString::fromLocal8Bit(argv[1])); !opened) {
        std::fprintf(stderr, "%s\n", opened.error().sentence().c_str());
        return 1;
    }
    constexpr int kBlocks = 834, kEach = 12; // 10,008
    std::mt19937 random(1);
    const CaseId id = workspace.data().id;
    const std::vector<LadderDef> ladders = workspace.data().pack.ladders;
    workspace.apply(QStringLiteral("Many"), [&](Edit& edit) -> Result<void> {
        for (int b = 0; b < kBlocks; ++b) {
            const LadderDef& ladder = ladders[static_cast<std::size_t>(b) % ladders.size()];
            PracticeBlock block;
            block.fault = ladder.fault;
            block.drill = ladder.rungs[static_cast<std::size_t>(b / 7) % ladder.rungs.size()];
            block.condition.stress = static_cast<Stress>(b % 3);
            block.started = QDateTime(QDate(2024, 1, 1).addDays(b), QTime(17, 0)).toUTC();
            for (int i = 0; i < kEach; ++i)
                block.repetitions.push_back(
                    {0, random() % 3 > 0, {}, i % 3 == 0, Told::None, block.started.addSecs(i)});
            block.ended = block.repetitions.back().at;
            if (auto made = edit.addPracticeBlock(id, block); !made)
                return made.error();
        }
        return {};
    });
    const CaseData& data = workspace.data();
    auto start = std::chrono::steady_clock::now();
    const PracticeRecord record = practiceRecord(data, {}, {}, {}, QDate(2026, 11, 29));
    std::printf("%zu repetitions: verdicts of %zu charts in %.1f ms\n", data.loggedRepetitions(), record.charts.size(),
                msSince(start));
    PracticeOverTime page(workspace, nullptr);
    page.resize(1150, 640);
    start = std::chrono::steady_clock::now();
    page.refresh();
    QImage canvas(page.size(), QImage::Format_ARGB32_Premultiplied);
    page.render(&canvas);
    const double shown = msSince(start);
    std::printf("Progress stands after %.1f ms (200 asked for)\n", shown);
    start = std::chrono::steady_clock::now();
    constexpr int kLogged = 20;
    for (int i = 0; i < kLogged; ++i) {
        const PracticeBlock& last = workspace.data().practice.back();
        workspace.apply(QStringLiteral("Log"), [&](Edit& edit) {
            return edit.addPractice(id, last.id, {0, true, {}, {}, Told::None, QDateTime::currentDateTimeUtc()});
        });
    }
    std::printf("a repetition is written down and read again in %.1f ms\n", msSince(start) / kLogged);
    return shown <= 200 ? 0 : 1;
}
