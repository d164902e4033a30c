#pragma once
// Which fields the form of a part has.

#include "app/workshop/part_form.h"
#include "core/pack/pack.h"
#include "core/tables/json_fwd.h"

namespace riflesso {

/// `Ranges` stands for the words of the skill itself.
[[nodiscard]] std::vector<FormField> fieldsOf(const Pack& pack, PartList list, const Json& part);
/// What is said under the fields: how a measure is defined, what a fault is made of.
[[nodiscard]] QString belowFields(const Pack& pack, PartList list, const std::string& id);

} // namespace riflesso
