# cmake -DOUT=… -DTESTS=folder/tst_a,folder/tst_b -DROOT=tests -P together.cmake
# Several tests in one source: what they include first, then each in a namespace of its own, its main() with it. The
# program runs the test by whose name it is called.
string(REPLACE "," ";" TESTS "${TESTS}")
set(includes)
set(bodies "")
set(table "")
foreach(test ${TESTS})
    file(STRINGS ${ROOT}/${test}.cpp lines REGEX "^ *# *include")
    foreach(line ${lines})
        string(REGEX MATCH "[<\"][^>\"]+[>\"]" header "${line}")
        if(NOT header MATCHES "\\.moc")
            list(APPEND includes ${header})
        endif()
    endforeach()
    string(REPLACE "/" "_" space ${test})
    string(REPLACE "/" "-" name ${test})
    string(APPEND bodies "namespace ${space} {\n#include \"${test}.cpp\"\n}\n")
    string(APPEND table "    {\"${name}\", ${space}::main},\n")
endforeach()
list(REMOVE_DUPLICATES includes)
list(TRANSFORM includes PREPEND "#include ")
list(JOIN includes "\n" includes)
file(WRITE ${OUT} "${includes}
#include <cstdio>
#include <filesystem>
${bodies}
int main(int argc, char** argv) {
    const struct {
        const char* name;
        int (*run)(int, char**);
    } tests[] = {
${table}    };
    const std::string called = std::filesystem::path(argv[0]).filename();
    for (const auto& test : tests)
        if (called == test.name)
            return test.run(argc, argv);
    std::fprintf(stderr, \"%s: call it by the name of one of its tests:\\n\", called.c_str());
    for (const auto& test : tests)
        std::fprintf(stderr, \"  %s\\n\", test.name);
    return 2;
}
")
