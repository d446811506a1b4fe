#include "io/time_columns.hpp"

#include <array>
#include <cmath>

#include "core/units/constants.hpp"
#include "io/quantity_words.hpp"
#include "io/time_scales.hpp"

namespace sobremesa::io {

namespace {

using Kind = LogColumn::Kind;
using telemetry::Channel;
using units::DiagnosticCode;

// Counts since 1970 of 2001 to 2286 in seconds; of the smaller units alike. No flight counts so far from its start.
constexpr double most_epoch_s = 1e10;

/// Counts from another zero than 1970, of 2009 to 2064.
struct Era {
    double scale;
    double least;
    double most;
    /// Seconds from 1970 to its zero.
    double zero_s;
};
constexpr double a_day_s = 86400.0;
constexpr std::array eras = {
    Era{a_day_s, 40000.0, 60000.0, -25569.0 * a_day_s},    // spreadsheets: days since the end of 1899
    Era{a_day_s, 60000.0, 75000.0, -40587.0 * a_day_s},    // modified Julian days
    Era{a_day_s, 7.33e5, 7.54e5, -719529.0 * a_day_s},     // days since the year 0
    Era{a_day_s, 2.4548e6, 2.475e6, -2440587.5 * a_day_s}, // Julian days
    Era{1e-7, 1.26e17, 2.17e17, -11644473600.0},           // tenths of a microsecond since 1601
    Era{1e-7, 6.31e17, 7.3e17, -62135596800.0},            // … and since the year 1
};
/// Rows nearer than this many days belong to a log; a count of seconds has steps far above.
constexpr double most_serial_step = 4e-4;

struct TimeUnit {
    const char* word;
    double scale;
};
constexpr std::array count_units = {TimeUnit{"s", 1.0}, TimeUnit{"ms", 1e-3}, TimeUnit{"us", 1e-6},
                                    TimeUnit{"ns", 1e-9}};

/// How unlike a flight's record a count would be in that unit: a quarter of an hour of rows five times a minute to
/// two hundred times a second is usual.
double strangeness(double span_s, double step_s) {
    constexpr double usual_span_s = 900.0;
    constexpr double least_step_s = 0.004;
    constexpr double most_step_s = 12.0;
    constexpr double weight_of_step = 4.0;
    double strange = std::abs(std::log(std::max(span_s, 1e-12) / usual_span_s));
    if (step_s < least_step_s) strange += weight_of_step * std::log(least_step_s / std::max(step_s, 1e-15));
    if (step_s > most_step_s) strange += weight_of_step * std::log(step_s / most_step_s);
    return strange;
}

const Era* era_of(const ColumnShape& shape) {
    const auto found = std::find_if(eras.begin(), eras.end(), [&](const Era& era) {
        return shape.least >= era.least && shape.most < era.most;
    });
    return found == eras.end() ? nullptr : found;
}

/// Unit of a count of which no word tells it.
double scale_by_size(const ColumnShape& shape) {
    const double step = shape.median_step();
    // Rows further apart are no log: microseconds since a start may be as many as seconds since 1970.
    constexpr double most_epoch_step_s = 3600.0;
    for (const TimeUnit& unit : count_units) {
        if (shape.most * unit.scale >= least_epoch_s && shape.most * unit.scale < most_epoch_s &&
            step * unit.scale <= most_epoch_step_s)
            return unit.scale;
    }
    if (const Era* era = era_of(shape)) {
        if (era->scale < 1.0 || (step > 0.0 && step < most_serial_step)) return era->scale;
    }
    // Decimals are seconds', but for those of a count that would be one of weeks.
    if (step <= 0.0) return 1.0;
    double best = 1.0;
    double least = HUGE_VAL;
    const auto weigh = [&](double scale) {
        const double strange = strangeness((shape.most - shape.least) * scale, step * scale);
        if (strange >= least) return;
        least = strange;
        best = scale;
    };
    for (const TimeUnit& unit : count_units) weigh(unit.scale);
    // A whole log within a second is a fraction of an hour, or of a spreadsheet's day.
    constexpr double most_step_within_a_second = 2e-3;
    if (shape.least >= 0.0 && shape.most < 1.0 && step < most_step_within_a_second) {
        weigh(units::seconds_per_hour);
        weigh(24.0 * units::seconds_per_hour);
    }
    return best;
}

/// A unit that cannot be: seconds of 1.7e12 are milliseconds since 1970, whatever the header says.
bool is_absurd(const ColumnShape& shape, double scale) {
    return shape.most * scale >= most_epoch_s;
}

/// hhmmss: never a pair above 59, and the last two digits of many kinds.
bool is_clock_of_digits(const ColumnAtHand& column) {
    const ColumnShape& shape = column.shape;
    if (!shape.mostly(shape.numbers) || shape.most > 240000.0 || shape.least < 0.0) return false;
    bool long_cells = true;
    for (const auto cell : column.cells) {
        double seconds = 0.0;
        if (means_missing(cell)) continue;
        if (!parse_clock(cell, ClockForm::digits, seconds)) return false;
        const auto whole = cell.substr(0, cell.find_first_of(".,")).size();
        long_cells = long_cells && whole >= 5;
    }
    const bool named = column.header.has_any<"utc", "hhmmss", "gmt", "zulu">();
    const bool leading_zero = std::any_of(column.cells.begin(), column.cells.end(),
                                          [](auto cell) { return cell.size() >= 6 && cell.front() == '0'; });
    // A plain count of seconds shows pairs above 59 before long.
    const bool crosses = std::floor(shape.most / 100.0) > std::floor(shape.least / 100.0);
    return long_cells && (named || leading_zero || (crosses && !column.header.unit && shape.values.size() > 100));
}

ClockForm clock_form(const ColumnAtHand& column) {
    std::size_t three_parts = 0;
    std::size_t same = 0;
    std::size_t pairs = 0;
    bool fraction = false;
    std::string_view before;
    for (const auto cell : column.cells) {
        if (means_missing(cell)) continue;
        const auto colons = std::count(cell.begin(), cell.end(), ':');
        three_parts += colons != 1 ? 1 : 0;
        fraction = fraction || (colons == 1 && cell.find_first_of(".,") != std::string_view::npos);
        same += cell == before ? 1 : 0;
        ++pairs;
        before = cell;
    }
    if (2 * three_parts > pairs || column.shape.twelve_hours) return ClockForm::hours_first;
    if (column.header.has("mm") && column.header.has("ss")) return ClockForm::minutes_first;
    if (column.header.has("hh")) return ClockForm::without_seconds;
    // Minutes of the day stay the same for many rows; minutes and seconds do not.
    return !fraction && 2 * same > pairs ? ClockForm::without_seconds : ClockForm::minutes_first;
}

/// The order of a date's parts, and whether another one is as good.
DateOrder date_order(const ColumnAtHand& column, bool moment, bool& doubtful) {
    const auto possible = [&](DateOrder order) {
        return (column.shape.date_orders & (1U << unsigned(order))) != 0;
    };
    doubtful = false;
    const bool day = possible(DateOrder::day_first);
    const bool month = possible(DateOrder::month_first);
    const bool year = possible(DateOrder::year_first);
    if (year && !day && !month) return DateOrder::year_first;
    // A year of four digits in front leaves no other order, whatever the numbers allow.
    const bool year_in_front = std::any_of(column.cells.begin(), column.cells.end(), [](auto cell) {
        return cell.size() > 4 &&
               std::all_of(cell.begin(), cell.begin() + 4, [](char c) { return c >= '0' && c <= '9'; });
    });
    if (year && year_in_front) return DateOrder::year_first;
    if (day != month) return day ? DateOrder::day_first : DateOrder::month_first;
    if (!day) return DateOrder::year_first;
    // One flight lies within hours, not months: the order that makes the file's span shorter.
    const auto span = [&](DateOrder order) {
        double least = HUGE_VAL;
        double most = -HUGE_VAL;
        for (const auto cell : column.cells) {
            double seconds = 0.0;
            if (!(moment ? parse_moment(cell, order, seconds) : parse_date(cell, order, seconds))) continue;
            least = std::min(least, seconds);
            most = std::max(most, seconds);
        }
        return most - least;
    };
    const double by_day = span(DateOrder::day_first);
    const double by_month = span(DateOrder::month_first);
    if (by_day != by_month) return by_day < by_month ? DateOrder::day_first : DateOrder::month_first;
    // The same either way, as 5/5: no doubt that matters.
    for (const auto cell : column.cells) {
        double one = 0.0;
        double other = 0.0;
        const bool read =
            moment
                ? parse_moment(cell, DateOrder::day_first, one) && parse_moment(cell, DateOrder::month_first, other)
                : parse_date(cell, DateOrder::day_first, one) && parse_date(cell, DateOrder::month_first, other);
        if (read && one != other) doubtful = true;
    }
    // Where clocks have twelve hours, months come first.
    return column.shape.twelve_hours ? DateOrder::month_first : DateOrder::day_first;
}

/// Cells that differ from the one before, 0 … 1: what a count of whole seconds at ten rows a second has few of.
double fineness(const ColumnAtHand* column) {
    if (!column) return 0.0;
    std::size_t changes = 0;
    std::size_t pairs = 0;
    std::string_view before;
    for (const auto cell : column->cells) {
        if (means_missing(cell)) continue;
        pairs += before.empty() ? 0 : 1;
        changes += !before.empty() && cell != before ? 1 : 0;
        before = cell;
    }
    return pairs > 0 ? double(changes) / double(pairs) : 0.0;
}

/// A clock and a date whose parts stand in columns of their own: "Year, Month, Day, Hour, Minute, Second".
struct TimeInParts {
    ColumnAtHand* hours = nullptr;
    ColumnAtHand* minutes = nullptr;
    ColumnAtHand* seconds = nullptr;
    std::array<ColumnAtHand*, 3> date{};

