#pragma once
// The ten-minute tour as a list of steps: where, what is pointed at, what is said, and what to do there.

#include "app/workspace.h"

#include <QString>

#include <functional>
#include <vector>

class QWidget;

namespace riflesso {

/// What a step may look at to see whether it has been done.
struct TourView {
    const Workspace& workspace;
    const QWidget& window;
};

struct TourStep {
    QString id, page;
    QString anchor; ///< object name of the widget pointed at; empty: none
    QString title, text;
    QString task; ///< what to do; empty: only to read
    /// A value that changes once the task is done; without a task empty.
    std::function<QString(const TourView&)> watched = {};
};

/// From the athlete to the printed plan, in the demo's first case.
[[nodiscard]] const std::vector<TourStep>& tourSteps();

} // namespace riflesso
