#include "io/pack_table.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <functional>
#include <set>

#include "core/units/constants.hpp"
#include "core/units/same_word.hpp"
#include "io/cell_forms.hpp"
#include "io/column_shape.hpp"
#include "io/csv_table.hpp"
#include "io/header_cell.hpp"
#include "io/pack_fields.hpp"
#include "io/pack_words.hpp"
#include "io/text_number.hpp"
#include "io/time_columns.hpp"

namespace sobremesa::io {

namespace {

using battery::Pack;
using units::ErrorCode;

constexpr double milli = 1e-3;

/// One column: how a cell of it is read into a pack, and written.
struct Column {
    const char* name;
    bool needed;
    /// @return what is wrong with the cell
    std::function<std::optional<units::Error>(Pack&, const std::string&)> read;
    std::function<std::string(const Pack&)> write;
};

/// As many digits as it takes, and no more.
std::string shortest_figure(double value) {
    constexpr int most_decimals = 6;
    return shortest_text(value, most_decimals);
}

std::optional<units::Error> unreadable(const std::string& cell, const std::string& allowed) {
    return units::Error{ErrorCode::word_unknown, {}, {{"word", cell}, {"allowed", allowed}}};
}

Column number(const char* name, bool needed, double scale, const std::function<void(Pack&, double)>& set,
              const std::function<std::optional<double>(const Pack&)>& get) {
    return {name, needed,
            [scale, set](Pack& pack, const std::string& cell) -> std::optional<units::Error> {
                const auto value = number_from_text(cell);
                if (!value) return unreadable(cell, "12.5, 12,5 and the like");
                set(pack, *value * scale);
                return std::nullopt;
            },
            [scale, get](const Pack& pack) {
                const auto value = get(pack);
                return value ? shortest_figure(*value / scale) : std::string();
            }};
}

/// A number of cells; nothing for what is none, or more than any pack has.
std::optional<int> count_in(std::optional<double> value) {
    constexpr double most = 1000.0;
    if (!value || *value != std::floor(*value) || std::abs(*value) > most) return std::nullopt;
    return int(*value);
}
constexpr const char* allowed_counts = "1, 2, 3 and the like";

Column count(const char* name, bool needed, int Pack::*member) {
    return {name, needed,
            [member](Pack& pack, const std::string& cell) -> std::optional<units::Error> {
                const auto value = count_in(number_from_text(cell));
                if (!value) return unreadable(cell, allowed_counts);
                pack.*member = *value;
                return std::nullopt;
            },
            [member](const Pack& pack) { return text_from_number(pack.*member, 0); }};
}

template <class Word, class Set>
auto word(Word from_word, Set set, const std::string& allowed) {
    return [=](Pack& pack, const std::string& cell) -> std::optional<units::Error> {
        const auto value = from_word(cell);
        if (!value) return unreadable(cell, allowed);
        set(pack, *value);
        return std::nullopt;
    };
}

Column side(const char* name, double battery::Size::*member) {
    return number(
        name, false, milli,
        [member](Pack& pack, double value) {
            if (!pack.size) pack.size = battery::Size{};
            (*pack.size).*member = value;
        },
        [member](const Pack& pack) { return pack.size ? std::optional((*pack.size).*member) : std::nullopt; });
}

const std::vector<Column>& columns() {
    static const std::vector<Column> all{
        {"name", true,
         [](Pack& pack, const std::string& cell) {
             pack.name = cell;
             return std::optional<units::Error>();
         },
         [](const Pack& pack) { return pack.name; }},
        {"chemistry", true,
         word(
             battery::chemistry_from_word, [](Pack& p, battery::Chemistry c) { p.chemistry = c; },
             allowed_words<battery::Chemistry>()),
         [](const Pack& pack) { return std::string(battery::chemistry_word(pack.chemistry)); }},
        {"construction", false,
         word(
             battery::construction_from_word, [](Pack& p, battery::Construction c) { p.construction = c; },
             "high-capacity, high-drain"),
         [](const Pack& pack) {
             return pack.construction ? std::string(battery::construction_word(*pack.construction)) : std::string();
         }},
        count("series", true, &Pack::series),
        count("parallel", false, &Pack::parallel),
        number(
            "cell_capacity_mah", true, milli, [](Pack& p, double v) { p.cell_capacity_ah = v; },
            [](const Pack& p) { return std::optional(p.cell_capacity_ah); }),
        number(
            "cell_resistance_mohm", false, milli, [](Pack& p, double v) { p.cell_resistance_ohm = v; },
            [](const Pack& p) { return p.cell_resistance_ohm; }),
        number(
            "mass_g", true, milli, [](Pack& p, double v) { p.mass_kg = v; },
            [](const Pack& p) { return std::optional(p.mass_kg); }),
        number(
            "price", false, 1.0, [](Pack& p, double v) { p.price = v; }, [](const Pack& p) { return p.price; }),
        number(
            "measured_cell_mohm", false, milli, [](Pack& p, double v) { p.measured_cell_ohm = v; },
            [](const Pack& p) { return p.measured_cell_ohm; }),
        number(
            "rated_current_a", false, 1.0, [](Pack& p, double v) { p.rated_current_a = v; },
            [](const Pack& p) { return p.rated_current_a; }),
        {"current_label", false,
         word(
             battery::current_label_from_word, [](Pack& p, battery::CurrentLabel l) { p.current_label = l; },
             "none, cell-maker, pack-c, burst-c"),
         [](const Pack& pack) { return std::string(battery::current_label_word(pack.current_label)); }},
        number(
            "strips_current_a", false, 1.0, [](Pack& p, double v) { p.strips_current_a = v; },
            [](const Pack& p) { return p.strips_current_a; }),
        number(
            "connector_current_a", false, 1.0, [](Pack& p, double v) { p.connector_current_a = v; },
            [](const Pack& p) { return p.connector_current_a; }),
        side("length_mm", &battery::Size::length_m),
        side("width_mm", &battery::Size::width_m),
        side("height_mm", &battery::Size::height_m),
    };
    return all;
}

const Column* column_named(const std::string& name) {
    const auto found = std::find_if(columns().begin(), columns().end(),
                                    [&](const auto& c) { return units::same_word(name, c.name); });
    return found == columns().end() ? nullptr : &*found;
}

std::string without_mark(const std::string& text) {
    constexpr std::string_view byte_order_mark = "\xEF\xBB\xBF";
    return text.starts_with(byte_order_mark) ? text.substr(byte_order_mark.size()) : text;
}

char table_delimiter(const std::string& text) {
    const std::string head = text.substr(0, text.find('\n'));
    for (const char delimiter : {';', '\t'}) {
        if (head.find(delimiter) != std::string::npos) return delimiter;
    }
    return ',';
}

} // namespace

bool looks_like_pack_table(const std::string& head) {
    const std::string body = without_mark(head);
    // A document in one line holds the same words; it begins as no heading does.
    const auto first = body.find_first_not_of(" \t\r\n");
    if (first == std::string::npos || std::string_view("{[<").find(body[first]) != std::string_view::npos)
        return false;
    const auto rows = csv_rows(body.substr(0, body.find('\n')) + "\n", table_delimiter(body));
    if (rows.empty()) return false;
    std::set<PackColumn> found;
    for (const std::string& cell : rows.front().cells) {
        // An exported book has its own tables, whole documents in them.
        if (cell == "format") return false;
        if (const Column* own = column_named(std::string(trimmed(cell)))) {
            if (std::string_view(own->name) == "cell_capacity_mah") return true;
        } else if (const auto named = pack_column_from_header(cell)) {
            found.insert(named->column);
        } else if (const HeaderCell header = take_apart(cell); names_time(header)) {
            return false;
        }
    }
    const bool cells = found.contains(PackColumn::layout) || found.contains(PackColumn::series);
    return cells && found.contains(PackColumn::capacity) && found.contains(PackColumn::mass);
}

namespace {

/// What is said of a pack in columns of the pilot's own, until the whole row is known.
struct PilotsRow {
    std::optional<double> pack_capacity_ah;
    std::optional<double> pack_ohm;
    std::optional<double> c_rating;

