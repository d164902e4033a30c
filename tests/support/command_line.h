#pragma once
// riflesso-cli as scripts see it.

#include "built_demo.h"
#include "core/tables/json_walk.h"

#include <QProcess>
#include <QStringList>

namespace riflesso::test {

struct Answer {
    int code = -1;
    Json json;
    QString messages; ///< standard error
};

inline Answer runCli(const QStringList& arguments) {
    QProcess process;
    process.start(QStringLiteral(PROGRAMS "/riflesso-cli"), arguments);
    Answer answer;
    if (!process.waitForFinished(300000))
        return answer;
    answer.code = process.exitCode();
    answer.messages = QString::fromUtf8(process.readAllStandardError());
    const std::string out = process.readAllStandardOutput().toStdString();
    answer.json = Json::parse(out, nullptr, false);
    if (answer.json.is_discarded())
        qWarning("no JSON: %s", out.c_str());
    return answer;
}

/// A copy of the demo library CTest has built, or one that riflesso-cli builds; the exit code of that.
inline int demoInto(const QString& folder) {
    if (builtDemo().isEmpty())
        return runCli({QStringLiteral("demo"), folder}).code;
    return copyLibrary(builtDemo(), folder) ? 0 : 1;
}

} // namespace riflesso::test
