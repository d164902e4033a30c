// Mirror with 16 repetitions and 25 measures on 1080p clips: how long until the page is there, a linked step of both
// pictures, a picture of the wall, and a new order of the findings. Steps and wall stand beside what libavcodec alone
// takes for the same pictures, in the same run.
//   QT_QPA_PLATFORM=offscreen build/bin/bench-mirror FOLDER
// FOLDER takes a demo library whose clips are made 1920 × 1080 by ffmpeg; it is used again the next time.

#include "plain_decoder.h"
#include "window_time.h"

#include "app/main_window.h"
#include "app/mirror/wall.h"
#include "app/theme.h"
#include "app/widgets/stage_view.h"
#include "core/tables/json_walk.h"
#include "demo/demo_library.h"
#include "work/clip_files.h"

#include <QApplication>
#include <QDir>
#include <QEventLoop>
#include <QKeyEvent>
#include <QProcess>
#include <QTimer>

#include <algorithm>
#include <cstdio>
#include <vector>

namespace {

using namespace riflesso;
template <typename Until> bool waitFor(const Until& until, double mostMs = 20000) {
    const auto start = Clock::now();
    QTimer wake; // sleeps in between: a loop that asks without a break takes a core from the decoders
    wake.start(5);
    while (!until()) {
        if (millisecondsSince(start) > mostMs)
            return false;
        QCoreApplication::processEvents(QEventLoop::WaitForMoreEvents);
    }
    return true;
}
double within(std::vector<double> values, double share) {
    std::sort(values.begin(), values.end());
    return values[std::min(values.size() - 1, static_cast<std::size_t>(share * static_cast<double>(values.size())))];
}

/// The pack with copies of its measures until there are 25.
QString manyMeasures(const QString& packText) {
    constexpr std::size_t kMeasures = 25;
    Json pack = Json::parse(packText.toStdString());
    const std::size_t own = pack["measures"].size();
    for (std::size_t i = 0; pack["measures"].size() < kMeasures; ++i) {
        Json copy = pack["measures"][i % own];
        copy["id"] = copy["id"].get<std::string>() + "_again" + std::to_string(i / own);
        copy.erase("trade_with");
        pack["measures"].push_back(copy);
    }
    return QString::fromStdString(pack.dump());
}

Section twiceAsLarge(Section section, double by) {
    for (Repetition& repetition : section.repetitions) {
        repetition.sameAs = {};
        for (auto& [name, marks] : repetition.marks)
            for (auto& [frame, mark] : marks)
                mark.at = {mark.at.x * by, mark.at.y * by};
    }
    section.metresPerPixel.reset();
    section.knownLengths.clear();
    return section;
}

/// Adds the case; each clip of the athlete's baseline twice, the models once.
Result<CaseId> addLargeCase(Library& library, const CaseData& data, const QString& folder) {
    std::map<QString, QString> large;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips) {
            const QString made = folder + u'/' + QFileInfo(clip.path).completeBaseName() + QStringLiteral("_1080.mp4");
            large[clip.path] = made;
            if (!QFile::exists(made) && (session.isModel || session.title == QStringLiteral("Baseline")))
                QProcess::execute(QStringLiteral("ffmpeg"),
                                  {QStringLiteral("-v"), QStringLiteral("error"), QStringLiteral("-y"),
                                   QStringLiteral("-i"), clip.path, QStringLiteral("-vf"),
                                   QStringLiteral("scale=1920:1080"), QStringLiteral("-c:v"), QStringLiteral("libx264"),
                                   QStringLiteral("-crf"), QStringLiteral("20"), made});
        }
    const auto pack = library.packText(data.id);
    if (!pack)
        return pack.error();
    CaseId made;
    const auto done = library.change(QStringLiteral("Large"), [&](Edit& edit) -> Result<void> {
        const auto id = edit.addCase(data.athlete.id, QStringLiteral("Large"), manyMeasures(*pack));
        if (!id)
            return id.error();
        made = *id;
        for (const Guesser whose : {Guesser::Athlete, Guesser::Analyst}) // who is not asked sees results at once
            if (auto said = edit.sayNotAsked(made, whose, data.sessions.front().date); !said)
                return said;
        for (const Session& session : data.sessions) {
            if (!session.isModel && session.title != QStringLiteral("Baseline"))
                continue;
            const auto to = edit.addSession(made, session.date, session.title, session.isModel);
            if (!to)
                return to.error();
            for (int copy = 0; copy < (session.isModel ? 1 : 2); ++copy)
                for (const Clip& clip : session.clips) {
                    auto facts = describeClip(large[clip.path], large[clip.path], clip.title);
                    if (!facts)
                        return facts.error();
                    for (const Section& section : clip.sections) {
                        if (!session.isModel && section.stress != Stress::Calm)
                            continue;
                        const Section bigger = twiceAsLarge(section, 1920.0 / clip.width);
                        const auto added = edit.addClip(*to, *facts, bigger);
                        if (!added)
                            return added.error();
                        const auto first = edit.firstSection(*added);
                        if (!first)
                            return first.error();
                        for (Repetition repetition : bigger.repetitions) {
                            repetition.number += 100 * copy;
                            if (const auto r = edit.addRepetition(*first, repetition); !r)
                                return r.error();
                        }
                    }
                }
        }
        return {};
    });
    return done ? Result<CaseId>(made) : Result<CaseId>(done.error());
}