    /// @param of_cells  a capacity of which nothing says whose it is
    void put_into(Pack& pack, bool of_cells) const {
        if (pack_capacity_ah)
            pack.cell_capacity_ah = *pack_capacity_ah / (of_cells ? 1 : std::max(pack.parallel, 1));
        if (pack_ohm) pack.cell_resistance_ohm = *pack_ohm * std::max(pack.parallel, 1) / std::max(pack.series, 1);
        if (c_rating) {
            pack.rated_current_a = *c_rating * pack.cell_capacity_ah * std::max(pack.parallel, 1);
            pack.current_label = battery::CurrentLabel::pack_c;
        }
    }
};

class PackTableReading {
public:
    PackTableReading(const std::string& text, std::string file)
        : file_(std::move(file)), rows_(csv_rows(text, table_delimiter(text))) {}

    units::Result<PackTable> run() {
        if (rows_.empty())
            return units::failure(ErrorCode::no_header, {file_, 1, {}, {}},
                                  {{"example", std::string("Name, Series, Parallel, Capacity (mAh), Mass (g)")}});
        take_grouping_out();
        for (std::size_t c = 0; c < rows_.front().cells.size(); ++c) understand(c);
        for (const Column& column : columns()) {
            if (column.needed && !is_given(column))
                return units::failure(ErrorCode::value_missing, {file_, 1, {}, column.name});
        }
        for (std::size_t i = 1; i < rows_.size(); ++i) {
            if (auto wrong = take_row(rows_[i])) return tl::unexpected(*wrong);
        }
        const bool of_cells = capacities_are_of_cells();
        for (Read& read : read_) {
            read.pilots.put_into(read.pack, of_cells);
            if (auto valid = battery::validate(read.pack); !valid) {
                units::Error error = valid.error();
                error.where.file = file_;
                error.where.line = read.line;
                return tl::unexpected(error);
            }
            table_.packs.push_back(std::move(read.pack));
        }
        return std::move(table_);
    }

private:
    /// A column of the table: one of our own, or one of the pilot's words.
    struct Given {
        const Column* own = nullptr;
        std::optional<PackHeader> pilots;
        double scale = 1.0;
        const char* name() const { return own ? own->name : pack_column_word(pilots->column); }
    };

