#pragma once
// The test that runs, to be started again as a process of its own.

#include <QCoreApplication>
#include <QStringList>

namespace riflesso::test {

/// As it was called: several tests are one program, which runs the one by whose name it is called. Its path would be
/// the program's.
inline QString thisTest() { return QCoreApplication::arguments().value(0); }

} // namespace riflesso::test
