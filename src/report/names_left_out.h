#pragma once
// What is handed on without names.

#include "report/report_content.h"

namespace riflesso {

void forEachPicture(ReportContent& content, const std::function<void(PictureRef&)>& visit);
/// Names of the athlete and of model performers of a case, whole and by their parts.
[[nodiscard]] QStringList namesIn(const CaseData& data);
/// The words without the names, each replaced by a dash.
[[nodiscard]] QString withoutNames(QString text, const QStringList& names);
/// Every sentence of a paper without the names.
void leaveOutNames(ReportContent& content, const QStringList& names);
/// The heads of the athlete, of the model in every picture of a paper covered.
void coverFaces(ReportContent& content, bool athlete, bool model);

} // namespace riflesso
