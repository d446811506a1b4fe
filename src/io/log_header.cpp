#include "io/log_header.hpp"

#include <algorithm>
#include <array>
#include <bit>
#include <cctype>
#include <cmath>
#include <deque>
#include <map>
#include <optional>

#include "core/units/constants.hpp"
#include "io/column_evidence.hpp"
#include "io/header_cell.hpp"
#include "io/quantity_words.hpp"
#include "io/text_number.hpp"
#include "io/time_columns.hpp"
#include "io/written_position.hpp"

namespace sobremesa::io {

namespace {

using Kind = LogColumn::Kind;
using telemetry::Channel;

constexpr double largest_degrees = 360.0;
constexpr double ten_millionth_deg = 1e-7;
constexpr double semicircle_deg = 180.0 / 2147483648.0;

constexpr std::array<std::string_view, 8> plain_meanings = {"ignored",   "date",       "clock",    "moment",
                                                            "date-part", "clock-part", "position", "cells"};
/// In the order of `LogColumn::DatePart`.
constexpr std::array<std::string_view, 3> date_part_words = {"year", "month", "day"};

units::Result<LogColumn> column_by_choice(const telemetry::ColumnChoice& choice, bool& order_said) {
    const auto unknown = [&](const std::string& word, const std::vector<std::string>& allowed) {
        units::Where where;
        where.field = choice.header;
        std::string list;
        for (const std::string& each : allowed) list += (list.empty() ? "" : ", ") + each;
        return units::failure(units::ErrorCode::word_unknown, where, {{"word", word}, {"allowed", list}});
    };
    LogColumn column;
    column.header = choice.header;
    column.chosen = true;
    if (choice.meaning == "ignored") return column;
    if (choice.meaning == "date") column.kind = Kind::date;
    if (choice.meaning == "clock") column.kind = Kind::clock_time;
    if (choice.meaning == "moment") column.kind = Kind::moment;
    if (choice.meaning == "position") column.kind = Kind::position_pair;
    if (choice.meaning == "cells") column.kind = Kind::cell_list;
    if (choice.meaning == "date-part") {
        const auto* const part = std::find(date_part_words.begin(), date_part_words.end(), choice.unit);
        if (part == date_part_words.end()) return unknown(choice.unit, column_units(choice.meaning));
        column.kind = Kind::date_part;
        column.date_part = LogColumn::DatePart(part - date_part_words.begin());
    }
    if (choice.meaning == "clock-part") {
        const auto unit = unit_from_word(choice.unit.empty() ? "s" : lower(choice.unit));
        if (!unit || unit->dimension != Dimension::time) return unknown(choice.unit, column_units(choice.meaning));
        column.kind = Kind::clock_part;
        column.scale = unit->scale;
    }
    if (column.kind == Kind::date || column.kind == Kind::moment) {
        if (choice.unit.empty()) return column;
        const auto* const word = std::find(date_order_words.begin(), date_order_words.end(), choice.unit);
        if (word == date_order_words.end()) return unknown(choice.unit, column_units(choice.meaning));
        column.date_order = DateOrder(word - date_order_words.begin());
        order_said = true;
    }
    if (column.kind != Kind::ignored) return column;
    const auto channel = telemetry::channel_from_word(choice.meaning);
    if (!channel) return unknown(choice.meaning, column_meanings());
    column.kind = Kind::number;
    column.channel = *channel;
    const Meaning& meaning = meaning_of(*channel);
    column.scale = meaning.usual_scale;
    if (choice.unit.empty()) {
        // The unit of the header holds where there is one.
        const HeaderCell cell = take_apart(choice.header);
        if (cell.unit && cell.unit->dimension == meaning.dimension) column.scale = cell.unit->scale;
        return column;
    }
    const auto unit = unit_from_word(lower(choice.unit));
    if (!unit || unit->dimension != meaning.dimension) return unknown(choice.unit, column_units(choice.meaning));
    column.scale = unit->scale;
    return column;
}

bool is_position(Channel channel) {
    return channel == Channel::latitude_deg || channel == Channel::longitude_deg;
}

/// Quantities whose unit is to be said where a log names none.
bool needs_unit(Dimension dimension) {
    return dimension != Dimension::count && dimension != Dimension::angle && dimension != Dimension::share &&
           dimension != Dimension::decibel;
}

/// "0012.34" of a latitude, "00012.34" of a longitude: a receiver's places for degrees that are none.
bool has_places_for_degrees(std::string_view cell, std::size_t of_degrees) {
    const std::string_view digits = cell.substr(0, cell.find_first_not_of("0123456789"));
    return digits.size() > of_degrees && digits.front() == '0';
}

/// A header with one number in it, "C1 (mV)", apart from that number.
struct NumberedName {
    std::string name;
    std::string around; ///< the letters alone
    int number = 0;
};

std::optional<NumberedName> numbered_name(std::string_view header) {
    constexpr std::string_view digits = "0123456789";
    const auto begin = header.find_first_of(digits);
    if (begin == std::string_view::npos) return std::nullopt;
    const auto end = std::min(header.find_first_not_of(digits, begin), header.size());
    constexpr std::size_t most_digits = 2;
    if (end - begin > most_digits || header.find_first_of(digits, end) != std::string_view::npos)
        return std::nullopt;
    NumberedName found;
    found.name = std::string(header.substr(0, begin)) + '#' + std::string(header.substr(end));
    found.number = int(number_from_text(header.substr(begin, end - begin)).value_or(0.0));
    for (const char c : found.name) {
        if (std::isalpha(static_cast<unsigned char>(c))) found.around += char(std::tolower(c));
    }
    return found;
}

class Understanding {
public:
    Understanding(const std::vector<ColumnText>& texts, std::size_t together) : together_(together) {
        columns_.resize(texts.size());
        for (std::size_t i = 0; i < texts.size(); ++i) {
            ColumnAtHand& c = columns_[i];
            c.header = take_apart(texts[i].name);
            c.cells = texts[i].cells;
            c.column.header = texts[i].label;
        }
        take_grouping_out();
        for (ColumnAtHand& c : columns_) {
            c.shape = shape_of(c.cells);
            // "03121.688W" is west, and no watts.
            const auto named = c.shape.unit ? quantity_from_words(c.header) : std::nullopt;
            if (named && is_position(named->channel) && c.shape.mostly(c.shape.angles)) {
                c.shape.unit.reset();
                c.shape.numbers_with_unit = 0;
                c.shape.values.clear();
            }
        }
        name_cells();
    }

