#pragma once
// Whether this is the sanitizer's build: many times slower, and looking for other things than shares and figures.

namespace riflesso::test {

#ifdef __SANITIZE_ADDRESS__
constexpr bool kSanitized = true;
#else
constexpr bool kSanitized = false;
#endif

} // namespace riflesso::test
