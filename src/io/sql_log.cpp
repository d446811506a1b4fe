// Tables in a database's dump: statements that insert rows (SQL), or rows behind "COPY … FROM stdin" as PostgreSQL
// writes them.

#include <algorithm>
#include <array>
#include <cctype>
#include <map>
#include <optional>
#include <string>
#include <vector>

#include "io/cell_forms.hpp"
#include "io/csv_table.hpp"
#include "io/log_units.hpp"
#include "io/text_logs.hpp"

namespace sobremesa::io {

namespace {

bool is_word_character(char c) {
    const auto u = static_cast<unsigned char>(c);
    return std::isalnum(u) != 0 || c == '_' || c == '$' || u >= 0x80U;
}

/// Reads what statements are made of; comments are blanks.
class SqlText {
public:
    explicit SqlText(std::string_view text) : text_(text) {}

    bool done() const { return at_ >= text_.size(); }
    std::size_t place() const { return at_; }
    char peek() const { return done() ? '\0' : text_[at_]; }

    void blanks() {
        while (!done()) {
            if (std::isspace(static_cast<unsigned char>(peek())) != 0)
                ++at_;
            else if (text_.substr(at_, 2) == "--" || peek() == '#')
                to_behind("\n");
            else if (text_.substr(at_, 2) == "/*")
                to_behind("*/");
            else
                return;
        }
    }
    bool take(char c) {
        blanks();
        if (peek() != c) return false;
        ++at_;
        return true;
    }
    /// A word in small letters; empty where none stands here.
    std::string word() {
        blanks();
        const std::size_t from = at_;
        while (!done() && is_word_character(peek())) ++at_;
        return lower(text_.substr(from, at_ - from));
    }
    /// The next word, without going behind it.
    std::string next_word() {
        const std::size_t here = at_;
        std::string next = word();
        at_ = here;
        return next;
    }
    /// A name as it stands, without its quotes.
    std::string name() {
        blanks();
        const char open = peek();
        const char close = open == '[' ? ']' : open;
        if (open != '"' && open != '`' && open != '[') {
            const std::size_t from = at_;
            while (!done() && is_word_character(peek())) ++at_;
            return std::string(text_.substr(from, at_ - from));
        }
        const std::size_t from = ++at_;
        while (!done() && peek() != close) ++at_;
        std::string result(text_.substr(from, at_ - from));
        if (!done()) ++at_;
        return result;
    }
    /// A table's name, without the schema in front.
    std::string table_name() {
        std::string result = name();
        while (take('.')) result = name();
        return result;
    }
    /// A value up to the comma or bracket behind it: a text without its quotes, nothing for NULL, all else as it
    /// stands.
    std::string value() {
        blanks();
        // E'…' and N'…' say how a text is written.
        if (at_ + 1 < text_.size() && text_[at_ + 1] == '\'' &&
            std::isalpha(static_cast<unsigned char>(peek())) != 0)
            ++at_;
        if (peek() == '\'') {
            std::string result = quoted();
            skip_to_end_of_value();
            return result;
        }
        const std::size_t from = at_;
        skip_to_end_of_value();
        std::string result(trimmed(text_.substr(from, at_ - from)));
        return means_missing(result) ? std::string() : result;
    }
    /// Names in brackets, or what stands for columns in a definition: of each item the first name.
    std::vector<std::string> names_in_brackets() {
        std::vector<std::string> result;
        if (!take('(')) return result;
        while (!done()) {
            result.push_back(name());
            const std::size_t before = at_;
            skip_to_end_of_value();
            if (!take(',') && (take(')') || at_ == before)) return result;
        }
        return result;
    }
    void skip_statement() {
        while (!done() && peek() != ';') {
            if (peek() == '\'')
                quoted();
            else
                ++at_;
        }
        if (!done()) ++at_;
    }
    /// The rest of this line.
    std::string_view line() {
        const std::size_t from = at_;
        to_behind("\n");
        std::string_view result = text_.substr(from, at_ - from);
        while (!result.empty() && (result.back() == '\n' || result.back() == '\r')) result.remove_suffix(1);
        return result;
    }

private:
    void to_behind(std::string_view end) {
        const auto found = text_.find(end, at_);
        at_ = found == std::string_view::npos ? text_.size() : found + end.size();
    }
    /// A text between apostrophes; one in it is written twice, or behind a stroke.
    std::string quoted() {
        std::string result;
        for (++at_; !done(); ++at_) {
            const bool escaped = (peek() == '\\' || peek() == '\'') && text_.substr(at_ + 1, 1) == "'";
            if (escaped)
                ++at_;
            else if (peek() == '\'')
                break;
            result += peek();
        }
        if (!done()) ++at_;
        return result;
    }
    void skip_to_end_of_value() {
        int depth = 0;
        while (!done()) {
            const char c = peek();
            if (depth == 0 && (c == ',' || c == ')' || c == ';')) return;
            if (c == '\'') {
                quoted();
                continue;
            }
            depth += c == '(' ? 1 : c == ')' ? -1 : 0;
            ++at_;
        }
    }

    std::string_view text_;
    std::size_t at_ = 0;
};

/// A table of the dump, its rows as CSV.
struct SqlTable {
    std::vector<std::string> names;
    /// Names that a statement gives its own rows; others follow from the definition.
    std::vector<std::string> names_of_rows;
    std::string csv;
    std::size_t rows = 0;
    std::size_t unread = 0;
    std::size_t first_unread = 0;
};

class SqlDump {
public:
    explicit SqlDump(std::string_view text) : whole_(text), text_(text) {}

