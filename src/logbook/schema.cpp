#include "logbook/schema.hpp"

#include <string>

#include "logbook/record.hpp"

namespace sobremesa::logbook {

const std::vector<SchemaStep>& schema_steps() {
    static const std::vector<SchemaStep> steps = {
        // 1: documents by kind, raw logs in chunks, derived figures as a cache, and the history of edits.
        {R"(
CREATE TABLE aircraft (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE pack     (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE plan     (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE flight   (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE learned  (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE desk     (id INTEGER PRIMARY KEY, document TEXT NOT NULL, changed_utc TEXT NOT NULL);
CREATE TABLE log (id INTEGER PRIMARY KEY AUTOINCREMENT, name TEXT NOT NULL, bytes INTEGER NOT NULL,
                  crc32 INTEGER NOT NULL, stored_utc TEXT NOT NULL);
CREATE TABLE log_chunk (log_id INTEGER NOT NULL REFERENCES log(id) ON DELETE CASCADE, number INTEGER NOT NULL,
                        raw_bytes INTEGER NOT NULL, crc32 INTEGER NOT NULL, data BLOB NOT NULL,
                        PRIMARY KEY (log_id, number));
CREATE TABLE figures (flight_id INTEGER PRIMARY KEY, made_from TEXT NOT NULL, document TEXT NOT NULL);
CREATE TABLE edit (id INTEGER PRIMARY KEY, what TEXT NOT NULL, subject TEXT NOT NULL, changes TEXT NOT NULL,
                   undone INTEGER NOT NULL DEFAULT 0, made_utc TEXT NOT NULL);
CREATE TABLE count (last_id INTEGER NOT NULL);
INSERT INTO count VALUES (0);
)"},
    };
    return steps;
}

units::Result<void> migrate(Connection& connection, const std::vector<SchemaStep>& steps) {
    Transaction transaction(connection);
    if (!transaction.begun()) return transaction.begun();
    const auto version = connection.integer("PRAGMA user_version");
    if (!version) return tl::unexpected(version.error());
    for (auto n = std::size_t(*version); n < steps.size(); ++n) {
        if (auto done = connection.run(steps[n].sql); !done) return done;
    }
    const std::string marks = "PRAGMA application_id = " + digits(application_id) +
                              "; PRAGMA user_version = " + digits(std::int64_t(steps.size()));
    if (auto done = connection.run(marks.c_str()); !done) return done;
    return transaction.commit();
}

} // namespace sobremesa::logbook
