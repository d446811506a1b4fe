#include "io/csv_layout.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <deque>
#include <map>
#include <set>

#include "io/cell_forms.hpp"
#include "io/character_sets.hpp"
#include "io/digits.hpp"
#include "io/header_cell.hpp"
#include "io/log_header.hpp"
#include "io/open_file.hpp"
#include "io/text_number.hpp"
#include "io/time_columns.hpp"

namespace sobremesa::io {

namespace {

using Cells = std::vector<std::string_view>;

constexpr std::array delimiters = {',', ';', '\t', '|', '^', '~', wide_blanks, any_blanks};
/// … and those that hardly stand in anything else.
constexpr std::string_view marks = ";\t|^~";
/// Lines before the data, at most: a preamble of a recorder's settings may be long.
constexpr std::size_t longest_preamble_lines = 250;
/// Rows that a log without a header must have before its columns are guessed by their numbers.
constexpr std::size_t least_nameless_rows = 5;

/// "000 47": of a row that has blanks between its columns and commas in its numbers, more often than degrees and
/// minutes.
bool is_numbers_and_blanks(std::string_view cell) {
    return cell.find(' ') != std::string_view::npos &&
           cell.find_first_not_of("0123456789.+- ") == std::string_view::npos;
}

/// A cell as a log has them: a number, a clock, a date, an angle. Not a pair: two numbers with a blank between are
/// two cells of another delimiter more often than one place.
bool is_cell_value(std::string_view cell) {
    // No value is longer, or without a digit: most of what a wrong delimiter cuts is one of these.
    constexpr std::size_t longest = 64;
    if (cell.size() > longest || std::none_of(cell.begin(), cell.end(), is_digit)) return false;
    double value = 0.0;
    return number_from_text(cell) || possible_moment_orders(cell) != 0 || possible_date_orders(cell) != 0 ||
           parse_clock(cell, ClockForm::hours_first, value) || number_with_unit(cell) ||
           (cell.size() > 3 && !is_numbers_and_blanks(cell) && parse_angle(cell, false, value));
}

/// How values begin, and names do not.
bool is_figure(char c) {
    return is_digit(c) || c == '-' || c == '+' || c == '.';
}

bool is_comment(std::string_view line) {
    return !line.empty() && line.front() == '#';
}

/// How well a delimiter cuts rows into values.
struct Cut {
    char delimiter = ',';
    /// Cells of most rows.
    std::size_t columns = 0;
    double score = 0.0;
    /// Rows end with a delimiter: a last column may be empty nearly everywhere.
    bool open_ended = false;
};

Cut judge(char delimiter, const std::vector<std::string_view>& rows) {
    std::map<std::size_t, std::size_t> counts;
    /// Of them those that ended with a delimiter.
    std::map<std::size_t, std::size_t> open_ended;
    Cells cells;
    double values = 0.0;
    for (const auto& row : rows) {
        split_cells(row, delimiter, cells);
        const bool open_end = cells.size() > 1 && cells.back().empty();
        if (open_end) cells.pop_back();
        ++counts[cells.size()];
        if (open_end) ++open_ended[cells.size()];
        double here = 0.0;
        // A cell in which another delimiter is left was cut in the wrong place.
        for (const auto cell : cells) {
            if (means_missing(cell)) continue;
            if (is_cell_value(cell))
                here += 1.0;
            else if (cell.find(',') != std::string_view::npos ||
                     cell.find_first_of(marks) != std::string_view::npos)
                here -= 1.0;
        }
        if (cells.size() > 1) values += here;
    }
    Cut cut{delimiter, 0, 0.0, false};
    std::size_t most = 0;
    for (const auto& [columns, times] : counts) {
        if (columns < 2 || times < most) continue;
        most = times;
        cut.columns = columns;
    }
    if (cut.columns < 2) return cut;
    cut.open_ended = 10 * open_ended[cut.columns] >= 9 * counts[cut.columns];
    // Rows whose last cell is empty beside rows that fill it: the delimiter at their end is none that trails.
    const auto longer = counts.find(cut.columns + 1);
    if (longer != counts.end() && 10 * longer->second >= rows.size() && cut.open_ended) {
        most += longer->second;
        ++cut.columns;
        cut.open_ended = false;
    }
    cut.score = values / double(rows.size()) * double(most) / double(rows.size());
    return cut;
}

class LayoutSearch {
public:
    LayoutSearch(const CsvSample& sample, const std::string& path,
                 const std::vector<telemetry::ColumnChoice>& choices)
        : sample_(sample), path_(path), choices_(choices) {}

