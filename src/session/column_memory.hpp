#pragma once

#include <map>
#include <string>
#include <vector>

#include <QString>

#include "core/telemetry/column_choice.hpp"

namespace sobremesa::session {

/// What the pilot once said of the columns of a log, for every header line that it was said of. Kept in a small
/// JSON file; one that cannot be read or written costs the memory, not the log.
///
/// Used by one thread at a time; `choicesFor` gives copies.
class ColumnMemory {
public:
    /// @param file  empty: remembers only as long as it lives
    explicit ColumnMemory(const QString& file = {});

    std::vector<telemetry::ColumnChoice> recall(const std::string& header_line) const;
    /// No choices: what was said of that header is forgotten.
    void remember(const std::string& header_line, std::vector<telemetry::ColumnChoice> choices);

private:
    void save() const;

    QString file_;
    std::map<std::string, std::vector<telemetry::ColumnChoice>> choices_;
};

} // namespace sobremesa::session
