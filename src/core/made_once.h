#pragma once
// Values of many parts are copied, moved and dropped by functions made in one source. Left to the compiler, each source
// that copies or drops one makes them anew, with all that is in it: a tenth of all code, compiled again and again.

/// In the struct. NOLINTBEGIN(bugprone-macro-parentheses): a type in parentheses is none
#define MADE_ONCE(Type)                                                                                                \
    Type();                                                                                                            \
    Type(const Type&);                                                                                                 \
    Type(Type&&) noexcept;                                                                                             \
    Type& operator=(const Type&);                                                                                      \
    Type& operator=(Type&&) noexcept;                                                                                  \
    ~Type()

/// In its source.
#define MADE_HERE(Type)                                                                                                \
    Type::Type() = default;                                                                                            \
    Type::Type(const Type&) = default;                                                                                 \
    Type::Type(Type&&) noexcept = default;                                                                             \
    Type& Type::operator=(const Type&) = default;                                                                      \
    Type& Type::operator=(Type&&) noexcept = default;                                                                  \
    Type::~Type() = default
// NOLINTEND(bugprone-macro-parentheses)
