#pragma once
// Reading test data.

#include "core/json_walk.h"

#include <fstream>
#include <sstream>
#include <string>

namespace riflesso::test {

inline std::string readText(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    std::ostringstream text;
    text << in.rdbuf();
    return text.str();
}
inline Json readJson(const std::string& path) { return Json::parse(readText(path)); }

} // namespace riflesso::test