    units::Result<CsvLayout> run() {
        for (const auto& line : sample_.head) head_.push_back(without_mark(line.text));
        join_broken_lines();
        find_delimiter();
        read_in_utf8();
        find_data();
        if (!first_data_) return without_data();
        find_header();
        if (!header_ && rows_from(*first_data_) < least_nameless_rows) return failed(units::ErrorCode::no_header);
        begin_data(*first_data_);
        find_home();
        return std::move(layout_);
    }

private:
    static std::string_view without_mark(std::string_view line) {
        constexpr std::string_view mark = "\xEF\xBB\xBF";
        if (line.starts_with(mark)) line.remove_prefix(mark.size());
        return line;
    }

    /// A name in quotes may hold line ends: "Time\n(s)". Such lines are one; the others of it stay as empty ones.
    void join_broken_lines() {
        constexpr std::size_t most_lines_of_one = 60;
        // A quote opens at the beginning of a cell (RFC 4180): others are inches or seconds.
        const auto is_open = [](std::string_view line) {
            bool open = false;
            bool begins = true;
            for (std::size_t at = 0; at < line.size(); ++at) {
                const char c = line[at];
                if (open && c == '"' && at + 1 < line.size() && line[at + 1] == '"')
                    ++at;
                else if (c == '"' && (open || begins))
                    open = !open;
                begins = !open && (c == ',' || c == ';' || c == '\t' || c == '|' || (begins && c == ' '));
            }
            return open;
        };
        for (std::size_t i = 0; i + 1 < head_.size() && i < longest_preamble_lines; ++i) {
            if (!is_open(head_[i])) continue;
            std::string whole(head_[i]);
            std::size_t end = i + 1;
            while (end < head_.size() && end - i < most_lines_of_one && is_open(whole))
                whole += " " + std::string(head_[end++]);
            if (is_open(whole)) return;
            std::fill(head_.begin() + std::ptrdiff_t(i), head_.begin() + std::ptrdiff_t(end), std::string_view());
            // Data begin behind the last of its lines.
            head_[end - 1] = joined_.emplace_back(std::move(whole));
            i = end - 1;
        }
    }

    /// Lines before the data in the character set in which they say most; rows keep their bytes.
    void read_in_utf8() {
        std::vector<std::string_view> foreign;
        constexpr std::size_t enough = 8;
        for (std::size_t i = 0; i < head_.size() && i < longest_preamble_lines && foreign.size() < enough; ++i) {
            if (!is_utf8(head_[i])) foreign.push_back(head_[i]);
        }
        if (foreign.empty()) return;
        // Dozens of such names say no more than the first ones.
        constexpr std::size_t enough_names = 24;
        const std::size_t enough_of_line = std::max<std::size_t>(enough_names / foreign.size(), 12);
        const char* set = character_set_of(foreign, [&](std::string_view line) {
            Cells cells;
            split_cells(line, layout_.delimiter, cells);
            int said = 0;
            std::size_t asked = 0;
            for (const auto cell : cells) {
                // What is the same in every set does not tell them apart.
                const bool foreign_cell =
                    std::any_of(cell.begin(), cell.end(), [](char c) { return (std::uint8_t(c) & 0x80U) != 0; });
                if (!foreign_cell || is_figure(cell.front())) continue;
                if (++asked > enough_of_line) break;
                const HeaderCell apart = take_apart(cell);
                said += (is_recognised(cell, apart) ? 2 : 0) + (apart.unit ? 1 : 0);
            }
            return said;
        });
        for (std::size_t i = 0; i < head_.size() && i < longest_preamble_lines; ++i) {
            if (is_utf8(head_[i])) continue;
            if (auto text = from_character_set(head_[i], set)) head_[i] = joined_.emplace_back(std::move(*text));
        }
    }

    tl::unexpected<units::Error> failed(units::ErrorCode code, std::optional<std::int64_t> line = {}) const {
        units::Where where = in_file(path_);
        where.line = line.value_or(sample_.head.empty() ? 1 : sample_.head.back().number);
        return tl::unexpected(units::Error{code, where, {}});
    }