    /// At least minutes and seconds; hours where there are any.
    bool is_clock() const { return minutes && seconds; }
    bool is_date() const { return date[0] && date[1] && date[2]; }
    bool holds(const ColumnAtHand& c) const {
        return is_clock() && (&c == hours || &c == minutes || &c == seconds);
    }
};

/// The word that a header has beside those that any time may have; empty where it has none, or several.
std::optional<std::string_view> own_word_of(const HeaderCell& header) {
    constexpr std::array<std::string_view, 9> others = {"gps",   "utc",  "gmt",   "rtc", "time",
                                                        "clock", "date", "local", "of"};
    std::string_view own;
    for (const std::string& word : header.words) {
        if (std::find(others.begin(), others.end(), word) != others.end()) continue;
        if (!own.empty()) return std::nullopt;
        own = word;
    }
    return own;
}

/// Whether the parts of a clock, put together, run on as a clock does: forward, or back in a log with the latest on
/// top.
bool runs_on(const TimeInParts& parts) {
    double before = missing_value;
    std::size_t forward = 0;
    std::size_t back = 0;
    for (std::size_t i = 0; i < parts.seconds->cells.size(); ++i) {
        double now = 0.0;
        for (const auto& [column, scale] :
             {std::pair{parts.hours, units::seconds_per_hour}, std::pair{parts.minutes, units::seconds_per_minute},
              std::pair{parts.seconds, 1.0}}) {
            double value = 0.0;
            if (column) now += parse_number_cell(column->cells[i], value) ? value * scale : missing_value;
        }
        if (now > before) ++forward;
        if (now < before) ++back;
        if (std::isfinite(now)) before = now;
    }
    return 20 * std::min(forward, back) <= std::max(forward, back);
}

TimeInParts time_in_parts(std::vector<ColumnAtHand>& columns) {
    TimeInParts parts;
    const auto keep = [](ColumnAtHand*& kept, ColumnAtHand& c) {
        if (!kept) kept = &c;
    };
    for (ColumnAtHand& c : columns) {
        const ColumnShape& shape = c.shape;
        const auto word = own_word_of(c.header);
        if (!word || c.settled() || c.column.kind != LogColumn::Kind::ignored || !shape.mostly(shape.numbers))
            continue;
        const auto is = [&](std::initializer_list<std::string_view> words, double scale) {
            const bool by_unit =
                word->empty() && c.header.measures(Dimension::time) && c.header.unit->scale == scale;
            return by_unit || std::find(words.begin(), words.end(), *word) != words.end();
        };
        const auto within = [&](double least, double most) {
            return shape.decimals == 0 && shape.least >= least && shape.most <= most;
        };
        constexpr double no_unit = 0.0;
        // A log of a flight's own minutes may count on beyond the hour.
        constexpr double most_hours = 99.0;
        constexpr double most_minutes = 600.0;
        if (is({"hour", "hours", "hr", "hrs", "hh", "h"}, units::seconds_per_hour) && within(0.0, most_hours))
            keep(parts.hours, c);
        else if (is({"minute", "minutes", "min", "mins", "mm"}, units::seconds_per_minute) &&
                 within(0.0, most_minutes))
            keep(parts.minutes, c);
        else if (is({"second", "seconds", "sec", "secs", "ss", "s"}, 1.0) && shape.least >= 0.0 &&
                 shape.most < 61.0)
            keep(parts.seconds, c);
        else if (is({"year", "years", "yr", "yyyy", "yy"}, no_unit) && within(0.0, 2200.0))
            keep(parts.date[std::size_t(LogColumn::DatePart::year)], c);
        else if (is({"month", "mon"}, no_unit) && within(1.0, 12.0))
            keep(parts.date[std::size_t(LogColumn::DatePart::month)], c);
        else if (is({"day", "days", "dd"}, 86400.0) && within(1.0, 31.0))
            keep(parts.date[std::size_t(LogColumn::DatePart::day)], c);
    }
    // What changes with every row is no hour, whatever it is called: "h" may be a height.
    constexpr double most_changing_hours = 0.05;
    if (parts.hours && parts.hours->shape.share_changing() > most_changing_hours) parts.hours = nullptr;
    if (parts.is_clock() && !runs_on(parts)) parts.hours = parts.minutes = parts.seconds = nullptr;
    return parts;
}

struct TimeSearch {
    std::vector<ColumnAtHand>& columns;
    std::vector<units::Diagnostic> diagnostics{};
    ColumnAtHand* moment = nullptr;
    ColumnAtHand* date = nullptr;
    ColumnAtHand* clock = nullptr;
    /// Milliseconds, or smaller parts, that go with whole seconds.
    ColumnAtHand* fraction = nullptr;
    double fraction_scale = 1e-3;
    ColumnAtHand* count = nullptr;
    /// What counts down, or has the newest on top: taken where nothing counts up.
    ColumnAtHand* countdown = nullptr;
    TimeInParts parts{};