    TableOfLog largest() {
        while (!text_.done()) statement();
        TableOfLog result;
        const auto most = std::max_element(tables_.begin(), tables_.end(), [](const auto& a, const auto& b) {
            return a.second.rows < b.second.rows;
        });
        if (most == tables_.end() || most->second.rows == 0) return result;
        const SqlTable& table = most->second;
        std::string header;
        for (const std::string& name : table.names_of_rows) header += (header.empty() ? "" : ",") + csv_cell(name);
        result.csv = header.empty() ? table.csv : header + "\n" + table.csv;
        result.unread = table.unread;
        if (table.unread > 0) {
            const auto end = whole_.begin() + std::ptrdiff_t(table.first_unread);
            result.first_unread = 1 + std::count(whole_.begin(), end, '\n');
        }
        return result;
    }

private:
    void statement() {
        const std::string verb = text_.word();
        if (verb == "create")
            define();
        else if (verb == "insert" || verb == "replace")
            insert();
        else if (verb == "copy")
            copy();
        else
            text_.skip_statement();
    }

    void define() {
        constexpr int most_words = 8; // "temporary table if not exists"
        bool table = false;
        for (int i = 0; i < most_words; ++i) {
            const std::string next = text_.next_word();
            if (next != "table" && next != "temporary" && next != "temp" && next != "unlogged" && next != "if" &&
                next != "not" && next != "exists")
                break;
            table = table || next == "table";
            text_.word();
        }
        if (table) {
            const std::string name = text_.table_name();
            tables_[name].names = text_.names_in_brackets();
            // Of keys and conditions these are the first words, and they stand behind all columns.
            std::erase_if(tables_[name].names, [](const std::string& each) {
                const std::string word = lower(each);
                return word.empty() || word == "primary" || word == "unique" || word == "key" ||
                       word == "constraint" || word == "foreign" || word == "check" || word == "index";
            });
        }
        text_.skip_statement();
    }

    /// Its names are those of the table's first rows: rows under others are told as unread.
    bool fits(SqlTable& table, std::vector<std::string> names) {
        if (names.empty()) names = table.names;
        if (table.rows == 0 && table.names_of_rows.empty()) table.names_of_rows = names;
        return table.names_of_rows == names;
    }

    void take_row(SqlTable& table, const std::vector<std::string>& cells, bool fitting, std::size_t place) {
        const bool whole = table.names_of_rows.empty() || cells.size() == table.names_of_rows.size();
        if (!fitting || !whole) {
            if (table.unread++ == 0) table.first_unread = place;
            return;
        }
        ++table.rows;
        for (std::size_t i = 0; i < cells.size(); ++i) {
            if (i > 0) table.csv += ',';
            table.csv += csv_cell(cells[i]);
        }
        table.csv += '\n';
    }

    void insert() {
        // "or ignore into", "low_priority into"
        std::string word = text_.word();
        while (!word.empty() && word != "into") word = text_.word();
        SqlTable& table = tables_[text_.table_name()];
        text_.blanks();
        std::vector<std::string> names;
        if (text_.peek() == '(') names = text_.names_in_brackets();
        word = text_.word();
        if (word == "values" || word == "value") {
            const bool fitting = fits(table, std::move(names));
            do {
                text_.blanks();
                const std::size_t place = text_.place();
                if (!text_.take('(')) break;
                std::vector<std::string> cells;
                do cells.push_back(text_.value());
                while (text_.take(','));
                // A dump that was cut ends inside a row.
                if (!text_.take(')')) {
                    if (table.unread++ == 0) table.first_unread = place;
                    break;
                }
                take_row(table, cells, fitting, place);
            } while (text_.take(','));
        }
        text_.skip_statement();
    }

    void copy() {
        SqlTable& table = tables_[text_.table_name()];
        text_.blanks();
        std::vector<std::string> names;
        if (text_.peek() == '(') names = text_.names_in_brackets();
        const bool in_text = text_.word() == "from" && text_.word() == "stdin";
        text_.skip_statement();
        if (!in_text) return;
        text_.line();
        const bool fitting = fits(table, std::move(names));
        std::vector<std::string_view> cells;
        while (!text_.done()) {
            const std::size_t place = text_.place();
            const std::string_view line = text_.line();
            if (line == "\\.") return;
            split_cells(line, '\t', cells);
            std::vector<std::string> row;
            row.reserve(cells.size());
            for (const auto cell : cells) row.emplace_back(cell == "\\N" ? std::string_view() : cell);
            take_row(table, row, fitting, place);
        }
    }

    std::string_view whole_;
    SqlText text_;
    std::map<std::string, SqlTable, std::less<>> tables_;
};

} // namespace

bool looks_like_sql(std::string_view head) {
    const std::string text = lower(head);
    SqlText statements(text);
    statements.blanks();
    // What a client says of itself before its first statement.
    if (statements.peek() == '\\') statements.line();
    std::string first = statements.word();
    while (first.empty() && statements.take(';')) first = statements.word();
    constexpr std::array<std::string_view, 13> verbs = {"pragma",  "begin",  "set",  "create", "insert",
                                                        "replace", "copy",   "drop", "start",  "lock",
                                                        "alter",   "select", "use"};
    if (std::find(verbs.begin(), verbs.end(), first) == verbs.end()) return false;
    const auto stands = [&](std::string_view words) { return text.find(words) != std::string::npos; };
    return (stands("insert ") && stands(" into ") && stands("values")) ||
           (stands("copy ") && stands("from stdin")) || (stands("create table") && stands(";"));
}

TableOfLog sql_as_table(std::string_view text) {
    return SqlDump(text).largest();
}

} // namespace sobremesa::io