    units::Result<UnderstoodColumns> run(const std::vector<telemetry::ColumnChoice>& choices) {
        if (auto error = take_choices(choices)) return tl::unexpected(*error);
        take_own_words();
        result_.diagnostics = settle_time(columns_);
        take_words();
        count_cells();
        settle_positions();
        take_pairs();
        take_cell_lists();
        take_by_unit_alone(Channel::voltage_v, Dimension::voltage);
        take_by_unit_alone(Channel::current_a, Dimension::current);
        add_motors_up();
        take_by_unit_alone(Channel::ground_speed_mps, Dimension::speed);
        take_local_metres();
        add_cells_up();
        guess_by_shape(columns_);
        settle_units();
        weigh_evidence(columns_, together_);
        take_height_of_gps();
        for (ColumnAtHand& c : columns_) {
            if (c.column.grouping != 0 && c.column.kind == Kind::number) c.column.kind = Kind::written_number;
        }
        for (ColumnAtHand& c : columns_) result_.columns.push_back(std::move(c.column));
        return std::move(result_);
    }

private:
    bool have(Channel channel) const {
        return std::any_of(columns_.begin(), columns_.end(), [&](const ColumnAtHand& c) {
            const Kind kind = c.column.kind;
            if (kind == Kind::position_pair) return is_position(channel);
            if (kind == Kind::cell_list)
                return (channel == Channel::voltage_v && c.column.gives_pack) ||
                       (channel == Channel::cell_voltage_v && c.column.gives_weakest_cell);
            return (kind == Kind::number || kind == Kind::written_number || kind == Kind::angle) &&
                   c.column.channel == channel;
        });
    }

    bool is_open(const ColumnAtHand& c) const { return c.column.kind == Kind::ignored && !c.settled(); }

    /// Thousands marked by a sign: "1,234" where the file's decimal sign is a point, "1.234" where it is a comma.
    void take_grouping_out() {
        std::vector<ColumnCells> cells;
        cells.reserve(columns_.size());
        for (const ColumnAtHand& c : columns_) cells.push_back(c.cells);
        const std::vector<char> signs = grouping_of_columns(cells);
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            const char sign = signs[i];
            if (sign == 0) continue;
            ColumnAtHand& c = columns_[i];
            c.column.grouping = sign;
            for (std::string_view& cell : c.cells) cell = ungrouped_.emplace_back(without_grouping(cell, sign));
        }
    }

    /// "C1 mV, C2 mV, …", "1S (V), 2S (V)": names that count from one, over volts that the cells of one pack have,
    /// are cells, whatever their letters.
    void name_cells() {
        std::map<std::string, std::map<int, ColumnAtHand*>> runs;
        for (ColumnAtHand& c : columns_) {
            const auto name = numbered_name(c.column.header);
            if (name && may_be_cell(c, name->around)) runs[name->name].emplace(name->number, &c);
        }
        for (auto& [name, cells] : runs) {
            // Two such inputs may be any.
            const bool counts = cells.size() > 2 && cells.begin()->first <= 1 &&
                                cells.rbegin()->first - cells.begin()->first + 1 == int(cells.size());
            const auto [least, most] =
                std::minmax_element(cells.begin(), cells.end(), [](const auto& a, const auto& b) {
                    return middle_cell_v(*a.second) < middle_cell_v(*b.second);
                });
            constexpr double most_apart_v = 0.5;
            if (!counts || middle_cell_v(*most->second) - middle_cell_v(*least->second) > most_apart_v) continue;
            for (auto& [number, column] : cells) column->header.add("cell");
        }
    }

    static double middle_cell_v(const ColumnAtHand& c) {
        const auto& unit = c.header.unit ? c.header.unit : c.shape.unit;
        return c.shape.median() * (unit ? unit->scale : 1.0);
    }

    /// @param letters  of its header; without a unit they are those that are usual
    static bool may_be_cell(const ColumnAtHand& c, const std::string& letters) {
        const auto& unit = c.header.unit ? c.header.unit : c.shape.unit;
        if (unit && unit->dimension != Dimension::voltage) return false;
        constexpr std::array usual = {"c", "s", "v", "vc", "cv", "u", "uc", "z", "lipo"};
        if (!unit && std::find(usual.begin(), usual.end(), letters) == usual.end()) return false;
        if (c.shape.values.empty() || !c.shape.mostly(c.shape.numbers + c.shape.numbers_with_unit)) return false;
        constexpr double least_cell_v = 2.5;
        constexpr double most_cell_v = 4.5;
        const double volts = middle_cell_v(c);
        return volts >= least_cell_v && volts <= most_cell_v;
    }

    std::optional<units::Error> take_choices(const std::vector<telemetry::ColumnChoice>& choices) {
        if (choices.empty()) return std::nullopt;
        std::vector<std::pair<Kind, Channel>> taken;
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            ColumnAtHand& c = columns_[i];
            const auto choice = std::find_if(choices.begin(), choices.end(),
                                             [&](const auto& each) { return each.header == c.column.header; });
            if (choice == choices.end()) continue;
            auto column = column_by_choice(*choice, c.order_said);
            if (!column) return column.error();
            const std::pair key{column->kind, column->channel};
            if (column->kind != Kind::ignored) {
                if (std::find(taken.begin(), taken.end(), key) != taken.end()) column->kind = Kind::ignored;
                taken.push_back(key);
            }
            c.column = std::move(*column);
            if (c.column.kind == Kind::number) settle_form(c);
        }
        return std::nullopt;
    }