    static void keep_first(ColumnAtHand*& kept, ColumnAtHand& column) {
        if (!kept) kept = &column;
    }
    static void keep_finest(ColumnAtHand*& kept, ColumnAtHand& column) {
        if (!kept || fineness(&column) > fineness(kept) + 0.1) kept = &column;
    }

    void look_at(ColumnAtHand& c) {
        const ColumnShape& shape = c.shape;
        const bool named = names_time(c.header) || c.header.has("date");
        const bool elsewhere = c.header.has_any<"remaining", "left", "eta", "home">() ||
                               (c.header.has("timer") && c.header.has_any<"2", "3">());
        if (shape.filled == 0 || elsewhere) return;
        if (shape.mostly(shape.moments) && (named || !shape.mostly(shape.numbers))) {
            keep_first(moment, c);
        } else if (shape.mostly(shape.dates) && (c.header.has("date") || !shape.mostly(shape.numbers))) {
            keep_first(date, c);
        } else if (shape.mostly(shape.clocks)) {
            keep_finest(clock, c);
        } else if (named && is_clock_of_digits(c)) {
            c.column.clock_form = ClockForm::digits;
            keep_finest(clock, c);
        } else if (shape.mostly(shape.numbers + shape.numbers_with_unit)) {
            look_at_count(c);
        }
    }

