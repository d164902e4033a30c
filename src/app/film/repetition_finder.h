#pragma once
// Repetitions of a section proposed by the program: the pose network looks at some of its frames, and a marked
// repetition (the athlete's, else a model's) is sought in what it saw; without one, movement between rests.

#include "app/workspace.h"

#include <QObject>

namespace riflesso {

class RepetitionFinder : public QObject {
    Q_OBJECT
public:
    explicit RepetitionFinder(Workspace& workspace, QObject* parent);
    /// In a job; what was found and does not lie across a repetition that is there becomes one, in one step of undo.
    void find(const Clip& clip, const Section& section);

signals:
    void found();

private:
    void keep(const Section& looked, const std::vector<std::pair<int, int>>& spans);
    Workspace& workspace_;
};

/// A repetition whose marks and key events are whole and dense enough to be sought in others: the athlete's before a
/// model's.
[[nodiscard]] std::optional<Trial> exampleTrial(const CaseData& data);

} // namespace riflesso
