#pragma once
// Whether this is the sanitizer's build: many times slower, and looking for other things than shares and figures.

#if defined(__has_feature) // clang's way to say so
#if __has_feature(address_sanitizer)
#define RIFLESSO_SANITIZED
#endif
#elif defined(__SANITIZE_ADDRESS__) // GCC's
#define RIFLESSO_SANITIZED
#endif

namespace riflesso::test {

#ifdef RIFLESSO_SANITIZED
constexpr bool kSanitized = true;
#else
constexpr bool kSanitized = false;
#endif

} // namespace riflesso::test

#ifdef QTRY_IMPL
// How long what is waited for takes is not what is tested: a machine with other work, or the sanitizers, needs several
// times as long as a quiet one.
#undef QTRY_IMPL
#define QTRY_IMPL(expr, timeout)                                                                                       \
    { QTRY_LOOP_IMPL(expr, (timeout)*6, 50) }
#endif