    void look_at_count(ColumnAtHand& c) {
        const ColumnShape& shape = c.shape;
        if (const double scale = part_of_second(c.header);
            scale > 0.0 && shape.least >= 0.0 && shape.most * scale < 1.0 && shape.share_falling() > 0.0) {
            if (!fraction) fraction_scale = scale;
            keep_first(fraction, c);
            return;
        }
        // Of one row no step is known; where nothing else is a time, that still is one.
        constexpr double some = 0.05;
        const bool falls = shape.share_falling() > 1.0 - some;
        const bool named =
            names_time(c.header) || c.header.is("date") ||
            (c.header.measures(Dimension::time) && (falls || shape.share_falling() < some) && !shape.constant()) ||
            (c.header.words.empty() && c.header.measures(Dimension::time));
        if (named && falls)
            keep_finest(countdown, c);
        else if (named && shape.share_falling() < 0.3)
            keep_finest(count, c);
    }

    /// Seconds in one of what the header counts, where these are parts of a second; 0 of others.
    static double part_of_second(const HeaderCell& header) {
        if (header.measures(Dimension::time) && header.unit->scale < 1.0 && header.words.empty())
            return header.unit->scale;
        if (header.has_any<"ms", "millis", "msec", "msecs", "milliseconds", "millisecond", "millitm">())
            return 1e-3;
        if (header.has_any<"us", "micros", "usec", "usecs", "microseconds", "microsecond">()) return 1e-6;
        if (header.has_any<"ns", "nanos", "nsec", "nsecs", "nanoseconds", "nanosecond">()) return 1e-9;
        return 0.0;
    }