    /// "5.200" of a table with decimal commas is five thousand two hundred.
    void take_grouping_out() {
        std::vector<ColumnCells> cells(rows_.front().cells.size());
        for (std::size_t i = 1; i < rows_.size(); ++i) {
            for (std::size_t c = 0; c < std::min(cells.size(), rows_[i].cells.size()); ++c)
                cells[c].push_back(rows_[i].cells[c]);
        }
        const std::vector<char> signs = grouping_of_columns(cells);
        for (std::size_t i = 1; i < rows_.size(); ++i) {
            for (std::size_t c = 0; c < std::min(signs.size(), rows_[i].cells.size()); ++c) {
                if (signs[c] != 0) rows_[i].cells[c] = without_grouping(rows_[i].cells[c], signs[c]);
            }
        }
    }

    void understand(std::size_t c) {
        const std::string cell(trimmed(rows_.front().cells[c]));
        Given given;
        given.own = column_named(cell);
        // What a pilot writes there is more than our own table has: "4S", "Li-ion 21700", "€39.90".
        constexpr std::array<std::string_view, 3> freer = {"chemistry", "series", "price"};
        if (given.own && std::find(freer.begin(), freer.end(), given.own->name) != freer.end()) given.own = nullptr;
        if (!given.own) given.pilots = pack_column_from_header(cell);
        if (given.pilots && is_taken(given.pilots->column)) given.pilots.reset();
        if (!given.own && !given.pilots) {
            table_.diagnostics.push_back(
                {units::DiagnosticCode::column_not_understood, units::Severity::note, {{"column", cell}}});
        } else if (given.pilots) {
            settle_unit(c, cell, given);
        }
        header_.push_back(given);
    }

