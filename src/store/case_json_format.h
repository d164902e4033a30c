#pragma once
// What the writer and the reader of a case archive agree on.

#include <QString>
#include <string>

namespace riflesso::case_format {

constexpr int kArchiveVersion = 6;
inline constexpr const char* kTimesHeader = "clip,frame,time_s";
inline constexpr const char* kMarksHeader = "repetition,landmark,frame,x_px,y_px,sigma_px,source,hidden";
inline constexpr const char* kEventsHeader = "repetition,event,frame,u_s,source";
inline constexpr const char* kObservationsHeader = "repetition,observation,value";
inline constexpr const char* kPracticeHeader = "fault,drill,good,at";
inline constexpr const char* kJournalHeader = "at,what,reason";

[[nodiscard]] inline std::string plain(const QString& text) { return text.toStdString(); }

} // namespace riflesso::case_format
