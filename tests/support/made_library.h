#pragma once
// A small library with one case, one clip and two repetitions.

#include "store/edit.h"
#include "store/library.h"
#include "store/picture_text.h"
#include "support/made_trials.h"

#include <QtTest>

namespace riflesso::test {

struct MadeLibrary {
    std::unique_ptr<Library> library;
    CaseId caseId;
    SessionId session;
    ClipId clip;
    SectionId section;
    std::vector<RepetitionId> repetitions;

    [[nodiscard]] CaseData data() const { return *library->loadCase(caseId); }
};

/// Something of everything that can be known of a picture.
inline PictureSetup knownPicture() {
    PictureSetup picture;
    picture.area = PictureArea{10, 20, 600, 400};
    picture.lens = Lens{800, 801, {320, 240}, -0.2, 0.03, 0.001, -0.002, 0.01};
    picture.lensResidualPx = 0.21;
    picture.plane = PlanePoints{3,
                                PlaneOf::Floor,
                                "volleyball",
                                {{{1, 2}, 0, 0, 2}, {{600, 2}, 9, 0, 2}, {{500, 300}, 9, 9, 2}, {{100, 300}, 0, 9, 2}}};
    picture.vertical = PlumbLine{5, {300, 400}, {310, 20}};
    picture.camera = CameraHold::Moves;
    picture.motion = CameraMotion{0, {{0, {}}, {7, {{1, 0, 1 / 3.0, 0, 1, -2, 1e-7, 0, 1}, 0.25}}}, 0.3, 0.5};
    picture.soundReplaced = true;
    picture.microphoneM = 4.5;
    return picture;
}

inline MadeLibrary makeLibrary(const QString& folder) {
    MadeLibrary made;
    auto opened = Library::open(folder);
    if (!opened)
        qFatal("%s", opened.error().sentence().c_str());
    made.library = std::move(*opened);
    const auto built = made.library->change(QStringLiteral("Build"), [&](Edit& edit) -> Result<void> {
        Athlete athlete;
        athlete.name = QStringLiteral("Test Person");
        athlete.limits.emplace_back().words = QStringLiteral("knee pain");
        made.caseId = *edit.addCase(*edit.addAthlete(athlete), QStringLiteral("Small"),
                                    QString::fromStdString(smallPack().dump()));
        made.session = *edit.addSession(made.caseId, QDate(2026, 11, 3), QStringLiteral("First"), false);
        NewClip clip{QStringLiteral("Clip"), QStringLiteral("media/none.mp4"), QString(64, u'c'), 640, 480, {}};
        for (int i = 0; i < 200; ++i)
            clip.timesS.push_back(i / 50.0);
        made.clip = *edit.addClip(made.session, clip, {});
        made.section = *edit.firstSection(made.clip);
        for (int n = 1; n <= 2; ++n) {
            Repetition repetition;
            repetition.number = n;
            repetition.from = 60 * n;
            repetition.to = 60 * n + 40;
            made.repetitions.push_back(*edit.addRepetition(made.section, repetition));
        }
        return {};
    });
    if (!built)
        qFatal("%s", built.error().sentence().c_str());
    return made;
}

/// One good repetition of d1 for "bent", felt off, shown after.
inline Result<void> addPractised(Edit& edit, CaseId id, const QDateTime& at) {
    PracticeBlock block;
    block.fault = "bent", block.drill = "d1";
    block.condition = {Stress::Fed, {{"signal", "lamp"}}};
    block.started = at;
    block.repetitions = {{0, true, "hit", false, Told::Shown, at}};
    const auto made = edit.addPracticeBlock(id, block);
    return made ? Result<void>() : Result<void>(made.error());
}

/// Limits as they were said, or the parts that were chosen.
inline std::string limitsOf(const Athlete& athlete) {
    std::string out;
    for (const AthleteLimit& limit : athlete.limits)
        out += (out.empty() ? "" : ",") +
               (limit.words.isEmpty() ? std::string(toString(*limit.part)) : limit.words.toStdString());
    return out;
}

/// Everything of a case in one text, to compare states.
inline std::string printed(const CaseData& data) {
    std::string out = data.athlete.name.toStdString() + "|" + limitsOf(data.athlete) + "\n";
    for (const Session& session : data.sessions)
        for (const Clip& clip : session.clips)
            for (const Section& section : clip.sections) {
                out += "section " + std::to_string(section.from) + "-" + std::to_string(section.to) + " x" +
                       std::to_string(section.slowMotion) + " " + pictureToText(section.picture).toStdString() + "\n";
                for (const Repetition& r : section.repetitions) {
                    out += " rep " + std::to_string(r.number) + " " + std::to_string(r.from) + "-" +
                           std::to_string(r.to) + " " + r.result + "\n";
                    for (const auto& [id, event] : r.events)
                        out += "  event " + id + " " + std::to_string(event.frame) + "\n";
                    for (const auto& [landmark, marks] : r.marks)
                        for (const auto& [frame, mark] : marks)
                            out += "  mark " + landmark + " " + std::to_string(frame) + " " +
                                   std::to_string(mark.at.x) + "\n";
                    for (const HiddenMark& hidden : r.hidden)
                        out += "  hidden " + hidden.landmark + "\n";
                    for (const auto& [id, value] : r.observations)
                        out += "  seen " + id + " " + value + "\n";
                    for (const auto& [landmark, marks] : r.marksAgain)
                        for (const auto& [frame, at] : marks)
                            out +=
                                "  again " + landmark + " " + std::to_string(frame) + " " + std::to_string(at.x) + "\n";
                    for (const auto& [id, frame] : r.eventsAgain)
                        out += "  again " + id + " " + std::to_string(frame) + "\n";
                }
            }
    for (const Decision& decision : data.decisions)
        out += "decided " + decision.fault + " " + std::string(toString(decision.choice)) + "\n";
    for (const Position& position : data.positions)
        out += "holds " + position.dispute + " " + position.position + "\n";
    out += "practised " + std::to_string(data.practice.size()) + "\n";
    return out;
}

} // namespace riflesso::test
