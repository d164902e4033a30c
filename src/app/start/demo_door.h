#pragma once
// Into the demo and back to the own library.

#include "app/workspace.h"

namespace riflesso {

/// Opens the demo library; where there is none yet, it is built first, in a job. `then` is called once it is open.
void openDemo(Workspace& workspace, QObject* receiver, std::function<void()> then);

/// Whether the demo that is there was made of another one than now ships.
[[nodiscard]] bool newerDemoShips();
/// Makes that one, in a job, and opens it; the one that is there, with what was changed in it, is kept beside it.
void openNewerDemo(Workspace& workspace, QObject* receiver, std::function<void()> then);
/// Demos that were put aside so, the latest first; their folders.
[[nodiscard]] QStringList demosOfBefore();
void openDemoOfBefore(Workspace& workspace, const QString& folder);

/// Opens the library the program was started with.
void openOwnLibrary(Workspace& workspace);

} // namespace riflesso
