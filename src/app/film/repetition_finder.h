#pragma once
// The window's side of finding repetitions: in the background, then added and said. How they are found: src/work.

#include "app/workspace.h"
#include "work/find_repetitions.h"

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
    void keep(const Section& looked, const std::vector<FrameSpan>& spans);
    Workspace& workspace_;
};

} // namespace riflesso
