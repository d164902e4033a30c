#pragma once
// An hour of an analyst's work on a made library, as gestures that are the same every time: what the library holds
// after so many of them is known.

#include "store/case_json.h"
#include "support/made_library.h"

#include <QRegularExpression>
#include <random>

namespace riflesso::test {

/// A made library at the start of the work: what was there before cannot be undone.
inline MadeLibrary beginWork(const QString& folder) {
    MadeLibrary made = makeLibrary(folder);
    if (const auto done = made.library->forgetUndo(); !done)
        qFatal("%s", done.error().sentence().c_str());
    return made;
}

/// All of the case but its journal, whose lines carry the time of day, and the lasting ids, which are drawn.
inline std::map<QString, QByteArray> contentOf(const Library& library) {
    auto files = caseToFiles(*library.loadCase({1}), *library.packText({1}), {}, {});
    static const QRegularExpression kLasting(QStringLiteral("\"(uid|changed)\": \"[^\"]*\""));
    QByteArray& text = files[QStringLiteral("case.json")];
    text = QString::fromUtf8(text).remove(kLasting).toUtf8();
    return files;
}

/// Gesture `index` of the work with this seed. An error is the library's.
inline Result<void> gesture(Library& library, std::uint32_t seed, int index) {
    std::mt19937 random(seed * 7919U + static_cast<std::uint32_t>(index));
    const auto some = [&random](int below) { return static_cast<int>(random() % static_cast<unsigned>(below)); };
    const RepetitionId rep{1 + some(2)};
    const QDateTime at(QDate(2026, 11, 5), QTime(9, 0).addSecs(index), Qt::UTC);
    const CaseId id{1};
    constexpr int kKinds = 40;
    const int kind = some(kKinds);
    if (kind == 0)
        return library.undoName().isEmpty() ? Result<void>() : library.undo();
    if (kind == 1)
        return library.redoName().isEmpty() ? Result<void>() : library.redo();
    if (kind == 2) { // for good: the second session, where there is one
        const CaseData data = *library.loadCase(id);
        return data.sessions.size() > 1 ? library.eraseSession(data.sessions[1].id) : Result<void>();
    }
    const auto work = [&](Edit& edit) -> Result<void> {
        switch (kind) {
        case 3: {
            const auto session =
                edit.addSession(id, QDate(2026, 12, 1).addDays(some(9)), QStringLiteral("More"), false);
            if (!session)
                return session.error();
            NewClip clip{QStringLiteral("C"), QStringLiteral("media/none.mp4"), QString(64, u'd'), 640, 480, {}};
            for (int i = 0; i < 2000; ++i)
                clip.timesS.push_back(i / 60.0);
            const auto added = edit.addClip(*session, clip, {});
            return added ? Result<void>() : Result<void>(added.error());
        }
        case 4: {
            const auto added = edit.addAssessment(
                id, {{}, {1}, at, QStringLiteral("Plan"), QStringLiteral("0.1.0"), QString(20000 + some(9000), u'x')});
            return added ? Result<void>() : Result<void>(added.error());
        }
        case 5:
            return edit.decide(id, {"bent", Decision::Choice::Park, QStringLiteral("later %1").arg(index), at});
        case 6:
            return edit.setPlan(id, {1 + some(3), some(20), some(20), QDate(2026, 11, 5), {}, {}});
        case 7:
            return edit.addBelief(id, {0, "knee", QStringLiteral("guess %1").arg(index), index / 3.0, false});
        case 8:
            return edit.setOverride(id, {"bent", Term::Effect, some(100) / 100.0, "because"});
        case 9: {
            PracticeBlock block;
            block.fault = "bent";
            block.drill = "d1";
            block.started = at;
            block.repetitions.push_back({0, some(2) == 1, {}, {}, Told::None, at});
            const auto added = edit.addPracticeBlock(id, block);
            return added ? Result<void>() : Result<void>(added.error());
        }
        case 10:
            return edit.setResult(rep, some(2) ? "hit" : "missed");
        case 11:
            return edit.setEvent(rep, some(2) ? "go" : "down", {60.0 + some(40), {}, "analyst"});
        case 12:
            return edit.setObservation(rep, "eyes", some(2) ? "yes" : "no");
        case 13:
            return edit.setSpan(rep, 60, 100 + some(20));
        default: { // most of an hour is marking: a landmark at a time, or what was tracked all at once
            const int frames = kind < 18 ? 40 : 1;
            for (int f = 0; f < frames; ++f)
                if (auto done = edit.setMark(rep, some(2) ? "left_knee" : "left_ankle", 60 + (some(40) + f) % 40,
                                             {{index + f / 7.0, 10}, 2, "analyst"});
                    !done)
                    return done;
            return {};
        }
        }
    };
    const auto done = library.change(QStringLiteral("Gesture %1").arg(index), work);
    return done ? Result<void>() : Result<void>(done.error());
}

} // namespace riflesso::test
