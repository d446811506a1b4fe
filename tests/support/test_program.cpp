#include "support/test_program.hpp"

#include <algorithm>
#include <cstdio>
#include <filesystem>
#include <string>
#include <vector>

namespace sobremesa::tests {
namespace {

struct NamedTest {
    std::string name;
    RunTest run;
    bool is_helper = false;
};

// A function's static: tests register before main, in whatever order the linker chose.
std::vector<NamedTest>& registered() {
    static std::vector<NamedTest> tests;
    return tests;
}

} // namespace

RegisteredTest::RegisteredTest(const char* file, RunTest run) {
    std::string name = std::filesystem::path(file).stem().string();
    const bool is_helper = name.starts_with("--");
    registered().push_back({std::move(name), run, is_helper});
}

int run_chosen_tests(int argc, char** argv) {
    std::vector<NamedTest> tests = registered();
    std::sort(tests.begin(), tests.end(), [](const auto& a, const auto& b) { return a.name < b.name; });
    const std::string asked = argc > 1 ? argv[1] : "";
    if (asked == "--list") {
        for (const auto& test : tests) {
            if (!test.is_helper) std::puts(test.name.c_str());
        }
        return 0;
    }
    for (const auto& test : tests) {
        if (test.name != asked) continue;
        // Qt Test sees its own arguments only, behind a program name.
        std::vector<char*> rest{argv[0]};
        rest.insert(rest.end(), argv + 2, argv + argc);
        return test.run(int(rest.size()), rest.data());
    }
    if (!asked.empty() && !asked.starts_with("-")) {
        std::fprintf(stderr, "%s: there is no test %s; --list names them\n", argv[0], asked.c_str());
        return 2;
    }
    int failed = 0;
    for (const auto& test : tests) {
        if (!test.is_helper) failed += test.run(argc, argv);
    }
    return failed;
}

} // namespace sobremesa::tests