    bool is_taken(PackColumn column) const {
        return std::any_of(header_.begin(), header_.end(),
                           [&](const Given& g) { return g.pilots && g.pilots->column == column; });
    }

    /// The unit of the header, of the cells, or by the size of the numbers; the last is said.
    void settle_unit(std::size_t c, const std::string& cell, Given& given) {
        given.scale = given.pilots->scale.value_or(1.0);
        if (given.pilots->scale || !has_unit(given.pilots->column)) return;
        double most = 0.0;
        bool in_cells = true;
        for (std::size_t i = 1; i < rows_.size(); ++i) {
            if (c >= rows_[i].cells.size()) continue;
            const auto amount = pack_amount(rows_[i].cells[c], given.pilots->column);
            if (!amount) continue;
            in_cells = in_cells && amount->scale.has_value();
            most = std::max(most, amount->value);
        }
        const PackUnit unit = likely_unit(given.pilots->column, most);
        given.scale = unit.scale;
        if (in_cells) return;
        table_.diagnostics.push_back({units::DiagnosticCode::unit_assumed,
                                      units::Severity::note,
                                      {{"unit", std::string(unit.word)},
                                       {"column", cell},
                                       {"channel", std::string(pack_column_word(given.pilots->column))}}});
    }

    bool is_given(const Column& column) const {
        return std::any_of(header_.begin(), header_.end(), [&](const Given& g) {
            if (g.own) return g.own == &column;
            return g.pilots && says(g.pilots->column, column.name);
        });
    }

    std::optional<units::Error> take_row(const CsvRow& row) {
        Pack pack;
        PilotsRow pilots;
        for (std::size_t c = 0; c < header_.size(); ++c) {
            const Given& given = header_[c];
            if (!given.own && !given.pilots) continue;
            const std::string cell = c < row.cells.size() ? std::string(trimmed(row.cells[c])) : std::string();
            const units::Where where{file_, row.line, std::int64_t(c + 1), given.name()};
            if (cell.empty()) {
                const bool needed = given.own ? given.own->needed : is_needed(given.pilots->column);
                if (needed) return units::Error{ErrorCode::value_missing, where, {}};
                continue;
            }
            auto wrong = given.own ? given.own->read(pack, cell) : take(pack, pilots, given, cell);
            if (!wrong) continue;
            wrong->where = where;
            return wrong;
        }
        read_.push_back({std::move(pack), pilots, row.line});
        return std::nullopt;
    }

    /// Of packs with cells side by side "capacity" alone may be a cell's or the pack's: whichever makes the packs
    /// weigh what packs of that energy do. Said either way.
    bool capacities_are_of_cells() {
        const auto column = std::find_if(header_.begin(), header_.end(), [](const Given& g) {
            return g.pilots && g.pilots->column == PackColumn::capacity && !g.pilots->whole_pack;
        });
        const bool side_by_side =
            std::any_of(read_.begin(), read_.end(), [](const Read& read) { return read.pack.parallel > 1; });
        if (column == header_.end() || !side_by_side) return false;
        double as_cells = 0.0;
        double as_pack = 0.0;
        for (const Read& read : read_) {
            const Pack& pack = read.pack;
            if (pack.parallel < 2 || !read.pilots.pack_capacity_ah || !(pack.mass_kg > 0.0)) continue;
            // Common practice, no source: Wh per kg of whole packs, and the volts of a cell in the middle.
            const double usual = pack.chemistry == battery::Chemistry::li_ion ? 210.0 : 150.0;
            constexpr double middle_v = 3.65;
            const double density = *read.pilots.pack_capacity_ah * pack.series * middle_v / pack.mass_kg;
            as_pack += std::abs(std::log(density / usual));
            as_cells += std::abs(std::log(density * pack.parallel / usual));
        }
        const bool of_cells = as_cells < as_pack;
        const auto place = std::size_t(column - header_.begin());
        table_.diagnostics.push_back({of_cells ? units::DiagnosticCode::capacity_read_as_cells
                                               : units::DiagnosticCode::capacity_read_as_packs,
                                      units::Severity::warning,
                                      {{"column", std::string(trimmed(rows_.front().cells[place]))}}});
        return of_cells;
    }

