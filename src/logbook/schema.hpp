#pragma once

#include <vector>

#include "logbook/connection.hpp"

namespace sobremesa::logbook {

/// "SBMS": how a logbook is distinguished from any other SQLite file.
inline constexpr std::int64_t application_id = 0x53424D53;

/// One step of the schema: from version n to n + 1, where n is its place in the list.
struct SchemaStep {
    const char* sql;
};

/// Every step there ever was, oldest first. A step that has been released is never changed.
const std::vector<SchemaStep>& schema_steps();

/// Brings a book to the newest version, in one transaction: afterwards it is at the newest or as it was.
units::Result<void> migrate(Connection& connection, const std::vector<SchemaStep>& steps);

} // namespace sobremesa::logbook