    /// Numbers that are not digits alone are read with more patience.
    static void settle_form(ColumnAtHand& c) {
        if (c.shape.numbers_with_unit > 0 && c.column.kind == Kind::number) {
            if (c.shape.unit->dimension == meaning_of(c.column.channel).dimension && !c.settled())
                c.column.scale = c.shape.unit->scale;
            c.column.kind = Kind::written_number;
        }
    }

    /// What this program writes itself: the stable word says channel and unit.
    void take_own_words() {
        for (ColumnAtHand& c : columns_) {
            const auto channel = telemetry::channel_from_word(c.column.header);
            if (!channel || !is_open(c) || have(*channel)) continue;
            if (*channel == Channel::time_s && c.shape.mostly(c.shape.clocks)) continue;
            c.column.kind = Kind::number;
            c.column.channel = *channel;
            c.own_word = true;
        }
    }

    /// Of the columns whose words are that quantity the one whose numbers are likeliest it.
    void take_words() {
        std::vector<std::optional<NamedQuantity>> named(columns_.size());
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            ColumnAtHand& c = columns_[i];
            if (!is_open(c) || c.column.passed_over) continue;
            named[i] = quantity_from_words(c.header);
            if (named[i] && !can_be(c, *named[i])) named[i].reset();
        }
        set_numbered_apart(named);
        for (std::size_t channel = 0; channel < telemetry::channel_count; ++channel) {
            std::optional<std::size_t> best;
            double least = HUGE_VAL;
            for (std::size_t i = 0; i < columns_.size(); ++i) {
                if (!named[i] || named[i]->channel != Channel(channel)) continue;
                const double unlike = unlikeness(columns_[i], *named[i]);
                if (unlike >= least) continue;
                least = unlike;
                best = i;
            }
            if (have(Channel(channel))) best.reset();
            for (std::size_t i = 0; i < columns_.size(); ++i) {
                if (!named[i] || named[i]->channel != Channel(channel)) continue;
                if (i == best && least < never)
                    take(columns_[i], *named[i]);
                else if (!named[i]->of_another)
                    pass_over(columns_[i], Channel(channel));
            }
        }
    }

    /// "M1 current", "ESC 2 (A)", "Batt2 A": one of several.
    struct Numbered {
        bool motor = false;
        int number = 0;
    };
    static std::optional<Numbered> numbered(const HeaderCell& header) {
        constexpr std::array<std::string_view, 5> motors = {"m", "mot", "motor", "esc", "engine"};
        constexpr std::array<std::string_view, 8> batteries = {"batt", "bat",  "battery", "pack",
                                                               "lipo", "vbat", "ibat",    "accu"};
        for (std::size_t i = 0; i < header.words.size(); ++i) {
            const std::string_view word = header.words[i];
            const std::size_t letters = std::min(word.find_first_of("0123456789"), word.size());
            std::string_view digits = word.substr(letters);
            if (digits.empty() && i + 1 < header.words.size()) digits = header.words[i + 1];
            const bool number = digits.size() == 1 && digits.front() >= '0' && digits.front() <= '9';
            const auto is_one_of = [&](const auto& list) {
                return std::find(list.begin(), list.end(), word.substr(0, letters)) != list.end();
            };
            if (number && is_one_of(motors)) return Numbered{true, digits.front() - '0'};
            if (number && is_one_of(batteries)) return Numbered{false, digits.front() - '0'};
        }
        return std::nullopt;
    }

    /// Currents of several motors are none of the pack's; of several batteries the first is taken, and that is
    /// said.
    void set_numbered_apart(std::vector<std::optional<NamedQuantity>>& named) {
        std::vector<std::size_t> motors;
        unsigned batteries = 0;
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            if (!named[i]) continue;
            const Channel channel = named[i]->channel;
            const auto one = numbered(columns_[i].header);
            const bool current = channel == Channel::current_a || channel == Channel::motor_current_a;
            if (!one) continue;
            if (one->motor && current) motors.push_back(i);
            // A battery that is not there reads the same all the while.
            const bool drawn = current || channel == Channel::charge_ah;
            if (!one->motor && drawn && !columns_[i].shape.constant()) batteries |= 1U << unsigned(one->number);
        }
        if (std::popcount(batteries) > 1)
            result_.diagnostics.push_back({units::DiagnosticCode::other_batteries, units::Severity::warning, {}});
        if (motors.size() < 2) return;
        for (const std::size_t i : motors) {
            motors_.push_back(i);
            if (named[i]->channel == Channel::current_a) named[i].reset();
        }
    }

    /// What the motors draw together is as good as the pack's current, where nothing else is it.
    void add_motors_up() {
        if (have(Channel::current_a) || have(Channel::power_w) || have(Channel::charge_ah)) return;
        if (motors_.empty() && !have(Channel::array_current_a)) {
            // All motors together, and no sun: nearly all that leaves the pack.
            for (ColumnAtHand& c : columns_) {
                if (c.column.channel != Channel::motor_current_a || is_open(c) || c.settled() || c.own_word)
                    continue;
                c.column.channel = Channel::current_a;
                c.column.quantity_assumed = true;
                return;
            }
        }
        for (const std::size_t i : motors_) {
            ColumnAtHand& c = columns_[i];
            if (c.settled()) return;
            const auto& unit = c.header.unit ? c.header.unit : c.shape.unit;
            c.column.kind = i == motors_.front() ? Kind::number : Kind::added_number;
            c.column.channel = Channel::current_a;
            c.column.scale = unit && unit->dimension == Dimension::current ? unit->scale : 1.0;
            c.column.passed_over = false;
            c.column.quantity_assumed = true;
        }
    }

    void pass_over(ColumnAtHand& c, Channel channel) {
        c.column.passed_over = true;
        c.column.channel = channel;
    }

    static constexpr double never = 1000.0;

    /// Cells that are none of the quantity: "speed (A)", a mode's name under "GPS".
    static bool names_longitude_first(const HeaderCell& header) {
        if (header.has_any<"lonlat", "longlat", "lnglat">()) return true;
        const auto place = [&](std::initializer_list<std::string_view> words) {
            return std::find_first_of(header.words.begin(), header.words.end(), words.begin(), words.end());
        };
        const auto longitude = place({"lon", "long", "lng", "longitude", "longit"});
        const auto latitude = place({"lat", "latitude", "latit"});
        return longitude < latitude && latitude != header.words.end();
    }
    static bool names_both(const HeaderCell& header) {
        return header.has_any<"latlon", "latlong", "latlng">() || names_longitude_first(header) ||
               (header.has_any<"lat", "latitude", "latit">() &&
                header.has_any<"lon", "long", "lng", "longitude", "longit">());
    }
    static bool is_pair(const ColumnShape& shape) {
        return shape.mostly(shape.pairs) && !shape.mostly(shape.numbers);
    }
    /// "Cells: 4": how many there are, not what they have.
    static bool counts_cells(const ColumnAtHand& c) {
        const bool named =
            c.header.has_any<"cells", "ncells", "numcells", "cellcount", "zellen", "zellenzahl", "celdas">() ||
            c.header.is("series") || (c.header.has("cell") && c.header.has_any<"count", "number", "num", "n">());
        constexpr double most_cells = 24.0;
        return named && !c.header.unit && !c.shape.unit && !c.shape.values.empty() && c.shape.decimals == 0 &&
               c.shape.constant() && c.shape.least >= 1.0 && c.shape.least <= most_cells;
    }
    void count_cells() {
        for (const ColumnAtHand& c : columns_) {
            if (is_open(c) && counts_cells(c)) result_.series = int(c.shape.least);
        }
    }
    bool can_be(const ColumnAtHand& c, const NamedQuantity& named) const {
        if (named.channel == Channel::cell_voltage_v && counts_cells(c)) return false;
        const Meaning& meaning = meaning_of(named.channel);
        if (c.header.unit && c.header.unit->dimension != meaning.dimension && meaning.dimension != Dimension::count)
            return false;
        if (c.shape.unit && !c.header.unit && c.shape.unit->dimension != meaning.dimension) return false;
        if (c.shape.mostly(c.shape.numbers + c.shape.numbers_with_unit) || c.shape.filled == 0) return true;
        // "GPS (lat, lon)" is neither of the two.
        if (is_position(named.channel)) return !(names_both(c.header) && is_pair(c.shape));
        // A column in which anything is a number is judged row by row.
        return c.shape.numbers + c.shape.numbers_with_unit > 0 || c.shape.filled < 3;
    }

    double scale_guess(const ColumnAtHand& c) const {
        if (c.header.unit) return c.header.unit->scale;
        if (c.shape.unit) return c.shape.unit->scale;
        return volts_scale(c.shape);
    }

    /// The smaller, the likelier it is the column that is meant.
    double unlikeness(const ColumnAtHand& c, const NamedQuantity& named) const {
        double unlike = named.rank;
        if (c.shape.filled == 0) unlike += 50.0;
        const bool several_rows = c.shape.values.size() > 4;
        if (several_rows && c.shape.constant()) unlike += 2.0;
        if (named.channel == Channel::voltage_v) {
            const double volts = c.shape.median() * scale_guess(c);
            // A receiver is fed from 4.5 to 8.4 V (common practice): above that it shows a pack's.
            constexpr double most_receiver_v = 9.5;
            if (named.of_another && !(volts > most_receiver_v && several_rows && !c.shape.constant())) return never;
            if (!c.shape.values.empty() && !could_be_pack(volts)) unlike += 3.0;
        }
        if (named.channel == Channel::current_a && named.of_another) return never;
        // "i" counts rows more often than it is a current.
        const bool counts =
            c.header.is("i") && several_rows && c.shape.share_falling() == 0.0 && c.shape.share_changing() > 0.9;
        if (named.channel == Channel::current_a && counts) return never;
        if (named.channel == Channel::cell_voltage_v && named.of_another) return never;
        return unlike;
    }

    void take(ColumnAtHand& c, const NamedQuantity& named) {
        const Meaning& meaning = meaning_of(named.channel);
        c.column.kind = Kind::number;
        c.column.channel = named.channel;
        // Whole numbers beyond any pack's amps or volts are hundredths or thousandths, whatever the column is
        // called.
        constexpr double most_cruise = 150.0;
        const bool counted = (named.channel == Channel::current_a || named.channel == Channel::voltage_v) &&
                             c.shape.decimals == 0 && !c.shape.values.empty() &&
                             std::abs(c.shape.median()) > most_cruise;
        const bool given = c.header.unit && c.header.unit->dimension == meaning.dimension &&
                           !(counted && c.header.unit->scale == 1.0);
        c.column.scale = given ? c.header.unit->scale : meaning.usual_scale;
        c.column.unit_assumed = !given && !c.shape.unit && needs_unit(meaning.dimension);
        c.column.quantity_assumed = named.of_another;
        // "mAh" as a bare word is the unit itself.
        if (named.channel == Channel::charge_ah && c.header.has_any<"mah", "mahdraw">())
            c.column.unit_assumed = false;
        if (named.remaining) c.column.scale = -c.column.scale;
        settle_form(c);
        if (named.remaining && c.column.scale > 0.0) c.column.scale = -c.column.scale;
    }

    static double most_degrees_of(Channel channel) { return channel == Channel::latitude_deg ? 90.0 : 180.0; }

    /// Could be degrees and minutes in one number, ddmm.mmmm: minutes below sixty in every cell.
    static bool may_be_degrees_and_minutes(const ColumnAtHand& c, double most_degrees) {
        if (c.header.unit || c.settled() || c.own_word) return false;
        if (c.shape.values.empty() || c.shape.most - c.shape.least > 1000.0) return false;
        return std::all_of(c.shape.values.begin(), c.shape.values.end(), [&](double value) {
            const double size = std::abs(value);
            return size <= 100.0 * most_degrees + 60.0 && std::fmod(size, 100.0) < 60.0;
        });
    }

    /// A number of ddmm.mmmm that no degrees could be, or that has a receiver's leading zeros.
    static bool must_be_degrees_and_minutes(const ColumnAtHand& c) {
        if (c.column.degrees_and_minutes) return true;
        const double most_degrees = most_degrees_of(c.column.channel);
        return may_be_degrees_and_minutes(c, most_degrees) &&
               (std::abs(c.shape.median()) > most_degrees ||
                std::any_of(c.cells.begin(), c.cells.end(), [&](std::string_view cell) {
                    return has_places_for_degrees(cell, most_degrees < 100.0 ? 2 : 3);
                }));
    }

    /// Beside the equator or the prime meridian its degrees may be none: there the other half of the pair tells. A
    /// letter N or W beside it tells nothing, decimal degrees have them, too.
    bool is_degrees_and_minutes(const ColumnAtHand& c) const {
        return must_be_degrees_and_minutes(c) ||
               (may_be_degrees_and_minutes(c, most_degrees_of(c.column.channel)) &&
                std::any_of(columns_.begin(), columns_.end(), [](const ColumnAtHand& other) {
                    return is_position(other.column.channel) && must_be_degrees_and_minutes(other);
                }));
    }

    /// Whole degrees whose minutes, and seconds, stand in columns of their own: "LatDeg, LatMin".
    bool take_angle_parts(const ColumnAtHand& degrees) {
        const ColumnShape& whole = degrees.shape;
        if (!whole.mostly(whole.numbers) || whole.decimals > 0 ||
            std::max(std::abs(whole.least), std::abs(whole.most)) > most_degrees_of(degrees.column.channel))
            return false;
        bool taken = false;
        for (const double scale : {units::seconds_per_minute, units::seconds_per_hour}) {
            for (ColumnAtHand& c : columns_) {
                constexpr double most_parts = 60.0;
                if (!is_open(c) || !c.shape.mostly(c.shape.numbers) || c.shape.least < 0.0 ||
                    c.shape.most > most_parts || part_of_degree(c.header, degrees.column.channel) != scale)
                    continue;
                c.column.kind = Kind::angle_part;
                c.column.channel = degrees.column.channel;
                c.column.scale = 1.0 / scale;
                taken = true;
                break;
            }
        }
        return taken;
    }

    /// Parts in a degree of what a header names as a latitude's or a longitude's minutes or seconds; 0 of others.
    static double part_of_degree(const HeaderCell& header, Channel channel) {
        const bool latitude = channel == Channel::latitude_deg;
        if (latitude ? !header.has_any<"lat", "latitude">() : !header.has_any<"lon", "long", "lng", "longitude">())
            return 0.0;
        const auto measures = [&](double scale) {
            return header.measures(Dimension::time) && header.unit->scale == scale;
        };
        if (measures(units::seconds_per_minute) || header.has_any<"min", "mins", "minute", "minutes">())
            return units::seconds_per_minute;
        if (measures(1.0) || header.has_any<"sec", "secs", "second", "seconds">()) return units::seconds_per_hour;
        return 0.0;
    }

    void settle_positions() {
        for (std::size_t i = 0; i < columns_.size(); ++i) {
            ColumnAtHand& c = columns_[i];
            if ((c.column.kind != Kind::number && c.column.kind != Kind::written_number) ||
                !is_position(c.column.channel) || c.own_word)
                continue;
            const bool latitude = c.column.channel == Channel::latitude_deg;
            const double most_degrees = most_degrees_of(c.column.channel);
            const std::size_t letters = letters_near(i, latitude);
            const bool lettered = letters < columns_.size();
            if (lettered) {
                columns_[letters].column.kind = Kind::hemisphere;
                columns_[letters].column.channel = c.column.channel;
            }
            if (take_angle_parts(c)) continue;
            if (!c.shape.mostly(c.shape.numbers) && c.shape.filled > 0) {
                if (c.shape.mostly(c.shape.angles)) c.column.kind = Kind::angle;
                c.column.degrees_and_minutes = c.column.kind == Kind::angle && compact_minutes(c, most_degrees);
                c.column.scale = 1.0;
            } else if (is_degrees_and_minutes(c)) {
                c.column.kind = Kind::angle;
                c.column.degrees_and_minutes = true;
            } else if (!c.header.unit && !c.shape.values.empty() && std::abs(c.shape.median()) > largest_degrees &&
                       !c.settled()) {
                // Whole numbers far beyond a circle: ten-millionths of a degree, as receivers count them, or parts
                // of a half circle. Said as an assumption.
                c.column.scale = are_semicircles(c, most_degrees) ? semicircle_deg : ten_millionth_deg;
                c.column.unit_assumed = true;
            }
        }
    }

    /// Beyond a circle as ten-millionths; or named as the records are that count so ("position_lat",
    /// "position_long").
    static bool are_semicircles(const ColumnAtHand& c, double most_degrees) {
        const double most = std::max(std::abs(c.shape.least), std::abs(c.shape.most));
        return c.shape.decimals == 0 && (most * ten_millionth_deg > most_degrees ||
                                         (c.header.has("position") && c.header.has_any<"lat", "long">()));
    }

    /// "4707.407N"
    static bool compact_minutes(const ColumnAtHand& c, double most_degrees) {
        std::size_t beyond = 0;
        std::size_t seen = 0;
        for (const auto cell : c.cells) {
            double degrees = 0.0;
            if (means_missing(cell) || !parse_angle(cell, false, degrees)) continue;
            ++seen;
            beyond += std::abs(degrees) > most_degrees ? 1 : 0;
        }
        return seen > 0 && 2 * beyond > seen;
    }

    /// The column beside a latitude or longitude that holds its letters; none: as many as there are columns.
    std::size_t letters_near(std::size_t column, bool latitude) const {
        const auto is_it = [&](std::size_t i) {
            const ColumnAtHand& c = columns_[i];
            if (!is_open(c) || !c.shape.mostly(c.shape.letters)) return false;
            const auto first =
                std::find_if(c.cells.begin(), c.cells.end(), [](auto cell) { return cell.size() == 1; });
            const bool north_south =
                first != c.cells.end() && std::string_view("NSns").find(first->front()) != std::string_view::npos;
            return north_south == latitude;
        };
        if (column + 1 < columns_.size() && is_it(column + 1)) return column + 1;
        if (column > 0 && is_it(column - 1)) return column - 1;
        return columns_.size();
    }

    void take_pairs() {
        if (have(Channel::latitude_deg)) return;
        for (ColumnAtHand& c : columns_) {
            const bool named =
                c.header.has_any<"gps", "position", "coordinates", "location", "pos", "coord", "coords", "gnss",
                                 "place", "geom", "geometry", "wkt", "point", "utm", "mgrs", "grid", "geo">() ||
                names_both(c.header);
            if (!is_open(c) || !named || !is_pair(c.shape)) continue;
            c.column.kind = Kind::position_pair;
            c.column.longitude_first = names_longitude_first(c.header) || c.header.has("xyz");
            c.column.order_assumed = !names_both(c.header);
            return;
        }
    }

    /// "Cells: 4.05 4.04 4.06": the pack's volts, and its weakest cell's, where no other column says them. Without
    /// the word, three and more that a cell can have are no place.
    void take_cell_lists() {
        for (ColumnAtHand& c : columns_) {
            if (!is_open(c) || !c.shape.mostly(c.shape.cell_lists) || c.shape.mostly(c.shape.numbers)) continue;
            const bool named =
                c.header.has_any<"cell", "cells", "volts", "volt", "voltage", "voltages", "lipo">() ||
                c.header.measures(Dimension::voltage);
            if (!named && (is_pair(c.shape) || !c.header.words.empty())) continue;
            c.column.gives_pack = !have(Channel::voltage_v);
            c.column.gives_weakest_cell = !have(Channel::cell_voltage_v);
            if (!c.column.gives_pack && !c.column.gives_weakest_cell) continue;
            c.column.kind = Kind::cell_list;
            c.column.quantity_assumed = !named;
            return;
        }
    }

    /// A column whose words say nothing may still be told by its unit, where no other column is that quantity and
    /// no other has that unit, or only one of them can be a pack's in flight.
    void take_by_unit_alone(Channel channel, Dimension dimension) {
        if (have(channel)) return;
        std::vector<ColumnAtHand*> candidates;
        for (ColumnAtHand& c : columns_) {
            const bool in_unit = c.header.measures(dimension) ||
                                 (!c.header.unit && c.shape.unit && c.shape.unit->dimension == dimension);
            if (!is_open(c) || !in_unit || c.column.passed_over) continue;
            if (c.header.has_any<"cell", "air", "wind", "vertical", "motor", "target", "setpoint", "climb", "max",
                                 "min">())
                continue;
            const auto named = quantity_from_words(c.header);
            if (!named || !named->of_another) candidates.push_back(&c);
        }
        if (channel == Channel::voltage_v && candidates.size() > 1) {
            std::erase_if(candidates, [&](const ColumnAtHand* c) {
                return !could_be_pack(c->shape.median() * scale_guess(*c)) || c->shape.constant();
            });
        }
        if (candidates.size() != 1) return; // which one is not for us to say
        ColumnAtHand& c = *candidates.front();
        c.column.kind = Kind::number;
        c.column.channel = channel;
        c.column.scale = c.header.unit ? c.header.unit->scale : c.shape.unit->scale;
        c.column.quantity_assumed = true;
        settle_form(c);
    }

    /// Metres from the middle of the earth are no metres from home.
    bool are_geocentric(const ColumnAtHand& x, const ColumnAtHand& y) const {
        return std::any_of(columns_.begin(), columns_.end(), [&](const ColumnAtHand& z) {
            if (!z.header.has("z") || z.shape.values.empty()) return false;
            const double radius_m = std::hypot(x.shape.median(), y.shape.median(), z.shape.median());
            constexpr double least_m = 6.3e6;
            constexpr double most_m = 6.5e6;
            return radius_m > least_m && radius_m < most_m;
        });
    }

    /// North and east of home in metres, or of a grid on the earth, where there are no degrees.
    void take_local_metres() {
        if (have(Channel::latitude_deg) || have(Channel::longitude_deg)) return;
        ColumnAtHand* north = nullptr;
        ColumnAtHand* east = nullptr;
        ColumnAtHand* zone = nullptr;
        for (ColumnAtHand& c : columns_) {
            const bool metres = !c.header.unit || c.header.measures(Dimension::length);
            if (is_open(c) && c.header.has_any<"zone", "utmzone">() && !zone) zone = &c;
            if (!is_open(c) || !metres || c.header.has_any<"speed", "vel", "v", "wind", "acc">()) continue;
            if (!c.shape.mostly(c.shape.numbers) || c.shape.constant()) continue;
            const bool utm = c.header.has("utm");
            if ((c.header.has_any<"north", "northing", "posn", "y">() || (utm && c.header.has("n"))) && !north)
                north = &c;
            if ((c.header.has_any<"east", "easting", "pose", "x">() || (utm && c.header.has("e"))) && !east)
                east = &c;
        }
        if (!north || !east || are_geocentric(*east, *north)) return;
        for (ColumnAtHand* c : {north, east}) {
            c->column.kind = Kind::number;
            c->column.channel = c == north ? Channel::latitude_deg : Channel::longitude_deg;
            c->column.scale = c->header.unit ? c->header.unit->scale : 1.0;
        }
        result_.local_metres = true;
        if (!zone) return;
        const auto first =
            std::find_if(zone->cells.begin(), zone->cells.end(), [](auto cell) { return !means_missing(cell); });
        if (first == zone->cells.end()) return;
        result_.utm_zone = utm_zone_from_text(*first, north->shape.median());
        const bool same = std::all_of(zone->cells.begin(), zone->cells.end(),
                                      [&](auto cell) { return means_missing(cell) || cell == *first; });
        if (!same) result_.utm_zone.reset();
    }

    /// Volts of every cell, and none of the pack: their sum is the pack's.
    void add_cells_up() {
        if (have(Channel::voltage_v)) return;
        std::vector<ColumnAtHand*> cells;
        for (ColumnAtHand& c : columns_) {
            const bool is_cell = c.column.channel == Channel::cell_voltage_v &&
                                 (c.column.kind == Kind::number || (c.column.passed_over && is_open(c)));
            const bool one_of_many =
                c.header.has_any<"lowest", "min", "low", "highest", "max", "avg", "average", "mean">();
            // Places of cells that the pack does not have are full of ones.
            constexpr double most_cell_v = 6.0;
            const auto& unit = c.header.unit ? c.header.unit : c.shape.unit;
            const double scale = unit ? unit->scale : cell_volts_scale(c.shape);
            const bool empty = !c.shape.values.empty() && c.shape.median() * scale > most_cell_v;
            if (is_cell && !one_of_many && !c.settled() && !empty) cells.push_back(&c);
        }
        if (cells.size() < 2) return;
        cells_added_up_ = true;
        for (ColumnAtHand* c : cells) {
            c->column.kind = c == cells.front() ? Kind::number : Kind::added_number;
            c->column.channel = Channel::voltage_v;
            c->column.passed_over = false;
            const auto& unit = c->header.unit ? c->header.unit : c->shape.unit;
            c->column.scale =
                unit && unit->dimension == Dimension::voltage ? unit->scale : cell_volts_scale(c->shape);
        }
    }

    static double cell_volts_scale(const ColumnShape& shape) { return shape.median() > 1000.0 ? 1e-3 : 1.0; }

    /// Volts without a unit, by their size.
    static double volts_scale(const ColumnShape& shape) {
        constexpr double most_volts = 75.0;
        constexpr std::array scales = {1.0, 0.1, 0.01};
        const auto* const fits = std::find_if(scales.begin(), scales.end(),
                                              [&](double scale) { return shape.median() * scale <= most_volts; });
        return fits == scales.end() ? 1e-3 : *fits;
    }

    void settle_units() {
        for (ColumnAtHand& c : columns_) {
            if (c.settled() || !c.column.unit_assumed || c.column.kind != Kind::number) continue;
            const ColumnShape& shape = c.shape;
            if (c.column.channel == Channel::voltage_v)
                c.column.scale = cells_added_up_ ? cell_volts_scale(shape) : volts_scale(shape);
            if (c.column.channel == Channel::cell_voltage_v) c.column.scale = cell_volts_scale(shape);
            // Heights above the launch beside positions in ten-millionths of a degree: MAVLink's field, in mm.
            const bool counted_mm = c.column.channel == Channel::height_m && c.header.has("relative") &&
                                    shape.decimals == 0 && positions_are_counted();
            if (counted_mm) c.column.scale = 1e-3;
            // Ampere-hours have decimals; no flight uses so few milliampere-hours.
            constexpr double most_ah = 60.0;
            const bool amp_hours = shape.decimals >= 2 && shape.most < most_ah && shape.values.size() > 4;
            if (c.column.channel == Channel::charge_ah && amp_hours)
                c.column.scale = std::copysign(1.0, c.column.scale);
        }
    }

    bool positions_are_counted() const {
        return std::any_of(columns_.begin(), columns_.end(), [](const ColumnAtHand& c) {
            return c.column.channel == Channel::latitude_deg &&
                   (c.column.scale == ten_millionth_deg || c.column.scale == semicircle_deg);
        });
    }

    /// A height that only the GPS has is the height.
    void take_height_of_gps() {
        if (have(Channel::height_m)) return;
        for (ColumnAtHand& c : columns_) {
            const bool gps = (c.column.kind == Kind::number || c.column.kind == Kind::written_number) &&
                             c.column.channel == Channel::gps_height_m;
            if (!gps || c.settled() || c.own_word) continue;
            c.column.channel = Channel::height_m;
            return;
        }
    }

    std::vector<ColumnAtHand> columns_;
    /// Cells that were rewritten; views of them stay good.
    std::deque<std::string> ungrouped_;
    std::size_t together_;
    bool cells_added_up_ = false;
    /// Columns of the currents of several motors.
    std::vector<std::size_t> motors_;
    UnderstoodColumns result_;
};

