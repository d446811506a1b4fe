#include "io/pack_table.hpp"

#include <algorithm>
#include <cmath>
#include <functional>

#include "core/units/constants.hpp"
#include "core/units/same_word.hpp"
#include "io/cell_forms.hpp"
#include "io/csv_table.hpp"
#include "io/text_number.hpp"

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
std::string plain(double value) {
    std::string text = text_from_number(value, 6);
    text.erase(text.find_last_not_of('0') + 1);
    if (text.back() == '.') text.pop_back();
    return text;
}

std::optional<units::Error> unreadable(const std::string& cell, const char* allowed) {
    return units::Error{ErrorCode::word_unknown, {}, {{"word", cell}, {"allowed", std::string(allowed)}}};
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
                return value ? plain(*value / scale) : std::string();
            }};
}

Column count(const char* name, bool needed, int Pack::*member) {
    return {name, needed,
            [member](Pack& pack, const std::string& cell) -> std::optional<units::Error> {
                const auto value = number_from_text(cell);
                if (!value || *value != std::floor(*value) || std::abs(*value) > 1000.0)
                    return unreadable(cell, "1, 2, 3 and the like");
                pack.*member = int(*value);
                return std::nullopt;
            },
            [member](const Pack& pack) { return text_from_number(pack.*member, 0); }};
}

template <class Word, class Set>
auto word(Word from_word, Set set, const char* allowed) {
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
             "lipo, lipo-hv, li-ion"),
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

char table_delimiter(const std::string& text) {
    const std::string head = text.substr(0, text.find('\n'));
    for (const char delimiter : {';', '\t'}) {
        if (head.find(delimiter) != std::string::npos) return delimiter;
    }
    return ',';
}

} // namespace

units::Result<PackTable> packs_from_csv(const std::string& text, const std::string& file) {
    const std::string byte_order_mark = "\xEF\xBB\xBF";
    const std::string body = text.rfind(byte_order_mark, 0) == 0 ? text.substr(3) : text;
    const auto rows = csv_rows(body, table_delimiter(body));
    if (rows.empty()) return units::failure(ErrorCode::no_header, {file, 1, {}, {}});
    PackTable table;
    std::vector<const Column*> header;
    for (const std::string& cell : rows.front().cells) {
        header.push_back(column_named(std::string(trimmed(cell))));
        if (!header.back())
            table.diagnostics.push_back(
                {units::DiagnosticCode::column_not_understood, units::Severity::note, {{"column", cell}}});
    }
    for (const Column& column : columns()) {
        if (column.needed && std::find(header.begin(), header.end(), &column) == header.end())
            return units::failure(ErrorCode::value_missing, {file, 1, {}, column.name});
    }
    for (std::size_t i = 1; i < rows.size(); ++i) {
        Pack pack;
        for (std::size_t c = 0; c < header.size(); ++c) {
            const std::string cell =
                c < rows[i].cells.size() ? std::string(trimmed(rows[i].cells[c])) : std::string();
            if (!header[c]) continue;
            const units::Where where{file, rows[i].line, std::int64_t(c + 1), header[c]->name};
            if (cell.empty()) {
                if (header[c]->needed) return units::failure(ErrorCode::value_missing, where);
                continue;
            }
            if (auto wrong = header[c]->read(pack, cell)) {
                wrong->where = where;
                return tl::unexpected(*wrong);
            }
        }
        if (auto valid = battery::validate(pack); !valid) {
            units::Error error = valid.error();
            error.where.file = file;
            error.where.line = rows[i].line;
            return tl::unexpected(error);
        }
        table.packs.push_back(std::move(pack));
    }
    return table;
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
