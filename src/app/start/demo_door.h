#pragma once
// Into the demo and back to the own library.

#include "app/workspace.h"

namespace riflesso {

/// Opens the demo library; where there is none yet, it is built first, in a job. `then` is called once it is open.
void openDemo(Workspace& workspace, QObject* receiver, std::function<void()> then);

/// Opens the library the program was started with.
void openOwnLibrary(Workspace& workspace);

} // namespace riflesso