    static bool fixed(const ColumnAtHand& c, Kind kind) { return c.settled() && c.column.kind == kind; }

    void take_calendar(ColumnAtHand& c, Kind kind) {
        c.column.kind = kind;
        bool doubtful = false;
        c.column.date_order = date_order(c, kind == Kind::moment, doubtful);
        if (doubtful) {
            diagnostics.push_back(
                {DiagnosticCode::date_order_assumed,
                 units::Severity::warning,
                 {{"column", c.column.header},
                  {"example", std::string(c.cells.empty() ? std::string_view() : c.cells.front())},
                  {"order", std::string(date_order_words[std::size_t(c.column.date_order)])}}});
        }
    }

    /// "Elapsed minutes"; 0 where no word is a unit.
    static double scale_by_name(const HeaderCell& header) {
        if (header.has_any<"hour", "hours", "hr", "hrs">()) return units::seconds_per_hour;
        if (header.has_any<"minute", "minutes", "mins">()) return units::seconds_per_minute;
        return 0.0;
    }

    void take_count(ColumnAtHand& c) {
        if (c.own_word) return;
        c.column.kind = c.shape.numbers_with_unit > 0 ? Kind::written_number : Kind::number;
        c.column.channel = Channel::time_s;
        const auto& unit = c.shape.unit ? c.shape.unit : c.header.unit;
        const double named = unit && unit->dimension == Dimension::time ? unit->scale : scale_by_name(c.header);
        const bool given = named > 0.0 && !is_absurd(c.shape, named);
        c.column.scale = given ? named : scale_by_size(c.shape);
        c.column.unit_assumed = !given;
    }

