#pragma once
// Translation outside of a class: the context is the namespace, where the translator's tool looks for it.

#include <QCoreApplication>

namespace riflesso {

[[nodiscard]] inline QString tr(const char* text) { return QCoreApplication::translate("riflesso", text); }

} // namespace riflesso
