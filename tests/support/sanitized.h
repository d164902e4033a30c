#pragma once
// Whether this is the sanitizer's build: many times slower, and looking for other things than shares and figures.

namespace riflesso::test {

#ifdef __SANITIZE_ADDRESS__
constexpr bool kSanitized = true;
#else
constexpr bool kSanitized = false;
#endif

} // namespace riflesso::test

#if defined(__SANITIZE_ADDRESS__) && defined(QTRY_IMPL)
// What is waited for comes later there: the same waits, longer.
#undef QTRY_IMPL
#define QTRY_IMPL(expr, timeout)                                                                                       \
    { QTRY_LOOP_IMPL(expr, (timeout)*6, 50) }
#endif
