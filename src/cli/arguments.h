#pragma once
// Switches of the command line: "--name VALUE", each once, and what stands between them.

#include "core/result.h"

#include <map>
#include <optional>
#include <string>
#include <vector>

namespace riflesso::cli {

class Arguments {
public:
    /// `known`: switches with a value, "--name VALUE" or "--name=VALUE"; `flags`: without. Anything else that starts
    /// with "-" is an error.
    [[nodiscard]] static Result<Arguments> parse(const std::vector<std::string>& words,
                                                 const std::vector<std::string>& known,
                                                 const std::vector<std::string>& flags = {});
    [[nodiscard]] const std::vector<std::string>& plain() const { return plain_; }
    [[nodiscard]] bool flag(const std::string& name) const { return values_.contains(name); }
    [[nodiscard]] std::optional<std::string> value(const std::string& name) const;
    [[nodiscard]] Result<std::string> required(const std::string& name) const;
    [[nodiscard]] Result<std::optional<double>> number(const std::string& name, double low, double high) const;
    [[nodiscard]] Result<int> integer(const std::string& name, int low, int high) const; ///< required

private:
    std::map<std::string, std::string> values_;
    std::vector<std::string> plain_;
};

} // namespace riflesso::cli
