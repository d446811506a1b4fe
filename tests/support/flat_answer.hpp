#pragma once

#include <algorithm>
#include <cstdlib>
#include <map>
#include <string>

#include <QTest>

#include <nlohmann/json.hpp>

namespace sobremesa::tests {

/// Longer lists are told by some of their members: a curve of two hundred points says little more than one of
/// twenty.
inline constexpr std::size_t most_of_a_list = 24;

/// "mission.legs.2.energy_wh" of every figure and word of an answer.
inline void flatten(const nlohmann::json& value, const std::string& path,
                    std::map<std::string, nlohmann::json>& into) {
    if (value.is_object()) {
        for (const auto& [key, member] : value.items())
            flatten(member, path.empty() ? key : path + "." + key, into);
    } else if (value.is_array()) {
        const std::size_t every = (value.size() + most_of_a_list - 1) / most_of_a_list;
        for (std::size_t i = 0; i < value.size(); i += std::max<std::size_t>(every, 1))
            flatten(value[i], path + "." + std::to_string(i), into);
        into[path + ".size"] = value.size();
    } else {
        into[path] = value;
    }
}

/// Where only whether something fails is asked, the first failure is enough.
inline void end_at_failure() {
    if (QTest::currentTestFailed() && qEnvironmentVariableIsSet("SOBREMESA_END_AT_FAILURE")) std::_Exit(1);
}

} // namespace sobremesa::tests