    void find_delimiter() {
        // The second half of what was sampled is data, whatever came before them.
        std::vector<std::string_view> rows;
        for (std::size_t i = head_.size() / 2; i < head_.size(); ++i) {
            if (!trimmed(head_[i]).empty() && !is_comment(head_[i])) rows.push_back(head_[i]);
        }
        constexpr std::size_t enough = 60;
        if (rows.size() > enough) rows.resize(enough);
        for (std::size_t i = 0; i < sample_.spread.size() && i < enough; ++i)
            rows.push_back(sample_.spread[i * std::max<std::size_t>(1, sample_.spread.size() / enough)]);
        // Where most rows have tabs, semicolons, bars or the like, these are the delimiters, and blanks stand
        // inside cells.
        const auto marked = std::size_t(std::count_if(rows.begin(), rows.end(), [](std::string_view row) {
            return trimmed(row).find_first_of(marks) != std::string_view::npos;
        }));
        for (const char delimiter : delimiters) {
            const bool blanks = delimiter == any_blanks || delimiter == wide_blanks;
            if (blanks && 10 * marked > 8 * rows.size()) continue;
            const bool there = blanks || std::any_of(rows.begin(), rows.end(), [&](std::string_view row) {
                                   return row.find(delimiter) != std::string_view::npos;
                               });
            if (!there) continue;
            const Cut cut = judge(delimiter, rows);
            if (cut.score > best_.score + 1e-9) best_ = cut;
        }
        layout_.delimiter = best_.delimiter;
    }

    std::size_t cells_of(std::size_t line, Cells& cells) const {
        split_cells(head_[line], layout_.delimiter, cells);
        return cells.size();
    }

    bool is_data(std::size_t line) const {
        Cells cells;
        const std::size_t count = cells_of(line, cells);
        // A remark may stand behind the delimiter that ends the other rows.
        const bool one_more = count == best_.columns + 1 && (best_.open_ended || cells.back().empty());
        if (count != best_.columns && !one_more) return false;
        std::size_t values = 0;
        std::size_t texts = 0;
        for (const auto cell : cells) {
            if (means_missing(cell)) continue;
            (is_cell_value(cell) ? values : texts) += 1;
        }
        return values >= 2 && values >= texts;
    }

    std::size_t rows_from(std::size_t line) const {
        std::size_t rows = sample_.spread.size();
        for (std::size_t i = line; i < head_.size(); ++i) rows += is_data(i) ? 1 : 0;
        return rows;
    }

    void find_data() {
        if (best_.columns < 2) return;
        for (std::size_t i = 0; i < head_.size() && i < longest_preamble_lines; ++i) {
            if (is_comment(head_[i]) || !is_data(i)) continue;
            first_data_ = i;
            return;
        }
    }

    static bool names_fit(std::size_t names, std::size_t columns) {
        return names == columns || names == columns + 1 || names + 1 == columns;
    }

    /// "columns: time volts", "Units = s V": what the line is says the word in front.
    static std::string_view without_title(std::string_view text) {
        constexpr std::array<std::string_view, 10> titles = {"columns", "column names", "fields", "field names",
                                                             "names",   "header",       "labels", "channels",
                                                             "units",   "unit"};
        const auto sign = text.find_first_of(":=");
        if (sign == std::string_view::npos) return text;
        const std::string title = lower(trimmed(text.substr(0, sign)));
        const bool known = std::find(titles.begin(), titles.end(), title) != titles.end();
        return known ? trimmed(text.substr(sign + 1)) : text;
    }

    /// A header's words, of a line that may be marked as a comment.
    Cells names_in(std::size_t line) const {
        std::string_view text = head_[line];
        while (!text.empty() &&
               (text.front() == '#' || text.front() == '%' || text.front() == '/' || text.front() == ' '))
            text.remove_prefix(1);
        text = without_title(text);
        Cells cells;
        split_cells(text, layout_.delimiter, cells);
        if (cells.size() > 1 && cells.back().empty()) cells.pop_back();
        return cells.size() > best_.columns + 1 ? with_units(cells) : cells;
    }