bool parse_written(const LogColumn& column, std::string_view text, double& value) {
    std::string ungrouped;
    if (column.grouping != 0) {
        ungrouped = without_grouping(text, column.grouping);
        text = ungrouped;
    }
    if (const auto written = number_with_unit(text)) {
        const bool same = written->unit.dimension == meaning_of(column.channel).dimension;
        value = same ? written->value * written->unit.scale / std::abs(column.scale) : written->value;
        return true;
    }
    return parse_number_cell(text, value);
}

} // namespace

bool have_clock(const std::vector<LogColumn>& columns) {
    return std::any_of(columns.begin(), columns.end(), [](const LogColumn& c) {
        // Milliseconds alone are no clock.
        return c.kind == Kind::clock_time || c.kind == Kind::moment ||
               (c.kind == Kind::clock_part && c.scale >= 1.0);
    });
}

bool tell_date(const std::vector<LogColumn>& columns) {
    bool moment = false;
    bool date = false;
    std::array<bool, date_part_words.size()> parts{};
    for (const LogColumn& c : columns) {
        moment = moment || c.kind == Kind::moment;
        date = date || c.kind == Kind::date;
        if (c.kind == Kind::date_part) parts[std::size_t(c.date_part)] = true;
    }
    return moment || (have_clock(columns) && (date || (parts[0] && parts[1] && parts[2])));
}