    struct Read {
        Pack pack;
        PilotsRow pilots;
        std::int64_t line = 0;
    };

    static std::optional<units::Error> take(Pack& pack, PilotsRow& row, const Given& given,
                                            const std::string& cell) {
        const PackColumn column = given.pilots->column;
        if (column == PackColumn::name) {
            pack.name = cell;
            return std::nullopt;
        }
        if (column == PackColumn::chemistry) {
            const auto chemistry = chemistry_in(cell);
            if (!chemistry) return unreadable(cell, allowed_words<battery::Chemistry>());
            pack.chemistry = *chemistry;
            return std::nullopt;
        }
        if (column == PackColumn::layout || column == PackColumn::series) {
            const auto layout = pack_layout(cell);
            if (!layout) return unreadable(cell, "4, 4S, 4S2P and the like");
            pack.series = layout->series;
            if (layout->parallel > 0) pack.parallel = layout->parallel;
            return std::nullopt;
        }
        const auto amount = pack_amount(cell, column);
        if (!amount) return unreadable(cell, "12.5, 12,5 and the like");
        const double value = amount->value * amount->scale.value_or(given.scale);
        const auto cells = count_in(value);
        if (column == PackColumn::parallel && !cells) return unreadable(cell, allowed_counts);
        const auto side = [&](double battery::Size::*member) {
            if (!pack.size) pack.size = battery::Size{};
            (*pack.size).*member = value;
        };
        switch (column) {
        case PackColumn::parallel: pack.parallel = *cells; break;
        case PackColumn::capacity: row.pack_capacity_ah = value; break;
        case PackColumn::cell_capacity: pack.cell_capacity_ah = value; break;
        case PackColumn::mass: pack.mass_kg = value; break;
        case PackColumn::cell_resistance: pack.cell_resistance_ohm = value; break;
        case PackColumn::pack_resistance: row.pack_ohm = value; break;
        case PackColumn::price: pack.price = value; break;
        case PackColumn::c_rating: row.c_rating = value; break;
        case PackColumn::rated_current: pack.rated_current_a = value; break;
        case PackColumn::length: side(&battery::Size::length_m); break;
        case PackColumn::width: side(&battery::Size::width_m); break;
        case PackColumn::height: side(&battery::Size::height_m); break;
        default: break;
        }
        return std::nullopt;
    }

    std::string file_;
    std::vector<CsvRow> rows_;
    std::vector<Given> header_;
    std::vector<Read> read_;
    PackTable table_;
};

} // namespace

units::Result<PackTable> packs_from_csv(const std::string& text, const std::string& file) {
    return PackTableReading(without_mark(text), file).run();
}

std::string csv_from_packs(const std::vector<Pack>& packs) {
    std::string text;
    for (const Column& column : columns()) text += (text.empty() ? "" : ",") + std::string(column.name);
    text += "\r\n";
    for (const Pack& pack : packs) {
        std::string row;
        for (const Column& column : columns()) {
            if (&column != &columns().front()) row += ",";
            row += csv_cell(column.write(pack));
        }
        text += row + "\r\n";
    }
    return text;
}

} // namespace sobremesa::io