    /// "Time, s,Voltage, V": the delimiter stands before the units, too, and nothing is in quotes. Taken where that
    /// makes as many names as there are columns.
    Cells with_units(const Cells& cells) const {
        Cells names;
        for (const auto cell : cells) {
            const bool unit = !names.empty() && !names.back().empty() && !cell.empty() && is_unit_cell(cell) &&
                              !is_unit_cell(names.back()) && names.back().data() < cell.data();
            if (!unit) {
                names.push_back(cell);
                continue;
            }
            names.back() =
                std::string_view(names.back().data(), std::size_t(cell.data() + cell.size() - names.back().data()));
        }
        return names.size() == best_.columns ? names : cells;
    }

    static std::size_t values_in(const Cells& cells) {
        return std::size_t(std::count_if(cells.begin(), cells.end(),
                                         [](auto cell) { return !means_missing(cell) && is_cell_value(cell); }));
    }

    bool is_unit_row(const Cells& cells) const {
        std::size_t units = 0;
        std::size_t filled = 0;
        for (const auto cell : cells) {
            filled += cell.empty() ? 0 : 1;
            units += !cell.empty() && is_unit_cell(as_utf8(cell)) ? 1 : 0;
        }
        return units > 0 && 2 * units > filled;
    }

    bool is_chosen(const Cells& cells) const {
        return std::any_of(cells.begin(), cells.end(), [&](auto cell) {
            return std::any_of(choices_.begin(), choices_.end(),
                               [&](const auto& c) { return c.header == as_utf8(cell); });
        });
    }

    /// The line nearest before the data that names the columns: by words of a log, or by being cut like its rows.
    void find_header() {
        std::optional<std::size_t> unnamed;
        for (std::size_t back = *first_data_; back > 0; --back) {
            const std::size_t line = back - 1;
            if (trimmed(head_[line]).empty()) continue;
            const Cells cells = names_in(line);
            const bool comment = is_comment(head_[line]);
            if (cells.size() < 2 || !names_fit(cells.size(), best_.columns) || 2 * values_in(cells) > cells.size())
                continue;
            if (is_unit_row(cells) && !units_ &&
                (recognised_cells(cells) < int(cells.size() + 1) / 2 || names_stand_above(line))) {
                units_ = line;
                continue;
            }
            if (recognised_cells(cells) >= 2 || is_chosen(cells)) {
                header_ = line;
                break;
            }
            if (!unnamed && !comment && values_in(cells) == 0) unnamed = line;
        }
        if (!header_) find_header_of_other_length();
        if (!header_) header_ = unnamed;
        // Names may be no more than units: "s, V, A".
        if (!header_ && units_) std::swap(header_, units_);
        if (header_)
            take_names();
        else
            nameless();
    }

    /// Units that are words of a log themselves ("ms, V, W") are no names where names stand in the line before.
    bool names_stand_above(std::size_t line) const {
        while (line > 0 && trimmed(head_[line - 1]).empty()) --line;
        if (line == 0) return false;
        const Cells names = names_in(line - 1);
        return names_fit(names.size(), best_.columns) && !is_unit_row(names) && values_in(names) == 0 &&
               recognised_cells(names) >= 2;
    }

    /// Names that are fewer than the cells of the rows: the rest has none. Names that are more: the rows are cut.
    void find_header_of_other_length() {
        for (std::size_t back = *first_data_; back > 0; --back) {
            const Cells cells = names_in(back - 1);
            const bool words = recognised_cells(cells) >= 2 && recognised_cells(cells) * 2 >= int(cells.size());
            if (cells.size() < 2 || !words || values_in(cells) > 0) continue;
            header_ = back - 1;
            best_.columns = std::max(best_.columns, cells.size());
            return;
        }
    }

    /// A row above the header whose cells stand for all the columns up to the next one.
    std::vector<std::string> groups(std::size_t columns) const {
        std::vector<std::string> result(columns);
        if (*header_ == 0) return result;
        Cells cells;
        cells_of(*header_ - 1, cells);
        const auto filled =
            std::size_t(std::count_if(cells.begin(), cells.end(), [](auto c) { return !c.empty(); }));
        if (!names_fit(cells.size(), columns) || filled == 0 || filled + 1 >= cells.size() || values_in(cells) > 0)
            return result;
        std::string group;
        for (std::size_t i = 0; i < columns; ++i) {
            if (i < cells.size() && !cells[i].empty()) group = as_utf8(cells[i]);
            result[i] = group;
        }
        return result;
    }

