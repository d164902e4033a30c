// How long the strip of a two-hour film takes to move: a clip of 216,000 frames with 300 repetitions in 40 sections,
// zoomed and scrolled 400 times, drawn after each.
//   QT_QPA_PLATFORM=offscreen build/bin/bench-strip

#include "app/film/clip_timeline.h"
#include "app/theme.h"

#include <QApplication>
#include <QImage>

#include <algorithm>
#include <chrono>
#include <cstdio>

using namespace riflesso;

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    theme::apply(application, theme::Choice::Light);
    constexpr int kFrames = 216000, kSections = 40, kRepetitions = 300, kMoves = 400;
    Clip clip;
    clip.id = {1};
    std::vector<double> times(kFrames);
    for (int i = 0; i < kFrames; ++i)
        times[static_cast<std::size_t>(i)] = i / 30.0;
    clip.timesS = std::make_shared<const std::vector<double>>(std::move(times));
    for (int s = 0; s < kSections; ++s) {
        Section section;
        section.id = {s + 1};
        section.from = s * (kFrames / kSections);
        section.to = (s + 1) * (kFrames / kSections) - 1;
        for (int r = 0; r < kRepetitions / kSections; ++r) {
            Repetition repetition;
            repetition.id = {1000 + s * 100 + r};
            repetition.number = r + 1;
            repetition.from = section.from + 100 + r * 600;
            repetition.to = repetition.from + 60;
            section.repetitions.push_back(repetition);
        }
        clip.sections.push_back(std::move(section));
    }
    ClipTimeline strip;
    strip.resize(1300, strip.height());
    strip.setClip(&clip, {});
    QImage picture(320, 180, QImage::Format_RGB32);
    picture.fill(Qt::darkCyan);
    for (int i = 0; i < 200; ++i)
        strip.setPicture(i * 1000, picture);
    std::vector<double> tookMs;
    QImage canvas(strip.size(), QImage::Format_ARGB32_Premultiplied);
    for (int i = 0; i < kMoves; ++i) {
        const auto start = std::chrono::steady_clock::now();
        if (i % 4 == 0)
            strip.zoom(i % 8 == 0 ? 3 : 1 / 2.5);
        else
            strip.setFrame((i * 7919) % kFrames);
        strip.render(&canvas);
        tookMs.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
    }
    std::sort(tookMs.begin(), tookMs.end());
    std::printf("strip of two hours: %d moves, median %.2f ms, 99 of 100 within %.2f, longest %.2f (16 asked for)\n",
                kMoves, tookMs[kMoves / 2], tookMs[kMoves * 99 / 100], tookMs.back());
    return tookMs[kMoves * 99 / 100] <= 16 ? 0 : 1;
}
