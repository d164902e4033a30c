// From clips to findings as the network alone would have it: of each demo case the first session's repetitions lose
// their marks and key events, are proposed anew, confirmed where they are sure, and assessed. How long that takes, and
// what is found beside what the demo's own marks find.
//   build/bin/bench-whole LIBRARY [CASE…]      LIBRARY: the demo's; nothing in it is changed

#include "core/judge/assessment.h"
#include "store/library.h"
#include "work/case_assessment.h"
#include "work/propose_marks.h"

#include <QCoreApplication>

#include <algorithm>
#include <chrono>
#include <cstdio>

namespace {

using namespace riflesso;
using Clock = std::chrono::steady_clock;

double since(Clock::time_point start) { return std::chrono::duration<double>(Clock::now() - start).count(); }

/// "late_arm! knee_in (trunk)": clear, possible, not present; as they rank.
std::string ranking(const Assessment& assessment) {
    std::string out;
    for (const Finding& finding : assessment.findings.ranked)
        out += finding.present ? finding.fault + (finding.state == State::Clear ? "! " : " ") : "";
    return out.empty() ? "nothing" : out;
}

void run(const CaseData& own) {
    const Session* first = nullptr;
    for (const Session& session : own.sessions)
        if (!session.isModel && (!first || session.date < first->date))
            first = &session;
    if (!first)
        return;
    const QDate today(2026, 11, 30);
    const Assessment before = assess(assessmentInput(own, first->id, {}, School::Root, today));
    CaseData data = own;
    std::vector<RepetitionId> ids;
    int frames = 0;
    for (Session& session : data.sessions)
        if (session.id == first->id)
            for (Clip& clip : session.clips)
                for (Section& section : clip.sections)
                    for (Repetition& repetition : section.repetitions) {
                        repetition.marks.clear();
                        repetition.events.clear();
                        ids.push_back(repetition.id);
                        frames += repetition.to - repetition.from + 1;
                    }
    const auto start = Clock::now();
    SectionHabits habits;
    std::size_t marks = 0, doubtful = 0;
    for (const RepetitionId id : ids) {
        const auto proposal = proposeRepetitions(data, {id}, MODELS, {}, habits, [](double) { return true; });
        if (!proposal) {
            std::fprintf(stderr, "%s\n", proposal.error().sentence().c_str());
            return;
        }
        habits = proposal->habits;
        for (Session& session : data.sessions)
            for (Clip& clip : session.clips)
                for (Section& section : clip.sections)
                    for (Repetition& repetition : section.repetitions)
                        if (repetition.id == id) {
                            repetition.marks = proposal->repetitions.front().marks;
                            repetition.events = proposal->repetitions.front().events;
                            for (const auto& [landmark, track] : repetition.marks)
                                for (const auto& [frame, mark] : track) {
                                    ++marks;
                                    doubtful += isDoubtful(mark.source);
                                }
                        }
    }
    const double proposed = since(start);
    const auto assessing = Clock::now();
    const Assessment after = assess(assessmentInput(data, first->id, {}, School::Root, today));
    std::printf(
        "%s, %s: %zu repetitions, %d pictures; proposed in %.1f s (%.1f s each), assessed in %.2f s; %zu marks, "
        "%.0f %% doubtful\n  by its own marks: %s\n  by the network:   %s\n",
        own.athlete.name.toUtf8().constData(), own.pack.id.c_str(), ids.size(), frames, proposed,
        proposed / static_cast<double>(ids.size()), since(assessing), marks,
        100.0 * static_cast<double>(doubtful) / static_cast<double>(std::max<std::size_t>(1, marks)),
        ranking(before).c_str(), ranking(after).c_str());
    std::fflush(stdout);
}

} // namespace

int main(int argc, char** argv) {
    if (argc < 2) {
        std::fputs("usage: bench-whole LIBRARY [CASE…]\n", stderr);
        return 2;
    }
    const QCoreApplication qt(argc, argv);
    const auto library = Library::open(QString::fromLocal8Bit(argv[1]), Library::Mode::ReadOnly);
    if (!library) {
        std::fprintf(stderr, "%s\n", library.error().sentence().c_str());
        return 2;
    }
    const auto cases = (*library)->cases();
    for (const CaseEntry& entry : *cases) {
        if (argc > 2 &&
            std::none_of(argv + 2, argv + argc, [&](const char* id) { return std::atoll(id) == entry.id.value; }))
            continue;
        if (const auto data = (*library)->loadCase(entry.id))
            run(*data);
    }
    return 0;
}