    /// Rows begin with a number or a name of their own, which the header leaves out, as tables of statistics do:
    /// its names are those of the columns behind.
    bool rows_have_names(const Cells& names) const {
        if (names.size() + 1 != best_.columns || !first_data_) return false;
        constexpr std::size_t least_rows = 3;
        std::size_t rows = 0;
        bool quoted = true;
        bool counted = true;
        bool second_rises = true;
        double before = missing_value;
        // A table printed in columns leaves blanks above its numbers of rows.
        const bool from_zero = head_[*header_].starts_with("  ");
        std::size_t first_number = 1;
        for (std::size_t line = *first_data_; line < head_.size(); ++line) {
            if (!is_data(line)) continue;
            Cells cells;
            cells_of(line, cells);
            // Of the names alone: quotes around every cell say nothing.
            const std::string_view text = trimmed(head_[line]);
            quoted = quoted && text.front() == '"' && text.back() != '"';
            if (rows == 0) first_number = from_zero && number_from_text(cells[0]) == 0.0 ? 0 : 1;
            counted = counted && number_from_text(cells[0]) == double(rows + first_number);
            const auto second = number_from_text(cells[1]);
            second_rises = second_rises && !(second && *second < before);
            before = second.value_or(before);
            ++rows;
        }
        if (rows < least_rows || !counted) return false;
        // "time" may count from one by itself, and "no" does; a latitude does not.
        const std::string first = as_utf8(names.front());
        const HeaderCell apart = take_apart(first);
        return quoted || (is_recognised(first, apart) && (!names_time(apart) || second_rises));
    }

    /// Where blanks cut every moment of the data in two, "2026-04-18 09:59:00": the cell that is its date.
    std::optional<std::size_t> cut_moment() const {
        if (layout_.delimiter != any_blanks && layout_.delimiter != wide_blanks) return std::nullopt;
        const auto is_cut = [](std::string_view date, std::string_view clock) {
            double seconds = 0.0;
            return possible_date_orders(date) != 0 && !number_from_text(date) &&
                   clock.find(':') != std::string_view::npos && parse_clock(clock, ClockForm::hours_first, seconds);
        };
        std::optional<std::size_t> place;
        Cells cells;
        for (std::size_t line = *first_data_; line < head_.size(); ++line) {
            if (!is_data(line)) continue;
            cells_of(line, cells);
            std::size_t at = place.value_or(0);
            while (!place && at + 1 < cells.size() && !is_cut(cells[at], cells[at + 1])) ++at;
            if (at + 1 >= cells.size() || !is_cut(cells[at], cells[at + 1])) return std::nullopt;
            place = at;
        }
        return place;
    }

    /// Names for the two parts of a moment that have one name or none, and for numbers of rows before them.
    void name_cut_moment(Cells& names) const {
        if (!first_data_ || names.empty() || names.size() >= best_.columns) return;
        const auto cut = cut_moment();
        if (!cut || *cut > names.size()) return;
        const std::size_t unnamed = best_.columns - names.size();
        const auto names_a_time = [&](std::size_t at) { return names_time(take_apart(as_utf8(names[at]))); };
        const auto put = [&](std::size_t at, std::string_view name) {
            names.insert(names.begin() + std::ptrdiff_t(at), name);
        };
        if (unnamed == 1 && *cut > 0 && names_a_time(*cut - 1)) {
            put(0, {}); // "date time" are names of their own
        } else if (unnamed == 1) {
            put(*cut, "date");
        } else if (unnamed == 2 && *cut == 0) {
            put(0, "time");
            put(0, "date");
        } else if (unnamed == 2 && *cut == 1) {
            put(0, {});
            put(1, "date");
        }
    }

    void take_names() {
        Cells cells = names_in(*header_);
        name_cut_moment(cells);
        if (rows_have_names(cells)) cells.insert(cells.begin(), std::string_view());
        // A last column that has a name, and hardly ever a cell: remarks.
        if (cells.size() == best_.columns + 1 && best_.open_ended && !cells.back().empty()) ++best_.columns;
        const std::size_t columns = best_.columns;
        layout_.header_line = std::string(head_[*header_]);
        layout_.header_number = sample_.head[*header_].number;
        const std::vector<std::string> group = groups(columns);
        Cells units;
        if (units_) units = names_in(*units_);
        std::map<std::string, int> times;
        for (const auto cell : cells) ++times[as_utf8(cell)];
        std::set<std::string> taken;
        for (std::size_t i = 0; i < columns; ++i) {
            const std::string name = i < cells.size() ? as_utf8(cells[i]) : std::string();
            std::string label = name;
            if (!name.empty() && times[name] > 1) {
                const std::string number = text_from_number(double(i + 1), 0);
                label = group[i].empty() ? std::string(name).append(" #").append(number)
                                         : std::string(group[i]).append(" ").append(name);
                if (taken.contains(label)) label += " #" + number;
            }
            taken.insert(label);
            std::string whole = group[i].empty() || name.empty() ? name : group[i] + " " + name;
            if (i < units.size() && !units[i].empty() && !take_apart(name).unit) {
                const std::string unit = as_utf8(units[i]);
                whole += unit.find_first_of("([") == std::string::npos ? " (" + unit + ")" : " " + unit;
            }
            layout_.names.push_back(std::move(whole));
            layout_.labels.push_back(std::move(label));
        }
    }