    std::vector<units::Diagnostic> run() {
        bool said = false;
        for (ColumnAtHand& c : columns) {
            const Kind kind = c.column.kind;
            said = said ||
                   (c.settled() && (kind == Kind::clock_time || kind == Kind::moment || kind == Kind::clock_part ||
                                    (kind == Kind::number && c.column.channel == Channel::time_s)));
        }
        parts = time_in_parts(columns);
        for (ColumnAtHand& c : columns) {
            if (c.settled()) {
                settle_chosen(c);
            } else if (c.column.kind == Kind::ignored && !parts.holds(c)) {
                look_at(c);
            }
        }
        if (!count) count = countdown;
        for (ColumnAtHand& c : columns) {
            if (c.own_word && c.column.channel == Channel::time_s) count = &c;
        }
        // What the pilot said to be the time is it, alone; a date may still go with his clock.
        if (said) {
            const bool clock_said = std::any_of(columns.begin(), columns.end(),
                                                [](const ColumnAtHand& c) { return fixed(c, Kind::clock_time); });
            if (clock_said && date)
                take_calendar(*date, Kind::date);
            else if (clock_said)
                take_date_parts();
            return std::move(diagnostics);
        }
        const bool in_parts = !moment && !clock && parts.is_clock();
        const double calendar = fraction && (moment || clock || in_parts) ? 1.0
                                : moment                                  ? fineness(moment)
                                : in_parts                                ? fineness(parts.seconds)
                                                                          : fineness(clock);
        constexpr double coarse = 0.85;
        const bool count_is_finer = count && calendar < coarse * fineness(count);
        if (moment && !count_is_finer) {
            take_calendar(*moment, Kind::moment);
            if (!has_fraction(*moment)) take_fraction();
        } else if (clock && !count_is_finer) {
            if (clock->column.clock_form != ClockForm::digits) clock->column.clock_form = clock_form(*clock);
            clock->column.kind = Kind::clock_time;
            take_date();
            if (clock->shape.decimals == 0 && !has_fraction(*clock)) take_fraction();
        } else if (in_parts && !count_is_finer) {
            if (parts.hours) take_part(*parts.hours, units::seconds_per_hour);
            take_part(*parts.minutes, units::seconds_per_minute);
            take_part(*parts.seconds, 1.0);
            if (parts.seconds->shape.decimals == 0) take_fraction();
            take_date();
        } else if (count && has_day() && is_hour_of_day(*count)) {
            take_part(*count, units::seconds_per_hour);
            take_date();
        } else if (count) {
            take_count(*count);
            if (count->column.scale == 1.0 && count->shape.decimals == 0) take_fraction();
        } else {
            take_unnamed_count();
            take_unreadable();
        }
        pass_over_the_rest();
        return std::move(diagnostics);
    }

    bool has_day() const { return date || parts.is_date(); }

    /// "UTC hour", 16.685 …: a clock beside a date.
    static bool is_hour_of_day(const ColumnAtHand& c) {
        const bool hours = c.header.has_any<"hour", "hours", "hr", "hrs">() ||
                           (c.header.measures(Dimension::time) && c.header.unit->scale == units::seconds_per_hour);
        constexpr double most_hours = 24.0;
        return hours && c.shape.decimals > 0 && c.shape.least >= 0.0 && c.shape.most < most_hours;
    }

    static void take_part(ColumnAtHand& c, double scale) {
        c.column.kind = Kind::clock_part;
        c.column.scale = scale;
    }

    void take_fraction() const {
        if (fraction) take_part(*fraction, fraction_scale);
    }

    void take_date() {
        if (date)
            take_calendar(*date, Kind::date);
        else
            take_date_parts();
    }

    void take_date_parts() const {
        if (!parts.is_date()) return;
        for (std::size_t i = 0; i < parts.date.size(); ++i) {
            parts.date[i]->column.kind = Kind::date_part;
            parts.date[i]->column.date_part = LogColumn::DatePart(i);
        }
    }

