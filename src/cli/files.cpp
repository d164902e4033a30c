#include "cli/files.h"

#include <filesystem>
#include <fstream>
#include <sstream>

namespace riflesso::cli {

Result<std::string> readFile(const std::string& path) {
    constexpr std::uintmax_t kMaxBytes = std::uintmax_t(512) << 20;
    std::error_code problem;
    if (!std::filesystem::is_regular_file(path, problem))
        return badInput(path, "a file", "no such file");
    if (std::filesystem::file_size(path, problem) > kMaxBytes)
        return badInput(path, "a file of at most 512 MiB", "more");
    std::ifstream in(path, std::ios::binary);
    std::ostringstream text;
    text << in.rdbuf();
    if (!in)
        return badInput(path, "a file that can be read", "no read");
    return text.str();
}

std::string besideProgram(const std::string& folder) {
    std::error_code problem;
    const auto program = std::filesystem::read_symlink("/proc/self/exe", problem);
    return (program.parent_path().parent_path() / folder).string();
}

Result<void> writeFile(const std::string& path, const std::string& text) {
    std::ofstream file(path, std::ios::binary | std::ios::trunc);
    file << text;
    file.close();
    if (!file)
        return badInput(path, "a file that can be written", "no write");
    return {};
}

} // namespace riflesso::cli