    void nameless() {
        for (std::size_t i = 0; i < best_.columns; ++i) {
            layout_.names.emplace_back();
            layout_.labels.push_back("column " + text_from_number(double(i + 1), 0));
        }
    }

    void begin_data(std::size_t line) {
        layout_.data_begin = line == 0 ? 0 : sample_.head[line - 1].end;
        layout_.lines_before_data = sample_.head[line].number - 1;
        for (std::size_t i = line; i < head_.size(); ++i) {
            if (!trimmed(head_[i]).empty() && !is_comment(head_[i])) layout_.rows.emplace_back(head_[i]);
        }
        layout_.rows.insert(layout_.rows.end(), sample_.spread.begin(), sample_.spread.end());
    }

    /// "home: 47.1, 11.5" in the preamble.
    void find_home() {
        for (std::size_t i = 0; i < *first_data_; ++i) {
            const std::string text = lower(head_[i]);
            const auto home = text.find("home");
            const auto digits = home == std::string::npos ? home : text.find_first_of("-0123456789", home);
            if (digits == std::string::npos) continue;
            std::pair<double, double> place;
            std::string words = text.substr(digits);
            if (parse_pair(trimmed(words), place.first, place.second)) layout_.home = place;
        }
    }

    /// No row has values: a header alone, text in every number, or no log at all.
    units::Result<CsvLayout> without_data() {
        for (std::size_t i = 0; i < head_.size() && i < longest_preamble_lines; ++i) {
            Cells cells;
            char delimiter = ',';
            std::ptrdiff_t most = 0;
            for (const char candidate : {',', ';', '\t', '|', '^', '~'}) {
                const auto count = std::count(head_[i].begin(), head_[i].end(), candidate);
                if (count > most) {
                    most = count;
                    delimiter = candidate;
                }
            }
            split_cells(head_[i], delimiter, cells);
            if (cells.size() > 1 && cells.back().empty()) cells.pop_back();
            if (cells.size() < 2 || recognised_cells(cells) < 2) continue;
            layout_.delimiter = best_.delimiter = delimiter;
            best_.columns = cells.size();
            header_ = i;
            take_names();
            for (std::size_t next = i + 1; next < head_.size(); ++next) {
                if (trimmed(head_[next]).empty() || is_comment(head_[next])) continue;
                begin_data(next);
                return std::move(layout_);
            }
            return failed(units::ErrorCode::header_without_rows, sample_.head[i].number);
        }
        return failed(units::ErrorCode::no_header);
    }

    const CsvSample& sample_;
    const std::string& path_;
    const std::vector<telemetry::ColumnChoice>& choices_;
    std::vector<std::string_view> head_;
    std::deque<std::string> joined_;
    Cut best_;
    std::optional<std::size_t> first_data_;
    std::optional<std::size_t> header_;
    std::optional<std::size_t> units_;
    CsvLayout layout_;
};

} // namespace

std::string as_utf8(std::string_view text) {
    if (is_utf8(text)) return std::string(text);
    std::string result;
    for (const char c : text) {
        const auto u = static_cast<unsigned char>(c);
        if (u < 0x80U) {
            result += c;
        } else {
            result += char(0xC0U | (u >> 6U));
            result += char(0x80U | (u & 0x3FU));
        }
    }
    return result;
}

units::Result<CsvLayout> layout_of(const CsvSample& sample, const std::string& path,
                                   const std::vector<telemetry::ColumnChoice>& choices) {
    return LayoutSearch(sample, path, choices).run();
}

} // namespace sobremesa::io
