#include "support/files.h"

#include <fstream>
#include <sstream>

namespace riflesso::test {

std::string readText(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    std::ostringstream text;
    text << in.rdbuf();
    return text.str();
}

Json jsonOf(const std::string& text) { return Json::parse(text); }
Json readJson(const std::string& path) { return jsonOf(readText(path)); }

} // namespace riflesso::test
