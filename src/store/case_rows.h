#pragma once
// A case as flat rows with keys that hold on every machine: what two copies of it are compared by.

#include "store/case_data.h"

#include <map>
#include <string>
#include <string_view>
#include <vector>

namespace riflesso {

/// A row's key, its parts parted by '/': "decision/FAULT", "session/UID/clip/HASH/rep/UID/mark/LANDMARK/FRAME". Parts
/// hold no '/': it stands as %2F in them.
using RowKey = std::string;
/// Key to value as JSON text.
using CaseRows = std::map<RowKey, std::string>;

/// Everything of a case that an archive holds, but the journal, the numbers of repetitions and what follows from the
/// rest. Row ids and paths are in none of it.
[[nodiscard]] CaseRows rowsOf(const CaseData& data, const QString& packText);
/// SHA-256 of the rows, hexadecimal.
[[nodiscard]] QString digestOf(const CaseRows& rows);
/// As the library keeps them, and back; what cannot be read is none.
[[nodiscard]] QByteArray packed(const CaseRows& rows);
[[nodiscard]] std::optional<CaseRows> unpacked(const QByteArray& bytes);

[[nodiscard]] RowKey keyOf(const std::vector<std::string>& parts);
[[nodiscard]] std::vector<std::string> partsOf(const RowKey& key);
/// Keys of the things that have rows below them.
[[nodiscard]] RowKey keyOf(const Session& session);
[[nodiscard]] RowKey keyOf(const Session& session, const Clip& clip);
[[nodiscard]] RowKey keyOf(const RowKey& clip, const Section& section);
[[nodiscard]] RowKey keyOf(const RowKey& clip, const Repetition& repetition);
[[nodiscard]] RowKey keyOf(const RowKey& clip, const SpokenNote& note);
[[nodiscard]] RowKey keyOf(const Belief& belief);
[[nodiscard]] RowKey keyOf(const Competition& competition);
[[nodiscard]] RowKey keyOf(const PracticeBlock& block);
[[nodiscard]] RowKey keyOf(const StoredAssessment& assessment);
/// "rep/UID/" of a key below a repetition, its part up to there; empty elsewhere.
[[nodiscard]] RowKey repetitionIn(const RowKey& key);

} // namespace riflesso
