#pragma once
// One must-use result for core, media and store: a value, or an error a person can act on.

#include <cassert>
#include <optional>
#include <string>
#include <string_view>
#include <utility>
#include <variant>

namespace riflesso {

/// What went wrong, in words for the person at the screen.
struct Error {
    enum class Kind {
        BadInput,  ///< what was given cannot be read; nothing was changed
        Cancelled, ///< the caller asked to stop
        Fault,     ///< our own failure or the machine's (disk, memory)
    };
    Kind kind = Kind::BadInput;
    std::string where;    ///< file and place in it: "E.csv:7", "pack.json: $.measures[2].at"
    std::string expected; ///< what should have been there
    std::string got;      ///< what was there; may be empty

    /// One sentence: where, what was expected, what was found.
    [[nodiscard]] std::string sentence() const {
        if (kind == Kind::Cancelled)
            return "Stopped.";
        std::string text = where.empty() ? std::string() : where + ": ";
        text += kind == Kind::BadInput ? "expected " + expected : expected;
        if (!got.empty())
            text += ", got " + got;
        return text;
    }
};

inline Error badInput(std::string where, std::string expected, std::string got = {}) {
    return {Error::Kind::BadInput, std::move(where), std::move(expected), std::move(got)};
}
inline Error fault(std::string where, std::string what) {
    return {Error::Kind::Fault, std::move(where), std::move(what), {}};
}
inline Error cancelled() { return {Error::Kind::Cancelled, {}, {}, {}}; }

template <class T> class [[nodiscard]] Result {
public:
    Result(T value) : state_(std::in_place_index<0>, std::move(value)) {}
    Result(Error error) : state_(std::in_place_index<1>, std::move(error)) {}

    [[nodiscard]] bool ok() const { return state_.index() == 0; }
    explicit operator bool() const { return ok(); }
    /// Precondition: ok().
    [[nodiscard]] T& value() {
        assert(ok());
        return *std::get_if<0>(&state_);
    }
    [[nodiscard]] const T& value() const {
        assert(ok());
        return *std::get_if<0>(&state_);
    }
    T& operator*() { return value(); }
    const T& operator*() const { return value(); }
    T* operator->() { return &value(); }
    const T* operator->() const { return &value(); }
    /// Precondition: !ok().
    [[nodiscard]] const Error& error() const {
        assert(!ok());
        return *std::get_if<1>(&state_);
    }

private:
    std::variant<T, Error> state_;
};

template <> class [[nodiscard]] Result<void> {
public:
    Result() = default;
    Result(Error error) : error_(std::move(error)) {}
    [[nodiscard]] bool ok() const { return !error_; }
    explicit operator bool() const { return ok(); }
    [[nodiscard]] const Error& error() const { return *error_; }

private:
    std::optional<Error> error_;
};

} // namespace riflesso
