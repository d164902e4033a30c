// A coach's years: 500 athletes, 20,000 repetitions. How long the library takes to open, list, load and change, and how
// large it is.
//   build/bin/bench-library [ATHLETES [FOLDER [PACKS]]]     FOLDER: the library is made there, and stays; PACKS: a
//   folder of skills, which the cases have in turn (without: a small one)

#include "store/library.h"
#include "core/pack/pack_reader.h"
#include "core/tables/json_walk.h"
#include "store/edit.h"
#include "support/made_trials.h"

#include <QCoreApplication>
#include <QDirIterator>
#include <QTemporaryDir>

#include <chrono>
#include <cstdio>
#include <cstdlib>
#include <random>
#include <vector>

namespace {

using namespace riflesso;
using Clock = std::chrono::steady_clock;

constexpr int kRepetitions = 40, kFramesEach = 5;
const char* const kNames[] = {"nose",       "left_shoulder", "left_elbow", "left_wrist", "left_hip",    "left_knee",
                              "left_ankle", "left_toe",      "right_hip",  "right_knee", "right_ankle", "right_toe"};

struct Skill {
    QString text;
    std::string first, last; ///< events that are marked
};
std::vector<Skill> skillsIn(const QString& folder) {
    std::vector<Skill> out;
    for (const QFileInfo& entry : QDir(folder).entryInfoList({QStringLiteral("*.json")}, QDir::Files, QDir::Name)) {
        QFile file(entry.filePath());
        if (!file.open(QIODevice::ReadOnly))
            continue;
        const QString text = QString::fromUtf8(file.readAll());
        if (const auto pack = loadPack(text.toStdString(), entry.fileName().toStdString());
            pack && pack->events.size() > 1)
            out.push_back({text, pack->events.front().id, pack->events.back().id});
    }
    return out;
}

double millisecondsSince(Clock::time_point start) {
    return std::chrono::duration<double, std::milli>(Clock::now() - start).count();
}

Result<void> addAthlete(Edit& edit, int number, const Skill& skill, std::mt19937& random) {
    std::uniform_real_distribution<double> place(0, 1000);
    Athlete athlete;
    athlete.name = QStringLiteral("Athlete %1").arg(number);
    const auto who = edit.addAthlete(athlete);
    const auto id = edit.addCase(*who, QStringLiteral("Skill"), skill.text);
    NewClip clip{QStringLiteral("Clip"), QStringLiteral("media/none.mp4"), QString(64, u'c'), 1920, 1080, {}};
    for (int i = 0; i < 100 * kRepetitions / 4; ++i)
        clip.timesS.push_back(i / 60.0);
    for (int s = 0; s < 4; ++s) { // four sessions of ten repetitions
        const auto session = edit.addSession(*id, QDate(2026, 1, 1).addDays(30 * s), QStringLiteral("Session"), false);
        const auto stored = edit.addClip(*session, clip, {});
        const auto section = edit.firstSection(*stored);
        for (int r = 0; r < kRepetitions / 4; ++r) {
            Repetition repetition;
            repetition.number = r + 1;
            repetition.from = 100 * r;
            repetition.to = 100 * r + 99;
            for (const char* name : kNames)
                for (int f = 0; f < kFramesEach; ++f)
                    repetition.marks[name][100 * r + 20 * f] = {{place(random), place(random)}, 2, "analyst"};
            repetition.events[skill.first] = {100.0 * r, {}, "analyst"};
            repetition.events[skill.last] = {100.0 * r + 20, {}, "analyst"};
            if (const auto added = edit.addRepetition(*section, repetition); !added)
                return added.error();
        }
    }
    return {};
}

std::int64_t bytesIn(const QString& folder) {
    std::int64_t sum = 0;
    QDirIterator files(folder, QDir::Files, QDirIterator::Subdirectories);
    while (files.hasNext())
        sum += QFileInfo(files.next()).size();
    return sum;
}

} // namespace

int main(int argc, char** argv) {
    const QCoreApplication app(argc, argv);
    const int athletes = argc > 1 ? std::atoi(argv[1]) : 500;
    const QTemporaryDir passing;
    const QString folder = argc > 2 ? QString::fromLocal8Bit(argv[2]) : passing.path();
    std::vector<Skill> skills;
    if (argc > 3)
        skills = skillsIn(QString::fromLocal8Bit(argv[3]));
    if (skills.empty())
        skills.push_back({QString::fromStdString(test::smallPack().dump()), "go", "down"});
    std::mt19937 random(1);
    {
        auto library = Library::open(folder);
        if (!library)
            return 1;
        const auto start = Clock::now();
        for (int i = 0; i < athletes; ++i) {
            const auto done = (*library)->change(QStringLiteral("Make"), [&](Edit& edit) {
                return addAthlete(edit, i, skills[static_cast<std::size_t>(i) % skills.size()], random);
            });
            if (!done || !(*library)->forgetUndo())
                return 1;
        }
        std::printf("%d athletes, %d repetitions, %zu skills made in %.1f s\n", athletes, athletes * kRepetitions,
                    skills.size(), millisecondsSince(start) / 1000);
    }
    auto start = Clock::now();
    auto library = Library::open(folder);
    const double opened = millisecondsSince(start);
    start = Clock::now();
    const auto cases = (*library)->cases();
    const double listed = millisecondsSince(start);
    start = Clock::now();
    const auto data = (*library)->loadCase(cases->at(cases->size() / 2).id);
    const double loaded = millisecondsSince(start);
    const RepetitionId one = data->sessions[0].clips[0].sections[0].repetitions[0].id;
    start = Clock::now();
    const auto changed = (*library)->change(QStringLiteral("Mark"), [&](Edit& edit) {
        return edit.setMark(one, "nose", 1, {{1, 1}, 2, "analyst"});
    });
    const double marked = millisecondsSince(start);
    if (!changed)
        return 1;
    const double bytes = static_cast<double>(bytesIn(folder));
    std::printf(
        "open %.0f ms, list %.1f ms, load one case of %d repetitions %.0f ms, one mark %.1f ms; %.0f MB on disk, "
        "%.1f kB a repetition\n",
        opened, listed, kRepetitions, loaded, marked, bytes / 1e6, bytes / 1e3 / athletes / kRepetitions);
}
