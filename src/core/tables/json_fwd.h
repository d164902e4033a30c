#pragma once
// The names of the JSON types, for headers that only pass them on: the library itself is read where it is used
// (json_walk.h), not by every page.

#include <nlohmann/json_fwd.hpp>
#include <string>

namespace riflesso {

using Json = nlohmann::ordered_json;

/// One wrong place in a JSON file.
struct JsonFault {
    std::string path; ///< "$.measures[2].at"
    std::string expected;
    std::string got;
};

class JsonNode;

} // namespace riflesso
