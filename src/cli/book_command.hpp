#pragma once

#include <iosfwd>
#include <string>
#include <vector>

namespace sobremesa::cli {

enum class BookAction { list, check, back_up, export_all, bring_in, add };

struct BookOptions {
    BookAction action = BookAction::list;
    /// Empty: the user's own.
    std::string book;
    std::string target;
    /// Logs to add: files, folders, archives.
    std::vector<std::string> logs = {};
    /// Plan document that says aircraft, pack and air of the added flights; or names of what the book has.
    std::string plan = {};
    /// A table of flights that left no log; or empty.
    std::string by_hand = {};
    std::string aircraft = {};
    std::string pack = {};
    /// Say what would be filed, and file nothing.
    bool dry_run = false;
    bool json = false;
};

int run_book(const BookOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
