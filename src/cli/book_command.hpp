#pragma once

#include <iosfwd>
#include <string>

namespace sobremesa::cli {

enum class BookAction { list, check, back_up, export_all, bring_in };

struct BookOptions {
    BookAction action = BookAction::list;
    /// Empty: the user's own.
    std::string book;
    std::string target;
    bool json = false;
};

int run_book(const BookOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