bool tell_time(const std::vector<LogColumn>& columns) {
    return have_clock(columns) || std::any_of(columns.begin(), columns.end(), [](const LogColumn& c) {
               return (c.kind == Kind::number || c.kind == Kind::written_number) && c.channel == Channel::time_s;
           });
}

bool parse_cell(const LogColumn& column, std::string_view text, CellValues& values) {
    switch (column.kind) {
    case Kind::ignored: return true;
    case Kind::number:
    case Kind::added_number:
    case Kind::angle_part:
    case Kind::clock_part:
    case Kind::date_part: return parse_number_cell(text, values[0]);
    case Kind::written_number: return parse_written(column, text, values[0]);
    case Kind::position_pair:
        if (column.longitude_first) return parse_pair(text, values[1], values[0]);
        return parse_pair(text, values[0], values[1]);
    case Kind::cell_list: return parse_cell_list(text, values[0], values[1]);
    case Kind::angle: return parse_angle(text, column.degrees_and_minutes, values[0]);
    case Kind::hemisphere: {
        const auto sign = hemisphere_sign(text);
        values[0] = sign.value_or(missing_value);
        return sign || means_missing(text);
    }
    case Kind::date:
        if (!means_missing(text)) return parse_date(text, column.date_order, values[0]);
        break;
    case Kind::clock_time:
        if (!means_missing(text)) return parse_clock(text, column.clock_form, values[0]);
        break;
    case Kind::moment:
        if (!means_missing(text)) return parse_moment(text, column.date_order, values[0]);
        break;
    }
    values[0] = missing_value;
    return true;
}

