#include "cli/arguments.h"
#include "cli/commands.h"
#include "demo/demo_library.h"
#include "media/clip_reader.h"
#include "report/report_content.h"
#include "store/library.h"

#include <QCoreApplication>
#include <QDir>
#include <QGuiApplication>

#include <map>
#include <memory>

namespace riflesso::cli {
namespace {

/// Qt's application object, which its plugins (SQL, fonts) want; without a display.
struct QtLife {
    QtLife() {
        qputenv("QT_QPA_PLATFORM", "offscreen");
        static int argc = 1;
        static char name[] = "riflesso-cli";
        static char* argv[] = {name, nullptr};
        app = std::make_unique<QGuiApplication>(argc, argv);
    }
    std::unique_ptr<QGuiApplication> app;
};

QString absolute(const std::string& path) { return QDir::current().absoluteFilePath(QString::fromStdString(path)); }

Json strings(const QStringList& list) {
    Json out = Json::array();
    for (const QString& entry : list)
        out.push_back(entry.toStdString());
    return out;
}

} // namespace

Result<Json> demo(const Words& words) {
    const auto arguments = Arguments::parse(words, {});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", "demo DIR", std::to_string(arguments->plain().size()) + " words");
    const QtLife qt;
    const QString folder = absolute(arguments->plain()[0]);
    if (const auto built = buildDemoLibrary(folder, DemoSources::besideProgram(QCoreApplication::applicationDirPath()));
        !built)
        return built.error();
    return Json{{"library", arguments->plain()[0]}};
}

Result<Json> verify(const Words& words) {
    const auto arguments = Arguments::parse(words, {});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", "verify LIBRARY", std::to_string(arguments->plain().size()) + " words");
    const QtLife qt;
    const auto library = Library::open(absolute(arguments->plain()[0]), Library::Mode::ReadOnly);
    if (!library)
        return library.error();
    const auto check = (*library)->verify();
    if (!check)
        return check.error();
    return Json{{"ok", check->sound},
                {"version", check->version},
                {"problems", strings(check->problems)},
                {"missing_media", strings(check->missingMedia)},
                {"athletes", check->athletes},
                {"cases", check->cases},
                {"clips", check->clips},
                {"repetitions", check->repetitions},
                {"marks", check->marks}};
}

Result<Json> report(const Words& words) {
    const auto arguments = Arguments::parse(words, {"assessment", "out"});
    if (!arguments)
        return arguments.error();
    if (arguments->plain().size() != 1)
        return badInput("command line", "report LIBRARY --assessment ID --out R.pdf", "another number of words");
    const auto id = arguments->integer("assessment", 1, 2'000'000'000);
    if (!id)
        return id.error();
    const auto out = arguments->required("out");
    if (!out)
        return out.error();
    const QtLife qt;
    const auto library = Library::open(absolute(arguments->plain()[0]), Library::Mode::ReadOnly);
    if (!library)
        return library.error();
    const auto stored = (*library)->loadAssessment({*id});
    if (!stored)
        return stored.error();
    const auto content = reportFromJson(stored->content, QStringLiteral("assessment %1").arg(*id));
    if (!content)
        return content.error();
    std::map<QString, std::unique_ptr<ClipReader>> readers;
    const QDir root((*library)->folder());
    int missing = 0;
    const PictureSource pictures = [&](const QString& path, int frame) {
        std::unique_ptr<ClipReader>& reader = readers[path];
        if (!reader) {
            auto opened = ClipReader::open(root.absoluteFilePath(path).toStdString());
            if (opened)
                reader = std::move(*opened);
        }
        const auto picture = reader ? reader->frame(frame) : Result<Picture>(badInput("", "", ""));
        if (!picture) {
            ++missing;
            return QImage();
        }
        return QImage(picture->rgb->data(), picture->width, picture->height, 3 * picture->width, QImage::Format_RGB888)
            .copy();
    };
    if (const auto written = writePdf(*content, pictures, absolute(*out)); !written)
        return written.error();
    return Json{{"out", *out}, {"assessment", *id}, {"pictures_missing", missing}};
}

} // namespace riflesso::cli