    static bool has_fraction(const ColumnAtHand& c) {
        return std::any_of(c.cells.begin(), c.cells.end(), [](auto cell) {
            // Points before the clock are a date's.
            return std::count(cell.begin(), cell.end(), ':') == 2 &&
                   cell.find_first_of(".,", cell.rfind(':')) != std::string_view::npos;
        });
    }

    /// How a column that the pilot named is written is still to be found out.
    void settle_chosen(ColumnAtHand& c) {
        bool doubtful = false;
        LogColumn& column = c.column;
        if (column.kind == Kind::clock_time) {
            if (c.shape.mostly(c.shape.moments))
                column.kind = Kind::moment;
            else
                column.clock_form = c.shape.mostly(c.shape.numbers) ? ClockForm::digits : clock_form(c);
        }
        if (column.kind == Kind::date && c.shape.mostly(c.shape.moments)) column.kind = Kind::moment;
        if ((column.kind == Kind::date || column.kind == Kind::moment) && !c.order_said)
            column.date_order = date_order(c, column.kind == Kind::moment, doubtful);
    }

    /// Without a word of time: the first column that only rises, where its numbers make a record of a flight.
    void take_unnamed_count() {
        for (ColumnAtHand& c : columns) {
            const ColumnShape& shape = c.shape;
            const bool free = c.column.kind == Kind::ignored && !c.settled() && !c.header.unit;
            constexpr std::size_t least_values = 5;
            if (!free || !shape.mostly(shape.numbers) || shape.values.size() < least_values) continue;
            // A counter of charge rises, too.
            if (quantity_from_words(c.header)) continue;
            if (shape.share_falling() > 0.0 || shape.share_changing() < 0.9 || shape.median_step() <= 0.0) continue;
            take_count(c);
            c.column.quantity_assumed = true;
            return;
        }
    }

    /// A column that is named as the time but has nothing that is one: its rows are excluded, one by one.
    void take_unreadable() {
        const auto is_time = [](const ColumnAtHand& c) {
            return c.column.kind != Kind::ignored && c.column.kind != Kind::date &&
                   c.column.channel == Channel::time_s;
        };
        if (std::any_of(columns.begin(), columns.end(), is_time)) return;
        for (ColumnAtHand& c : columns) {
            if (c.settled() || c.column.kind != Kind::ignored || !names_time(c.header)) continue;
            c.column.kind = Kind::number;
            c.column.scale = c.header.measures(Dimension::time) ? c.header.unit->scale : 1.0;
            return;
        }
    }

    void pass_over_the_rest() {
        for (ColumnAtHand& c : columns) {
            const bool is_time = &c == moment || &c == clock || &c == count || &c == date;
            if (is_time && c.column.kind == Kind::ignored) c.column.passed_over = true;
        }
    }
};

} // namespace

bool names_time(const HeaderCell& header) {
    if (header.has_any<"time", "timestamp", "elapsed", "clock", "datetime", "uptime", "epoch", "utc", "gmt",
                       "millis", "micros", "ms", "us", "seconds", "secs", "sec", "timems", "timeus", "ts", "hhmmss",
                       "posix", "unix", "unixtime", "duration", "julian", "jd", "mjd", "datenum", "filetime">())
        return true;
    return header.is("t") && (!header.unit || header.measures(Dimension::time));
}

std::vector<units::Diagnostic> settle_time(std::vector<ColumnAtHand>& columns) {
    auto said = TimeSearch{columns}.run();
    for (ColumnAtHand& c : columns) {
        const bool counts = c.column.kind == Kind::number || c.column.kind == Kind::written_number;
        if (!counts || c.column.channel != Channel::time_s) continue;
        if (const Era* era = era_of(c.shape); era && era->scale == c.column.scale) c.column.zero_s = era->zero_s;
    }
    return said;
}

} // namespace sobremesa::io