/// What libavcodec takes to decode what the wall shows, each clip once from the first picture to the last, ms.
double plainTime(const Wall& wall, const CaseData& data) {
    std::map<QString, std::set<int>> shown;
    for (const WallTile& tile : wall.tiles())
        shown[tile.clipPath].insert(tile.frames.begin(), tile.frames.end());
    double ms = 0;
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            if (const auto frames = shown.extract(clip.path)) {
                PlainDecoder plain(clip.path.toStdString());
                const auto start = Clock::now();
                plain.decodeTo((*clip.timesS)[static_cast<std::size_t>(*frames.mapped().begin())]);
                plain.decodeOnTo((*clip.timesS)[static_cast<std::size_t>(*frames.mapped().rbegin())]);
                ms += millisecondsSince(start);
            }
    return ms;
}

int failed(const Error& error) {
    std::fprintf(stderr, "%s\n", error.sentence().c_str());
    return 2;
}

} // namespace

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    if (argc != 2) {
        std::fputs("usage: bench-mirror FOLDER\n", stderr);
        return 2;
    }
    const QString folder = QDir(QString::fromLocal8Bit(argv[1])).absolutePath(),
                  library = folder + QStringLiteral("/library");
    QDir().mkpath(library);
    theme::apply(app, theme::Choice::Light);
    if (!QFile::exists(library + QStringLiteral("/library.sqlite")))
        if (const auto built =
                buildDemoLibrary(library, DemoSources::besideProgram(QCoreApplication::applicationDirPath()));
            !built)
            return failed(built.error());
    Workspace workspace;
    MainWindow window(workspace);
    window.resize(1280, 800);
    if (const auto opened = workspace.open(library); !opened)
        return failed(opened.error());
    CaseId large;
    CaseEntry lunge;
    const auto cases = workspace.library()->cases();
    for (const CaseEntry& entry : *cases) {
        if (entry.title == QStringLiteral("Large"))
            large = entry.id;
        else if (entry.athlete == QStringLiteral("Ilka Sandrey"))
            lunge = entry;
    }
    if (!large) {
        const auto data = workspace.library()->loadCase(lunge.id);
        if (!data)
            return failed(data.error());
        const auto made = addLargeCase(*workspace.library(), *data, folder);
        if (!made)
            return failed(made.error());
        large = *made;
    }
    workspace.selectCase(large);
    window.showPage(QStringLiteral("settings"));
    window.show();
    const auto quiet = [&] { return workspace.assessment() && !workspace.assessing() && workspace.jobs().idle(); };
    if (!waitFor(quiet))
        return failed(badInput("bench-mirror", "an assessment", "none"));
    std::printf("%zu repetitions, %zu measures, pictures %d x %d\n", workspace.assessment()->measures.size(),
                workspace.data().pack.measures.size(), workspace.place().clip->width, workspace.place().clip->height);

    auto* own = window.findChild<StageView*>(QStringLiteral("athleteStage"));
    auto* other = window.findChild<StageView*>(QStringLiteral("modelStage"));
    auto start = Clock::now();
    window.showPage(QStringLiteral("mirror"));
    settle();
    std::printf("opening Mirror: page %.0f ms", millisecondsSince(start));
    waitFor([&] { return !own->image().isNull() && !other->image().isNull(); });
    std::printf(", with both pictures %.0f ms\n", millisecondsSince(start));

    Page* page = window.page(QStringLiteral("mirror"));
    const auto press = [&](int key) {
        QKeyEvent event(QEvent::KeyPress, key, {});
        QCoreApplication::sendEvent(page, &event);
    };
    PlainDecoder ownPlain(own->source().clipPath.toStdString()), otherPlain(other->source().clipPath.toStdString());
    const auto timeOf = [&](const StageView* stage) {
        for (const Session& session : workspace.data().sessions)
            for (const Clip& clip : session.clips)
                if (clip.path == stage->source().clipPath)
                    return (*clip.timesS)[static_cast<std::size_t>(stage->source().frame)];
        return 0.0;
    };
    ownPlain.decodeTo(timeOf(own));
    otherPlain.decodeTo(timeOf(other));
    // Forwards through the whole movement and back. A step ends when both pictures that change are painted.
    for (const int key : {Qt::Key_Right, Qt::Key_Left}) {
        const bool forwards = key == Qt::Key_Right;
        std::vector<double> steps, plain;
        constexpr int kSteps = 60;
        for (int i = 0; i < kSteps; ++i) {
            const auto ownBefore = own->image().cacheKey(), otherBefore = other->image().cacheKey();
            const QString otherWords = other->accessibleDescription(), ownWords = own->accessibleDescription();
            start = Clock::now();
            press(key);
            const bool moves = own->accessibleDescription() != ownWords,
                       otherMoves = other->accessibleDescription() != otherWords;
            waitFor(
                [&] {
                    return (!moves || own->image().cacheKey() != ownBefore) &&
                           (!otherMoves || other->image().cacheKey() != otherBefore);
                },
                500);
            settle(); // what has not been painted yet
            if (!moves)
                continue;
            steps.push_back(millisecondsSince(start));
            // The one thread after the other: both have as many of their own as ours.
            start = Clock::now();
            forwards ? ownPlain.decodeOnTo(timeOf(own)) : ownPlain.decodeTo(timeOf(own));
            if (otherMoves)
                forwards ? otherPlain.decodeOnTo(timeOf(other)) : otherPlain.decodeTo(timeOf(other));
            plain.push_back(millisecondsSince(start));
        }
        std::printf("linked steps %s: %zu, median %.1f ms, 95 %% within %.1f ms; libavcodec %.1f and %.1f ms (%.2f)\n",
                    forwards ? "forwards" : "back", steps.size(), within(steps, .5), within(steps, .95),
                    within(plain, .5), within(plain, .95), within(steps, .95) / within(plain, .95));
    }

    auto* wall = window.findChild<Wall*>(QStringLiteral("wall"));
    press(Qt::Key_W);
    start = Clock::now();
    waitFor([&] { return wall->fetched() >= 1; }, 300000);
    const double fetchedMs = millisecondsSince(start);
    std::printf("wall of %zu: pictures fetched in %.1f s", wall->tiles().size(), fetchedMs / 1000);
    std::printf(" (of libavcodec's time %.2f)", fetchedMs / plainTime(*wall, workspace.data()));
    std::vector<double> paints;
    for (int percent = 0; percent <= 100; ++percent) {
        start = Clock::now();
        wall->setPhase(percent);
        wall->repaint();
        paints.push_back(millisecondsSince(start));
    }
    std::printf(", a picture of it median %.1f ms, 95 %% within %.1f ms\n", within(paints, .5), within(paints, .95));

    window.showPage(QStringLiteral("findings"));
    waitFor([&] { return quiet() && workspace.frames().underWay() == 0; }); // the page stands, with its pictures
    settle();
    std::vector<double> ranked;
    for (const char* school : {"effect", "ground", "earliest", "root", "effect", "root"}) {
        start = Clock::now();
        workspace.apply(QStringLiteral("School"),
                        [&](Edit& edit) { return edit.setSchool(large, QString::fromLatin1(school)); });
        waitFor([&] { return workspace.assessment() && !workspace.assessing(); });
        settle();
        ranked.push_back(millisecondsSince(start));
    }
    std::printf("another school: ranked and shown in median %.0f ms, at most %.0f ms\n", within(ranked, .5),
                *std::max_element(ranked.begin(), ranked.end()));
}
