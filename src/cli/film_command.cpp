#include "cli/arguments.h"
#include "cli/commands.h"
#include "cli/files.h"
#include "cli/qt_life.h"
#include "core/tables/json_walk.h"
#include "report/names_left_out.h"
#include "store/library.h"
#include "takehome/clip_pictures.h"
#include "takehome/others_covered.h"
#include "takehome/seen_heads.h"
#include "takehome/take_home_film.h"
#include "takehome/walk_cut.h"
#include "takehome/walk_through.h"
#include "takehome/written_film.h"
#include "work/case_assessment.h"

#include <QCoreApplication>
#include <QDateTime>
#include <QRegularExpression>

#include <cstdio>

namespace riflesso::cli {
namespace {

constexpr const char* kFilmUsage =
    "film LIBRARY --case ID --kind walk|home|then-now|repetition|wall --out F.mp4|F.webm";
constexpr int kMostId = 2'000'000'000;

/// "athlete,model,others" or "all".
Result<FaceWish> facesFrom(const Arguments& arguments) {
    FaceWish wish;
    const QStringList asked =
        QString::fromStdString(arguments.value("cover").value_or("")).split(u',', Qt::SkipEmptyParts);
    for (const QString& who : asked)
        if (who == QLatin1String("athlete"))
            wish.athlete = true;
        else if (who == QLatin1String("model"))
            wish.model = true;
        else if (who == QLatin1String("others"))
            wish.others = true;
        else if (who == QLatin1String("all"))
            wish = {true, true, true};
        else
            return badInput("command line", "athlete, model, others or all in --cover", who.toStdString());
    return wish;
}

/// "3,5,7": one after another.
Result<std::vector<RepetitionId>> repetitionsFrom(const Arguments& arguments) {
    std::vector<RepetitionId> out;
    const auto asked = arguments.required("repetition");
    if (!asked)
        return asked.error();
    for (const QString& word : QString::fromStdString(*asked).split(u',')) {
        bool good = false;
        const int number = word.toInt(&good);
        if (!good || number < 1)
            return badInput("command line", "numbers of repetitions in --repetition, as 3 or 3,5", *asked);
        out.push_back({number});
    }
    return out;
}

Result<QSize> sizeFrom(const Arguments& arguments) {
    const QString text = QString::fromStdString(arguments.value("size").value_or("1280x720"));
    static const QRegularExpression kSize(QStringLiteral("^(\\d{3,4})x(\\d{3,4})$"));
    const auto match = kSize.match(text);
    if (!match.hasMatch())
        return badInput("command line", "--size as WIDTHxHEIGHT, 1280x720", text.toStdString());
    return QSize(match.captured(1).toInt(), match.captured(2).toInt());
}

/// Yes or no; `otherwise` where it is not said.
Result<bool> yesOrNo(const Arguments& arguments, const std::string& name, bool otherwise) {
    const auto word = arguments.value(name);
    if (!word)
        return otherwise;
    if (*word != "yes" && *word != "no")
        return badInput("command line", "yes or no in --" + name, *word);
    return *word == "yes";
}

/// The session of a day, or the newest of the athlete; its easiest level, or the one asked for.
Result<std::pair<SessionId, SetChoice>> setFrom(const Arguments& arguments, const CaseData& data) {
    const auto day = arguments.value("session");
    const QDate date = day ? QDate::fromString(QString::fromStdString(*day), Qt::ISODate) : QDate();
    if (day && !date.isValid())
        return badInput("command line", "a date in --session, as YYYY-MM-DD", *day);
    const auto word = arguments.value("stress");
    const auto level = word ? stressFrom(*word) : std::nullopt;
    if (word && !level)
        return badInput("command line", "a stress level in --stress", *word);
    const Session* chosen = nullptr;
    for (const Session& session : data.sessions)
        if (!session.isModel && !trialsOf(data, session.id, level).empty() && (!day || session.date == date))
            chosen = &session;
    if (!chosen)
        return badInput("case", "a session of the athlete with marked repetitions", "none");
    SetChoice choice(level);
    if (!level)
        if (const auto levels = commonLevels(data, chosen->id, chosen->id); !levels.empty())
            choice = SetChoice(levels.front());
    return std::pair(chosen->id, choice);
}

Json numbers(const std::vector<int>& list) {
    Json out = Json::array();
    for (const int each : list)
        out.push_back(each);
    return out;
}

} // namespace

Result<Json> filmCommand(const Words& words) {
    const auto arguments = Arguments::parse(words, {"case", "kind", "repetition", "walk", "measure", "session",
                                                    "stress", "cover", "unsure", "names", "size", "out"});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", kFilmUsage, std::to_string(arguments->plain().size()) + " libraries");
    const auto id = arguments->integer("case", 1, kMostId);
    const auto kind = arguments->required("kind");
    const auto out = arguments->required("out");
    const auto faces = facesFrom(*arguments);
    const auto size = sizeFrom(*arguments);
    const auto names = yesOrNo(*arguments, "names", true);
    for (const Error* wrong :
         {id ? nullptr : &id.error(), kind ? nullptr : &kind.error(), out ? nullptr : &out.error(),
          faces ? nullptr : &faces.error(), size ? nullptr : &size.error(), names ? nullptr : &names.error()})
        if (wrong)
            return *wrong;
    const std::string unsure = arguments->value("unsure").value_or("cover");
    if (unsure != "cover" && unsure != "stop")
        return badInput("command line", "cover or stop in --unsure", unsure);
    const QtLife qt;
    const auto library = Library::open(absolute(arguments->plain()[0]), Library::Mode::ReadOnly);
    if (!library)
        return library.error();
    const auto data = (*library)->loadCase(CaseId{*id});
    if (!data)
        return data.error();
    if (!consentsTo(data->athlete, HandedOnAs::Film, QDate::currentDate()))
        return badInput("case", "the athlete's consent to be filmed and shown", "none that holds today");
    const auto set = setFrom(*arguments, *data);
    if (!set)
        return set.error();
    const School school = schoolFrom(data->school.toStdString()).value_or(School::Root);
    const Assessment assessment = assess(assessmentInput(*data, set->first, set->second, school, QDate::currentDate()));
    const ReportContent content =
        composeReport({*data, assessment, set->first, set->second, QDateTime::currentDateTime(),
                       QStringLiteral("Riflesso ") + QCoreApplication::applicationVersion()});
    const FilmSubject subject{*data, assessment, set->first, set->second, content};
    Film film;
    if (*kind == "home") {
        film = takeHomeFilm(subject);
    } else if (*kind == "then-now") {
        film = thenAndNowFilm(subject);
        if (film.parts.empty())
            return badInput("case", "two sessions of the athlete with the same key event marked", "fewer");
    } else if (*kind == "repetition" || *kind == "wall") {
        const auto chosen = repetitionsFrom(*arguments);
        if (!chosen)
            return chosen.error();
        film = *kind == "wall" ? wallFilm(subject, *chosen)
                               : repetitionFilm(subject, *chosen, arguments->value("measure").value_or(""));
        if (film.parts.empty())
            return badInput("command line", "--repetition as the tables number them",
                            arguments->value("repetition").value_or(""));
    } else if (*kind == "walk") {
        const auto number = arguments->integer("walk", 1, kMostId);
        if (!number)
            return number.error();
        std::vector<WalkThrough> walks; // of all sessions, in their order
        for (const Session& session : data->sessions)
            for (WalkThrough& walk : walkThroughsOf((*library)->folder(), QString::fromStdString(session.uid)))
                walks.push_back(std::move(walk));
        if (static_cast<std::size_t>(*number) > walks.size())
            return badInput("command line", "--walk from 1 to " + std::to_string(walks.size()),
                            std::to_string(*number));
        WalkThrough& walk = walks[static_cast<std::size_t>(*number) - 1];
        useClips(walk, *data);
        const auto cut = cutOf(walk, data->walkCuts);
        if (!cut)
            return cut.error();
        film = walkFilm(walk, *cut);
    } else {
        return badInput("command line", "walk, home, then-now, repetition or wall in --kind", *kind);
    }
    if (film.speaks() && !consentsTo(data->athlete, HandedOnAs::Voice, QDate::currentDate()))
        return badInput("case", "the athlete's consent to hand on a voice", "none that holds today");
    coverFaces(film, *faces);
    const auto progress = [](const char* what) {
        return [what, last = -1](double share) mutable {
            if (const int percent = static_cast<int>(100 * share); percent != last)
                std::fprintf(stderr, "\r%s %d %%", what, last = percent);
            return true;
        };
    };
    const auto heads = lookForHeads(film, {}, besideProgram("share/riflesso/models"), progress("looking for heads"));
    if (!heads)
        return heads.error();
    useHeads(film, *heads);
    if (faces->others) {
        const auto others = coveredOthers(*data, framesOf(film), {}, progress("following others"));
        if (!others)
            return others.error();
        useOthers(film, *others, true);
    }
    if (!*names)
        leaveOutNames(film, namesIn(*data));
    const std::vector<int> doubtful = unsurePictures(film);
    if (!doubtful.empty() && unsure == "stop")
        return badInput("film", "whoever is covered surely known in every picture",
                        std::to_string(doubtful.size()) + " that are not sure, the first after " +
                            std::to_string(doubtful.front() / film.rate) + " s");
    const auto written =
        writeFilm(film, absolute(*out), *size, clipPictures((*library)->folder()), progress("writing"));
    std::fprintf(stderr, "\n");
    if (!written)
        return written.error();
    Json chapters = Json::array();
    for (const auto& [first, title] : film.chapters())
        chapters.push_back({{"from", static_cast<double>(first) / film.rate}, {"title", title.toStdString()}});
    const bool webm = out->ends_with(".webm");
    return Json{{"out", *out},
                {"seconds", written->seconds},
                {"frames", written->pictures},
                {"streams", !film.speaks() ? Json::array({webm ? "vp9" : "h264"})
                                           : Json::array({webm ? "vp9" : "h264", webm ? "opus" : "aac"})},
                {"chapters", chapters},
                {"captions", written->captions.isEmpty() ? Json() : Json(written->captions.toStdString())},
                {"cover", written->cover.toStdString()},
                {"unsure", numbers(doubtful)}};
}

} // namespace riflesso::cli
