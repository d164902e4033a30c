#pragma once
// A clip that was moved is found again by its content: never another one in its place.

#include "app/workspace.h"

namespace riflesso {

/// Looks, in a job, whether the file is the clip (SHA-256), and in its folder for the other missing clips of the case
/// by the names they had; what is found is kept in one gesture.
void findClip(Workspace& workspace, QObject* receiver, const Clip& clip, const QString& file);

} // namespace riflesso