units::Result<UnderstoodColumns> understand_columns(const std::vector<ColumnText>& texts, std::size_t together,
                                                    const std::vector<telemetry::ColumnChoice>& choices) {
    return Understanding(texts, together).run(choices);
}

LogColumn understand_name(std::string_view name, std::string_view value) {
    const auto understood = understand_columns({{std::string(name), std::string(name), {value}}}, 1);
    LogColumn column = understood ? understood->columns.front() : LogColumn{};
    if (column.kind != Kind::number && column.kind != Kind::written_number) column.kind = Kind::ignored;
    return column;
}

std::vector<std::string> column_meanings() {
    std::vector<std::string> words(plain_meanings.begin(), plain_meanings.end());
    for (std::size_t i = 0; i < telemetry::channel_count; ++i)
        words.emplace_back(telemetry::channel_word(static_cast<Channel>(i)));
    return words;
}

namespace {

/// A unit as it is written: "mA", "kWh". Words of other dimensions are written small.
std::string written(const Unit& unit) {
    std::string word(unit.word);
    const auto electrical = {Dimension::voltage, Dimension::current, Dimension::charge, Dimension::energy,
                             Dimension::power};
    constexpr std::size_t longest_symbol = 3;
    if (std::find(electrical.begin(), electrical.end(), unit.dimension) == electrical.end() ||
        word.size() > longest_symbol)
        return word;
    const std::size_t symbol =
        word.size() > 1 && std::string_view("mckd").find(word.front()) != std::string_view::npos ? 1 : 0;
    word[symbol] = char(std::toupper(static_cast<unsigned char>(word[symbol])));
    return word;
}

/// A word that `unit_from_word` understands as that scale.
std::string unit_word_of(const Meaning& meaning, double scale) {
    if (scale == meaning.usual_scale) return std::string(meaning.usual_unit);
    const std::vector<Unit> units = units_of(meaning.dimension);
    const auto same = std::find_if(units.begin(), units.end(),
                                   [&](const Unit& u) { return std::abs(u.scale / scale - 1.0) < 1e-9; });
    if (same != units.end()) return written(*same);
    constexpr int decimals = 9;
    return shortest_text(scale / meaning.usual_scale, decimals) + " " + std::string(meaning.usual_unit);
}

} // namespace

