// One reader under libFuzzer: RIFLESSO_READER names it. It must read a text or say what is wrong with it.

#include "support/readers.h"

#include <cstdio>
#include <cstdlib>

namespace {

const riflesso::test::Reader& chosen() {
    const char* name = std::getenv("RIFLESSO_READER");
    for (const riflesso::test::Reader& reader : riflesso::test::readers())
        if (name && reader.name == name)
            return reader;
    std::fprintf(stderr, "RIFLESSO_READER must be one of:");
    for (const riflesso::test::Reader& reader : riflesso::test::readers())
        std::fprintf(stderr, " %s", reader.name.c_str());
    std::fprintf(stderr, "\n");
    std::exit(2);
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const unsigned char* data, std::size_t size) {
    static const riflesso::test::Reader& reader = chosen();
    if (!reader.said(std::string(reinterpret_cast<const char*>(data), size)))
        std::abort();
    return 0;
}

/// Writes the sound text as the first seed.
extern "C" int LLVMFuzzerInitialize(int*, char***) {
    if (const char* seed = std::getenv("RIFLESSO_SEED")) {
        std::FILE* file = std::fopen(seed, "wb");
        if (!file)
            return 1;
        std::fwrite(chosen().sound.data(), 1, chosen().sound.size(), file);
        std::fclose(file);
    }
    return 0;
}
