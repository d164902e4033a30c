// Writing a film beside the ffmpeg program: how long the take-home film of the demo's first case takes at 1920 x 1080,
// of that painting alone, and how long ffmpeg takes to encode the same pictures given raw as 4:2:0 (x264 medium, CRF
// 20, two threads). A ratio in one run.
//   QT_QPA_PLATFORM=offscreen build/bin/bench-film LIBRARY FOLDER [SECONDS]

#include "store/library.h"
#include "takehome/clip_pictures.h"
#include "takehome/film_painter.h"
#include "takehome/take_home_film.h"
#include "takehome/written_film.h"
#include "work/case_assessment.h"

#include <QDate>
#include <QFileInfo>
#include <QGuiApplication>
#include <QProcess>

#include <sys/resource.h>

#include <chrono>
#include <cstdio>

using namespace riflesso;

namespace {

using Clock = std::chrono::steady_clock;
double since(Clock::time_point start) { return std::chrono::duration<double>(Clock::now() - start).count(); }

bool ran(const QString& program, const QStringList& words) {
    QProcess process;
    process.setProcessChannelMode(QProcess::ForwardedErrorChannel);
    process.start(program, words);
    return process.waitForFinished(-1) && process.exitCode() == 0;
}

} // namespace

int main(int argc, char** argv) {
    QGuiApplication app(argc, argv);
    if (argc < 3) {
        std::fprintf(stderr, "bench-film LIBRARY FOLDER [SECONDS]\n");
        return 2;
    }
    const auto library = Library::open(QString::fromLocal8Bit(argv[1]), Library::Mode::ReadOnly);
    if (!library) {
        std::fprintf(stderr, "%s\n", library.error().sentence().c_str());
        return 2;
    }
    const CaseData data = *(*library)->loadCase((*library)->cases()->front().id);
    const SessionId session = data.sessions.front().id;
    const SetChoice choice(commonLevels(data, session, session).front());
    const Assessment assessment = assess(assessmentInput(data, session, choice, School::Root, QDate::currentDate()));
    const ReportContent content =
        composeReport({data, assessment, session, choice, QDateTime::currentDateTime(), "bench"});
    Film film = takeHomeFilm({data, assessment, session, choice, content});
    // The same throughout: a finding, where pictures move, and words.
    const double most = argc > 3 ? std::atof(argv[3]) : 25;
    film.parts = {film.parts[2]};
    while (film.seconds() > most && film.parts[0].scenes.size() > 1)
        film.parts[0].scenes.pop_back();
    const QString folder = QString::fromLocal8Bit(argv[2]);
    const QString whole = folder + "/film.mp4", raw = folder + "/raw.yuv", again = folder + "/again.mp4";
    const QSize size(1920, 1080);

    auto start = Clock::now();
    const auto written = writeFilm(film, whole, size, clipPictures(), {});
    const double writing = since(start);
    if (!written) {
        std::fprintf(stderr, "%s\n", written.error().sentence().c_str());
        return 1;
    }
    rusage used{};
    getrusage(RUSAGE_SELF, &used);
    start = Clock::now();
    const PictureSource source = clipPictures();
    QImage image(size, QImage::Format_RGB32);
    for (int i = 0; i < film.pictures(); ++i)
        if (!film.standsStill(i))
            paintFilm(image, film, i, source);
    const double painting = since(start);
    QProcess pipe;
    pipe.start("ffmpeg", {"-v", "error", "-y", "-f", "rawvideo", "-pix_fmt", "bgr0", "-s", "1920x1080", "-r", "30",
                          "-i", "-", "-f", "rawvideo", "-pix_fmt", "yuv420p", raw});
    for (int i = 0; i < film.pictures(); ++i) {
        if (!film.standsStill(i))
            paintFilm(image, film, i, source);
        pipe.write(reinterpret_cast<const char*>(image.constBits()), image.sizeInBytes());
        pipe.waitForBytesWritten(-1);
    }
    pipe.closeWriteChannel();
    if (!pipe.waitForFinished(-1) || pipe.exitCode() != 0)
        return 1;
    start = Clock::now();
    if (!ran("ffmpeg",
             {"-v", "error", "-y",   "-f",      "rawvideo", "-pix_fmt", "yuv420p", "-s", "1920x1080", "-r", "30",
              "-i", raw,     "-c:v", "libx264", "-preset",  "medium",   "-crf",    "20", "-threads",  "2",  again}))
        return 1;
    const double reference = since(start);
    const int pictures = film.pictures();
    std::printf("%d pictures, %lld bytes (ffmpeg %lld); expected %.0f\n", pictures,
                static_cast<long long>(QFileInfo(whole).size()), static_cast<long long>(QFileInfo(again).size()),
                expectedBytes(film, size));
    std::printf("writing %.2f s (%.1f a second), painting alone %.2f s, ffmpeg %.2f s (%.1f a second)\n", writing,
                pictures / writing, painting, reference, pictures / reference);
    std::printf("rate beside ffmpeg %.2f, most memory %ld MiB\n", reference / writing, used.ru_maxrss / 1024);
    QFile::remove(raw);
    QFile::remove(again);
    return 0;
}
