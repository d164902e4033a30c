#pragma once
// Where the pose networks lie.

#include <QCoreApplication>
#include <QDir>

#include <string>

namespace riflesso {

/// Folder of their weights, beside the program.
[[nodiscard]] inline std::string poseModels() {
    return QDir::cleanPath(QCoreApplication::applicationDirPath() + QStringLiteral("/../share/riflesso/models"))
        .toStdString();
}

} // namespace riflesso
