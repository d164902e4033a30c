#include "takehome/take_home_folder.h"

#include "report/language.h"
#include "report/report_text.h"
#include "takehome/film_painter.h"
#include "takehome/written_film.h"

#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QSaveFile>
#include <QTemporaryDir>
#include <QUrl>

#include <numeric>

namespace riflesso {
namespace {

/// The page that opens on any telephone: no script, nothing from elsewhere.
class IndexPage {
public:
    IndexPage(const QString& title, const QString& subtitle) {
        html_ = QStringLiteral(
                    "<!DOCTYPE html>\n<html lang=\"%3\">\n<head>\n<meta charset=\"utf-8\"/>\n"
                    "<meta name=\"viewport\" content=\"width=device-width, initial-scale=1\"/>\n<title>%1</title>\n"
                    "<style>body{font-family:sans-serif;max-width:46em;margin:0 auto;padding:1em;color:#1D2B30;"
                    "background:#F6F2EA}h1{margin-bottom:0}h2{margin-top:1.6em}video,img{width:100%;border-radius:4px}"
                    "li{margin:.4em 0}a{color:#17748A}.quiet{color:#55656B}.care{color:#A8321F}</style>\n</head>\n"
                    "<body>\n<h1>%1</h1>\n<p class=\"quiet\">%2</p>\n")
                    .arg(title.toHtmlEscaped(), subtitle.toHtmlEscaped(), spokenLanguage());
    }
    void film(const QString& title, const QString& file, const QString& captions, const QString& cover) {
        html_ += QStringLiteral("<h2>%1</h2>\n<video controls=\"controls\" preload=\"metadata\" poster=\"%2\" "
                                "src=\"%3\">")
                     .arg(title.toHtmlEscaped(), url(cover), url(file));
        if (!captions.isEmpty())
            html_ += QStringLiteral("<track kind=\"captions\" srclang=\"%3\" label=\"%1\" src=\"%2\"/>")
                         .arg(Report::tr("captions").toHtmlEscaped(), url(captions), spokenLanguage());
        html_ += QStringLiteral("</video>\n<p><a href=\"%1\">%1</a></p>\n").arg(url(file));
    }
    void heading(const QString& words) { html_ += QStringLiteral("<h2>%1</h2>\n").arg(words.toHtmlEscaped()); }
    void links(const std::vector<std::pair<QString, QString>>& files) {
        html_ += QStringLiteral("<ul>\n");
        for (const auto& [file, words] : files)
            html_ += QStringLiteral("<li><a href=\"%1\">%2</a></li>\n").arg(url(file), words.toHtmlEscaped());
        html_ += QStringLiteral("</ul>\n");
    }
    void picture(const QString& file, const QString& words) {
        html_ += QStringLiteral("<p><img src=\"%1\" alt=\"%2\"/><br/>%2</p>\n").arg(url(file), words.toHtmlEscaped());
    }
    void care(const QString& words) {
        html_ += QStringLiteral("<p class=\"care\">%1</p>\n").arg(words.toHtmlEscaped());
    }
    [[nodiscard]] QByteArray whole() const { return (html_ + QStringLiteral("</body>\n</html>\n")).toUtf8(); }

private:
    static QString url(const QString& file) { return QString::fromLatin1(QUrl::toPercentEncoding(file, "/")); }
    QString html_;
};

class Folder {
public:
    explicit Folder(const QString& path) : dir_(path) {}
    [[nodiscard]] QString path(const QString& name) const { return dir_.filePath(name); }
    Result<void> bytes(const QString& name, const QByteArray& content) {
        QSaveFile file(path(name));
        if (!file.open(QIODevice::WriteOnly) || file.write(content) != content.size() || !file.commit())
            return fault(path(name).toStdString(), "could not be written: " + file.errorString().toStdString());
        return {};
    }

private:
    QDir dir_;
};

/// One thing to write: how much of the work it is, and what does it.
struct Task {
    double weight;
    std::function<Result<void>(const GoOn& goOn)> write;
};

Result<void> savePng(const QImage& image, const QString& path) {
    QSaveFile file(path);
    if (!file.open(QIODevice::WriteOnly) || !image.save(&file, "PNG") || !file.commit())
        return fault(path.toStdString(), "could not be written: " + file.errorString().toStdString());
    return {};
}

QString freeName(const QString& folder) {
    QString name = folder;
    for (int i = 2; QFileInfo::exists(name); ++i)
        name = QStringLiteral("%1 %2").arg(folder).arg(i);
    return name;
}

/// "Key positions" as a file's name.
QString fileWord(const QString& words) {
    QString out;
    for (const QChar c : words.toLower())
        out += c.isLetterOrNumber() ? c : u'-';
    while (out.contains(QStringLiteral("--")))
        out.replace(QStringLiteral("--"), QStringLiteral("-"));
    return out;
}

} // namespace

Result<HandedOver> writeFolder(const HandOver& what, const QString& folder, const PictureSource& pictures,
                               const GoOn& goOn) {
    const QString target = freeName(QDir::cleanPath(folder));
    const QString above = QFileInfo(target).absolutePath();
    if (!QDir().mkpath(above) || !QFileInfo(above).isWritable())
        return badInput(above.toStdString(), "a folder that can be written to", "no write");
    QTemporaryDir staging(above + QStringLiteral("/.handing-over-XXXXXX"));
    if (!staging.isValid())
        return badInput(above.toStdString(), "a folder that can be written to", staging.errorString().toStdString());
    Folder out(staging.path());
    IndexPage index(what.content.athlete, what.content.skill + QStringLiteral(" · ") + what.content.made);
    std::vector<Task> tasks;
    std::vector<std::pair<QString, QString>> papers, others;
    struct Written {
        QString file, captions, cover, title;
    };
    std::vector<Written> films;
    std::vector<std::pair<QString, QString>> stills;
    for (const Paper paper : what.papers) {
        const QString name = paperFileWord(paper) + QStringLiteral(".pdf");
        papers.emplace_back(name, paperName(paper));
        tasks.push_back(
            {1, [&, paper, name](const GoOn&) { return writePdf(what.content, paper, pictures, out.path(name)); }});
    }
    for (const HandOver::NamedFilm& film : what.films) {
        const QString name = film.file + u'.' + what.filmEnding;
        tasks.push_back({film.film.seconds(), [&, name](const GoOn& own) -> Result<void> {
                             const auto written = writeFilm(film.film, out.path(name), what.filmSize, pictures, own);
                             if (!written)
                                 return written.error();
                             films.push_back({name, QFileInfo(written->captions).fileName(),
                                              QFileInfo(written->cover).fileName(), film.title});
                             return {};
                         }});
    }
    std::vector<std::pair<QString, QString>> held;
    for (const HandOver::NamedFilm& film : what.series) {
        int number = 0;
        for (const auto& [picture, words] : film.film.heldPictures()) {
            const QString name = QStringLiteral("%1-%2.png").arg(film.file).arg(++number, 2, 10, QLatin1Char('0'));
            held.emplace_back(name, words);
            tasks.push_back({.3, [&, name, picture = picture](const GoOn&) -> Result<void> {
                                 QImage image(what.filmSize, QImage::Format_RGB32);
                                 paintFilm(image, film.film, picture, pictures);
                                 return savePng(image, out.path(name));
                             }});
        }
    }
    if (what.pictures) {
        int number = 0;
        for (const ReportContent::Position& position : what.content.positions)
            for (const auto* ref : {&position.own, &position.model}) {
                if (!*ref)
                    continue;
                const QString name = QStringLiteral("%1-%2-%3.png")
                                         .arg(++number, 2, 10, QLatin1Char('0'))
                                         .arg(fileWord(position.title),
                                              (*ref)->ofModel ? QStringLiteral("model") : QStringLiteral("athlete"));
                stills.emplace_back(name, position.title + QStringLiteral(": ") + (*ref)->caption);
                tasks.push_back(
                    {.3, [&, name, ref = &**ref](const GoOn&) -> Result<void> {
                         const PictureSource seen = [&](const QString& path, int frame) {
                             const QImage filmed = pictures(path, frame);
                             return ref->turnedOver ? filmed.mirrored(true, false) : filmed;
                         };
                         return savePng(keyPicture(*ref, what.content.lines, seen, {1280, 960}), out.path(name));
                     }});
            }
    }
    if (!what.calendar.isEmpty()) {
        others.emplace_back(QStringLiteral("plan.ics"), Report::tr("dates of the plan, for any calendar"));
        tasks.push_back({.1, [&](const GoOn&) { return out.bytes(QStringLiteral("plan.ics"), what.calendar); }});
    }
    if (what.archive) {
        others.emplace_back(QStringLiteral("case.zip"),
                            Report::tr("the whole case, for this program on another machine"));
        tasks.push_back({10, [&](const GoOn& own) { return what.archive(out.path(QStringLiteral("case.zip")), own); }});
    }
    if (tasks.empty())
        return badInput("hand-over", "something to take home", "nothing that is ticked");

    const double all = std::accumulate(tasks.begin(), tasks.end(), 0.0,
                                       [](double sum, const Task& task) { return sum + task.weight; });
    double done = 0;
    for (const Task& task : tasks) {
        const auto own = [&](double share) { return !goOn || goOn((done + share * task.weight) / all); };
        if (!own(0))
            return cancelled();
        if (const auto written = task.write(own); !written)
            return written.error();
        done += task.weight;
    }
    for (const Written& film : films)
        index.film(film.title, film.file, film.captions, film.cover);
    if (!papers.empty()) {
        index.heading(Report::tr("On paper"));
        index.links(papers);
    }
    if (!others.empty()) {
        index.heading(Report::tr("Besides"));
        index.links(others);
    }
    if (!held.empty()) {
        index.heading(Report::tr("Step by step"));
        for (const auto& [file, words] : held)
            index.picture(file, words);
    }
    if (!stills.empty()) {
        index.heading(Report::tr("Key positions"));
        for (const auto& [file, words] : stills)
            index.picture(file, words);
    }
    if (!what.content.cautions.isEmpty())
        index.care(what.content.cautions.back());
    if (const auto written = out.bytes(QStringLiteral("index.html"), index.whole()); !written)
        return written.error();
    if (goOn && !goOn(1))
        return cancelled();
    HandedOver result{target, {QStringLiteral("index.html")}, 0};
    for (const QFileInfo& file : QDir(staging.path()).entryInfoList(QDir::Files, QDir::Name)) {
        result.bytes += file.size();
        if (file.fileName() != result.files.front())
            result.files << file.fileName();
    }
    if (!QDir().rename(staging.path(), target))
        return fault(target.toStdString(), "the folder could not take its name");
    staging.setAutoRemove(false);
    QFile::setPermissions(target, QFile::permissions(target) | QFile::ReadGroup | QFile::ExeGroup | QFile::ReadOther |
                                      QFile::ExeOther); // a temporary folder is for its owner alone
    return result;
}

} // namespace riflesso