std::vector<std::string> column_units(const std::string& meaning_word) {
    if (meaning_word == "date" || meaning_word == "moment")
        return {date_order_words.begin(), date_order_words.end()};
    if (meaning_word == "date-part") return {date_part_words.begin(), date_part_words.end()};
    const auto channel = telemetry::channel_from_word(
        meaning_word == "clock-part" ? telemetry::channel_word(Channel::time_s) : std::string_view(meaning_word));
    if (!channel) return {};
    const Meaning& meaning = meaning_of(*channel);
    std::vector<std::string> words;
    if (!meaning.usual_unit.empty()) words.emplace_back(meaning.usual_unit);
    for (const Unit& unit : units_of(meaning.dimension)) {
        if (unit.scale != meaning.usual_scale) words.push_back(written(unit));
    }
    return words;
}

telemetry::ColumnChoice choice_of(const LogColumn& column) {
    telemetry::ColumnChoice choice;
    choice.header = column.header;
    switch (column.kind) {
    case Kind::ignored:
    case Kind::angle_part:
    case Kind::hemisphere: choice.meaning = "ignored"; break;
    case Kind::date_part:
        choice.meaning = "date-part";
        choice.unit = date_part_words[std::size_t(column.date_part)];
        break;
    case Kind::clock_part:
        choice.meaning = "clock-part";
        choice.unit = unit_word_of(meaning_of(Channel::time_s), column.scale);
        break;
    case Kind::date:
    case Kind::moment:
        choice.meaning = column.kind == Kind::date ? "date" : "moment";
        choice.unit = date_order_words[std::size_t(column.date_order)];
        break;
    case Kind::clock_time: choice.meaning = "clock"; break;
    case Kind::position_pair: choice.meaning = "position"; break;
    case Kind::cell_list: choice.meaning = "cells"; break;
    case Kind::angle: choice.meaning = telemetry::channel_word(column.channel); break;
    case Kind::number:
    case Kind::written_number:
    case Kind::added_number: {
        choice.meaning = telemetry::channel_word(column.channel);
        const Meaning& meaning = meaning_of(column.channel);
        choice.unit = unit_word_of(meaning, std::abs(column.scale));
        break;
    }
    }
    return choice;
}

bool is_recognised(std::string_view text, const HeaderCell& cell) {
    if (text.empty() || number_from_text(text)) return false;
    return cell.has_any<"date", "gps", "position">() || names_time(cell) || quantity_from_words(cell).has_value();
}

int recognised_cells(const std::vector<std::string_view>& cells) {
    return int(std::count_if(cells.begin(), cells.end(),
                             [](std::string_view text) { return is_recognised(text, take_apart(text)); }));
}

} // namespace sobremesa::io
