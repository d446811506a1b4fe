#pragma once

#include <cstdint>
#include <memory>
#include <string>
#include <string_view>

#include "core/units/error.hpp"

struct sqlite3;
struct sqlite3_stmt;

namespace sobremesa::logbook {

/// What went wrong with a book, in the terms of a pilot.
/// @param code  an SQLite result code
units::Error book_error(const std::string& path, int code, const std::string& reason);

/// One prepared statement. Values are bound and read from the left; the text of an error is made by `Connection`.
class Statement {
public:
    Statement(sqlite3* database, const char* sql);

    Statement& bind(std::int64_t value);
    Statement& bind(const std::string& text);
    Statement& bind(const char* text) { return bind(std::string(text)); }
    Statement& bindBlob(std::string_view bytes);
    Statement& bindNull();

    /// @return whether there is a row; look at `code()` where there is none
    bool step();
    /// SQLITE_DONE, SQLITE_ROW, or what went wrong.
    int code() const { return code_; }
    /// Ready to be bound and run again.
    void reset();

    std::int64_t integer(int column) const;
    std::string text(int column) const;
    /// Valid until the next step.
    std::string_view blob(int column) const;

private:
    struct Finalize {
        void operator()(sqlite3_stmt* statement) const;
    };
    std::unique_ptr<sqlite3_stmt, Finalize> statement_;
    int next_ = 1;
    int code_ = 0;
};

/// One open SQLite file.
class Connection {
public:
    enum class Mode {
        create,
        read_only,
        immutable, ///< read-only on a medium where not even a lock can be written
    };
    static units::Result<Connection> open(const std::string& path, Mode mode, const std::string& vfs);

    units::Result<void> run(const char* sql);
    units::Result<void> run(Statement& statement);
    Statement prepare(const char* sql) { return {database_.get(), sql}; }
    units::Result<std::int64_t> integer(const char* sql);
    units::Result<std::string> text(const char* sql);
    std::int64_t lastRow() const;
    units::Error error() const;
    const std::string& path() const { return path_; }

private:
    struct Close {
        void operator()(sqlite3* database) const;
    };
    std::unique_ptr<sqlite3, Close> database_;
    std::string path_;
};

/// All or nothing: rolled back unless committed.
class Transaction {
public:
    explicit Transaction(Connection& connection) : connection_(connection) {
        begun_ = connection.run("BEGIN IMMEDIATE");
    }
    ~Transaction() {
        if (begun_ && !committed_) (void)connection_.run("ROLLBACK");
    }
    Transaction(const Transaction&) = delete;
    Transaction& operator=(const Transaction&) = delete;
    const units::Result<void>& begun() const { return begun_; }
    units::Result<void> commit() {
        auto done = connection_.run("COMMIT");
        committed_ = done.has_value();
        return done;
    }

private:
    Connection& connection_;
    units::Result<void> begun_;
    bool committed_ = false;
};

} // namespace sobremesa::logbook
