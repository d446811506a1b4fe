#include "io/column_evidence.hpp"

#include <algorithm>
#include <array>
#include <cmath>
#include <iterator>

#include "core/units/constants.hpp"
#include "core/units/median.hpp"
#include "io/quantity_words.hpp"

namespace sobremesa::io {

namespace {

using Kind = LogColumn::Kind;
using telemetry::Channel;

/// A unit found by arithmetic must fit so well; the next one is 1.15 times as large (knots and miles an hour).
constexpr double fits_share = 0.06;
constexpr double least_volts = 5.5;
constexpr double most_volts = 65.0;

bool is_number(const ColumnAtHand& c) {
    return c.column.kind == Kind::number || c.column.kind == Kind::written_number;
}

bool is_free(const ColumnAtHand& c) {
    return c.column.kind == Kind::ignored && !c.settled() && !c.column.passed_over && c.header.words.empty() &&
           c.shape.mostly(c.shape.numbers);
}

ColumnAtHand* column_of(std::vector<ColumnAtHand>& columns, Channel channel) {
    for (ColumnAtHand& c : columns) {
        if (is_number(c) && c.column.channel == channel) return &c;
    }
    return nullptr;
}

std::vector<double> values_of(const ColumnAtHand& c, std::size_t rows, std::size_t part = 0) {
    std::vector<double> result(rows, missing_value);
    for (std::size_t i = 0; i < rows && i < c.cells.size(); ++i) {
        CellValues values{missing_value, missing_value};
        if (parse_cell(c.column, c.cells[i], values)) result[i] = values[part] * (part == 0 ? c.column.scale : 1.0);
    }
    return result;
}

std::vector<double> raw_values(const ColumnAtHand& c, std::size_t rows) {
    std::vector<double> result(rows, missing_value);
    for (std::size_t i = 0; i < rows && i < c.cells.size(); ++i) {
        double value = 0.0;
        if (parse_number_cell(c.cells[i], value)) result[i] = value;
    }
    return result;
}

class Evidence {
public:
    Evidence(std::vector<ColumnAtHand>& columns, std::size_t rows) : columns_(columns), rows_(rows) {}

    void run() {
        read_time();
        if (!time_.empty()) {
            settle_order_of_place();
            read_way();
            drop_impossible_way();
            if (!speed_.empty()) settle_speed();
            settle_current();
            settle_height();
        }
        settle_current_by_size();
    }

private:
    void read_time() { time_ = times(rows_); }

    /// Empty where no column says when.
    std::vector<double> times(std::size_t rows) const {
        std::vector<double> time;
        std::vector<double> date;
        std::vector<double> parts;
        bool milliseconds_only = true;
        for (const ColumnAtHand& c : columns_) {
            const Kind kind = c.column.kind;
            if (kind == Kind::date) date = values_of(c, rows);
            if (kind == Kind::clock_part) {
                const std::vector<double> part = values_of(c, rows);
                parts.resize(part.size(), 0.0);
                for (std::size_t i = 0; i < part.size(); ++i) parts[i] += part[i];
                milliseconds_only = milliseconds_only && c.column.scale < 1.0;
            }
            if (kind == Kind::moment || kind == Kind::clock_time ||
                (is_number(c) && c.column.channel == Channel::time_s))
                time = values_of(c, rows);
        }
        if (time.empty() && !milliseconds_only) time.assign(parts.size(), 0.0);
        for (std::size_t i = 0; i < time.size(); ++i) {
            if (!date.empty()) time[i] += date[i];
            if (!parts.empty()) time[i] += parts[i];
        }
        return time;
    }

    /// Metres from row to row, over so many seconds as make a step that is more than scatter.
    void read_way() {
        std::vector<double> latitude;
        std::vector<double> longitude;
        for (const ColumnAtHand& c : columns_) {
            const Kind kind = c.column.kind;
            const bool angle = kind == Kind::angle || is_number(c);
            if (kind == Kind::position_pair) {
                latitude = values_of(c, rows_, 0);
                longitude = values_of(c, rows_, 1);
            } else if (angle && c.column.channel == Channel::latitude_deg) {
                latitude = values_of(c, rows_);
            } else if (angle && c.column.channel == Channel::longitude_deg) {
                longitude = values_of(c, rows_);
            }
        }
        if (latitude.empty() || longitude.empty()) return;
        constexpr double metres_per_degree = 111320.0;
        constexpr double least_step_m = 20.0;
        speed_.assign(rows_, missing_value);
        std::size_t from = rows_;
        for (std::size_t i = 0; i < rows_; ++i) {
            const bool fix = std::isfinite(latitude[i]) && std::isfinite(longitude[i]) && std::isfinite(time_[i]) &&
                             (latitude[i] != 0.0 || longitude[i] != 0.0);
            if (!fix) continue;
            if (from == rows_) {
                from = i;
                continue;
            }
            const double north = (latitude[i] - latitude[from]) * metres_per_degree;
            const double east = std::remainder(longitude[i] - longitude[from], 360.0) * metres_per_degree *
                                std::cos(units::radians(latitude[i]));
            const double metres = std::hypot(north, east);
            const double seconds = time_[i] - time_[from];
            if (metres < least_step_m || seconds <= 0.0) continue;
            for (std::size_t j = from; j < i; ++j) speed_[j] = metres / seconds;
            from = i;
        }
    }

    /// Latitude or longitude first, where no word says it: no latitude is beyond 90°, and only in the right order
    /// are the places as far apart as the log's own speed takes them, on every course.
    void settle_order_of_place() {
        ColumnAtHand* place = nullptr;
        for (ColumnAtHand& c : columns_) {
            if (c.column.kind == Kind::position_pair && c.column.order_assumed) place = &c;
        }
        if (!place) return;
        const bool assumed = place->column.longitude_first;
        for (const bool longitude_first : {false, true}) {
            place->column.longitude_first = longitude_first;
            const auto latitudes = values_of(*place, rows_, 0);
            if (std::any_of(latitudes.begin(), latitudes.end(), [](double v) { return std::abs(v) > 90.0; })) {
                place->column.longitude_first = !longitude_first;
                place->column.order_assumed = false;
                return;
            }
        }
        const ColumnAtHand* speed = column_of(columns_, Channel::ground_speed_mps);
        std::array<double, 2> spread{HUGE_VAL, HUGE_VAL};
        for (const bool longitude_first : {false, true}) {
            place->column.longitude_first = longitude_first;
            read_way();
            if (speed) spread[longitude_first ? 1 : 0] = spread_of_ratio(raw_values(*speed, rows_));
        }
        speed_.clear();
        // A straight flight has one ratio either way.
        constexpr double scatters = 0.05;
        constexpr double clearly = 3.0;
        constexpr double more = 0.02;
        const double least = std::min(spread[0], spread[1]);
        const double most = std::max(spread[0], spread[1]);
        const bool told = least < scatters && most < HUGE_VAL && most > clearly * least + more;
        place->column.longitude_first = told ? spread[1] < spread[0] : assumed;
        place->column.order_assumed = !told;
        // Two numbers are latitude and longitude (ISO 6709); of three the order is a custom, and said.
        if (!told && assumed) place->column.quantity_assumed = true;
    }

    /// How much the way's speed over a column's scatters around its median, relative; infinite where it cannot be
    /// told.
    double spread_of_ratio(const std::vector<double>& speeds) const {
        std::vector<double> ratios;
        for (std::size_t i = 0; i < speed_.size() && i < speeds.size(); ++i) {
            if (std::isfinite(speed_[i]) && speeds[i] > 2.0) ratios.push_back(speed_[i] / speeds[i]);
        }
        constexpr std::size_t enough = 30;
        if (ratios.size() < enough) return HUGE_VAL;
        const double middle = units::median(ratios);
        for (double& ratio : ratios) ratio = std::abs(ratio / middle - 1.0);
        return units::median(std::move(ratios));
    }

    /// What only its numbers make a place must be flown at a speed that there is: parts of an attitude are degrees
    /// as smooth, and leap hundreds of metres a second.
    void drop_impossible_way() {
        std::vector<double> speeds;
        std::copy_if(speed_.begin(), speed_.end(), std::back_inserter(speeds),
                     [](double v) { return std::isfinite(v); });
        constexpr double most_mps = 90.0;
        if (speeds.empty() || units::median(speeds) < most_mps) return;
        for (const Channel channel : {Channel::latitude_deg, Channel::longitude_deg}) {
            ColumnAtHand* column = column_of(columns_, channel);
            if (!column || !column->column.quantity_assumed || column->header.words.empty()) continue;
            column->column.kind = Kind::ignored;
            column->column.quantity_assumed = false;
            speed_.clear();
        }
    }

    /// Ratio of two columns where both have values, and how many rows it rests on.
    static std::optional<double> ratio_of(const std::vector<double>& of, const std::vector<double>& to) {
        std::vector<double> ratios;
        for (std::size_t i = 0; i < of.size() && i < to.size(); ++i) {
            if (std::isfinite(of[i]) && std::isfinite(to[i]) && to[i] > 0.5) ratios.push_back(of[i] / to[i]);
        }
        constexpr std::size_t enough = 8;
        if (ratios.size() < enough) return std::nullopt;
        return units::median(std::move(ratios));
    }

    void settle_speed() {
        ColumnAtHand* column = column_of(columns_, Channel::ground_speed_mps);
        const bool open = column && column->column.unit_assumed && !column->settled();
        if (column && !open) return;
        for (ColumnAtHand& c : columns_) {
            if (column ? &c != column : !is_free(c)) continue;
            const auto ratio = ratio_of(raw_values(c, rows_), speed_);
            if (!ratio) continue;
            for (const Unit& unit : units_of(Dimension::speed)) {
                if (std::abs(*ratio * unit.scale - 1.0) > fits_share) continue;
                c.column.kind = Kind::number;
                c.column.channel = Channel::ground_speed_mps;
                c.column.scale = unit.scale;
                c.column.unit_assumed = true;
                c.column.quantity_assumed = !column;
                return;
            }
        }
    }

    /// The current, where its unit is open still.
    ColumnAtHand* open_current() {
        ColumnAtHand* column = column_of(columns_, Channel::current_a);
        return column && column->column.unit_assumed && !column->settled() && !current_found_ ? column : nullptr;
    }

    /// Without a counter, or where it counts too coarsely: whole numbers beyond any pack's amps are hundredths or
    /// thousandths, whichever a pack in flight is likelier to give.
    void settle_current_by_size() {
        ColumnAtHand* column = open_current();
        if (!column || column->shape.values.empty()) return;
        constexpr double most_cruise_a = 150.0;
        constexpr double usual_a = 8.0;
        const double middle = std::abs(column->shape.median());
        if (column->column.scale != 1.0) return;
        if (const double of_volts = scale_of_whole_volts(); of_volts < 1.0 && column->shape.decimals == 0) {
            // Whoever writes volts as whole tenths writes amps so; of hundredths of a volt, in hundredths or
            // tenths.
            constexpr double least_doubtful = 25.0;
            constexpr double least_cruise_a = 1.5;
            constexpr double most_likely_a = 60.0;
            constexpr double tenth = 0.1;
            for (const double scale : {of_volts, tenth}) {
                if (middle > least_doubtful && middle * scale > least_cruise_a && middle * scale < most_likely_a) {
                    column->column.scale = scale;
                    return;
                }
            }
        }
        if (middle <= most_cruise_a) return;
        double least = HUGE_VAL;
        for (const Unit& unit : units_of(Dimension::current)) {
            const double far = std::abs(std::log(middle * unit.scale / usual_a));
            if (far >= least) continue;
            least = far;
            column->column.scale = unit.scale;
        }
    }

    /// Volts without a unit that are whole numbers, by their size; 1 where they are not.
    double scale_of_whole_volts() {
        const ColumnAtHand* volts = column_of(columns_, Channel::voltage_v);
        const bool whole = volts && volts->column.unit_assumed && volts->shape.decimals == 0;
        return whole ? volts->column.scale : 1.0;
    }

    /// A climb that no aircraft keeps up, or a height that none reaches, is centimetres or millimetres.
    void settle_height() {
        for (const Channel channel : {Channel::height_m, Channel::gps_height_m}) {
            ColumnAtHand* column = column_of(columns_, channel);
            if (!column || !column->column.unit_assumed || column->settled() || column->column.scale != 1.0)
                continue;
            const auto heights = raw_values(*column, rows_);
            const double climb = steepest(heights);
            double most = 0.0;
            for (const double height : column->shape.values) most = std::max(most, std::abs(height));
            constexpr double impossible_climb_mps = 100.0;
            constexpr double impossible_height_m = 15000.0;
            if (climb <= impossible_climb_mps && most <= impossible_height_m) continue;
            constexpr double usual_climb_mps = 20.0;
            constexpr double usual_height_m = 6000.0;
            const bool hundredths = 0.01 * climb <= usual_climb_mps && 0.01 * most <= usual_height_m;
            column->column.scale = hundredths ? 0.01 : 0.001;
        }
    }

    /// The fastest change over some seconds, as written per second.
    double steepest(const std::vector<double>& values) const {
        constexpr double over_s = 5.0;
        double most = 0.0;
        for (std::size_t from = 0, to = 0; to < values.size(); ++to) {
            while (from < to && time_[to] - time_[from + 1] >= over_s) ++from;
            const double step_s = time_[to] - time_[from];
            if (step_s >= over_s && std::isfinite(values[from]) && std::isfinite(values[to]))
                most = std::max(most, std::abs(values[to] - values[from]) / step_s);
        }
        return most;
    }

    void settle_current() {
        ColumnAtHand* counter = column_of(columns_, Channel::charge_ah);
        ColumnAtHand* column = column_of(columns_, Channel::current_a);
        const bool open = column && column->column.unit_assumed && !column->settled();
        if (!counter || (column && !open)) return;
        settle_current_by_rows(*counter, column);
        if (open_current()) settle_current_by_whole(*counter, *column);
    }

    /// The counter counts in whole milliampere-hours, too few of them in the first rows: over all that is sampled a
    /// current is distinguished from its tenth, not more.
    void settle_current_by_whole(const ColumnAtHand& counter, ColumnAtHand& column) {
        const std::size_t all = counter.cells.size();
        const auto counted = values_of(counter, all);
        const auto amps = raw_values(column, all);
        const std::vector<double> time = times(all);
        double charge_as = 0.0;
        for (std::size_t i = 1; i < all; ++i) {
            const double step_s = time[i] - time[i - 1];
            if (std::isfinite(amps[i]) && std::isfinite(amps[i - 1]) && step_s > 0.0)
                charge_as += 0.5 * std::abs(amps[i] + amps[i - 1]) * step_s;
        }
        double first = missing_value;
        double last = missing_value;
        for (const double value : counted) {
            if (!std::isfinite(first)) first = value;
            if (std::isfinite(value)) last = value;
        }
        constexpr double least_counted_ah = 0.03;
        const double used = std::abs(last - first);
        if (!(used > least_counted_ah) || !(charge_as > 0.0)) return;
        constexpr double about = 2.5;
        for (const Unit& unit : units_of(Dimension::current)) {
            const double ratio = charge_as / units::seconds_per_hour * unit.scale / used;
            if (ratio > about || ratio < 1.0 / about) continue;
            column.column.scale = unit.scale;
            current_found_ = true;
        }
    }

    void settle_current_by_rows(const ColumnAtHand& counter, ColumnAtHand* column) {
        const auto counted = values_of(counter, rows_);
        // Of columns that nothing names only amps and milliamps, and the one that fits best.
        ColumnAtHand* best = nullptr;
        double least = HUGE_VAL;
        double scale = 1.0;
        for (ColumnAtHand& c : columns_) {
            if (column ? &c != column : !is_free(c)) continue;
            const auto amps = raw_values(c, rows_);
            for (const Unit& unit : units_of(Dimension::current)) {
                if (!column && unit.scale != 1.0 && unit.scale != 1e-3) continue;
                const auto misfit = misfit_of(amps, unit.scale, counted);
                if (!misfit || *misfit >= least) continue;
                least = *misfit;
                best = &c;
                scale = unit.scale;
            }
        }
        constexpr double most_misfit = 0.1;
        if (!best || least > most_misfit) return;
        best->column.kind = Kind::number;
        best->column.channel = Channel::current_a;
        best->column.scale = scale;
        best->column.unit_assumed = true;
        best->column.quantity_assumed = !column;
        current_found_ = true;
    }

    /// How far a current's sum is off a counter's, as a share: the worst of three segments.
    std::optional<double> misfit_of(const std::vector<double>& amps, double scale,
                                    const std::vector<double>& counted) const {
        constexpr std::size_t segments = 3;
        constexpr double least_counted_ah = 0.01;
        double worst = 0.0;
        for (std::size_t part = 0; part < segments; ++part) {
            double charge = 0.0;
            double begin = missing_value;
            double used = 0.0;
            const std::size_t from = std::max<std::size_t>(1, part * rows_ / segments);
            for (std::size_t i = from; i < (part + 1) * rows_ / segments; ++i) {
                const double step_s = time_[i] - time_[i - 1];
                if (!std::isfinite(amps[i]) || !std::isfinite(amps[i - 1]) || !(step_s > 0.0)) continue;
                charge += 0.5 * (amps[i] + amps[i - 1]) * step_s / units::seconds_per_hour * scale;
                if (!std::isfinite(begin)) begin = counted[i - 1];
                if (std::isfinite(counted[i])) used = counted[i] - begin;
            }
            if (used <= least_counted_ah && part == 0) continue; // idle on the ground
            if (!(used > least_counted_ah) || !(charge > 0.0)) return std::nullopt;
            worst = std::max(worst, std::abs(std::log(charge / used)));
        }
        return worst;
    }

    std::vector<ColumnAtHand>& columns_;
    std::size_t rows_;
    bool current_found_ = false;
    std::vector<double> time_;
    /// By places, m/s; NaN where the aircraft hardly moved.
    std::vector<double> speed_;
};

void take(ColumnAtHand& c, Channel channel, double scale) {
    c.column.kind = Kind::number;
    c.column.channel = channel;
    c.column.scale = scale;
    c.column.quantity_assumed = true;
}

/// A column of numbers whose words say nothing to us, without a unit but degrees.
bool is_unknown(const ColumnAtHand& c) {
    const bool open = c.column.kind == Kind::ignored && !c.settled() && !c.column.passed_over;
    return open && c.shape.mostly(c.shape.numbers) && (!c.header.unit || c.header.measures(Dimension::angle)) &&
           !quantity_from_words(c.header);
}

/// Degrees that go on from row to row as an aircraft does: small steps, both ways or one, and somewhere in the end.
bool makes_a_way(const ColumnShape& shape) {
    constexpr double most_step_deg = 0.004;
    constexpr double least_range_deg = 0.0003;
    if (shape.most - shape.least < least_range_deg) return false;
    std::size_t small = 0;
    for (std::size_t i = 1; i < shape.values.size(); ++i)
        small += std::abs(shape.values[i] - shape.values[i - 1]) < most_step_deg ? 1 : 0;
    // Between the places of the file that were sampled it leaps.
    return shape.values.size() > 20 && 10 * small > 9 * (shape.values.size() - 1);
}

/// Degrees of a flight: many decimals, and within a degree or two.
bool looks_like_degrees(const ColumnShape& shape, double most) {
    constexpr std::size_t least_decimals = 4;
    constexpr double widest = 3.0;
    return shape.decimals >= least_decimals && std::abs(shape.median()) <= most && !shape.constant() &&
           shape.most - shape.least < widest && shape.median() != 0.0;
}

} // namespace

namespace {

/// The number of the row: one more every time, wherever in the file.
bool counts_rows(const ColumnAtHand& c) {
    const auto& values = c.shape.values;
    std::size_t ones = 0;
    for (std::size_t i = 1; i < values.size(); ++i) ones += values[i] == values[i - 1] + 1.0 ? 1 : 0;
    return values.size() > 4 && 10 * ones > 9 * (values.size() - 1);
}

} // namespace

bool could_be_pack(double volts) {
    return volts >= least_volts && volts <= most_volts;
}

void weigh_evidence(std::vector<ColumnAtHand>& columns, std::size_t together) {
    Evidence(columns, together).run();
}

void guess_by_shape(std::vector<ColumnAtHand>& columns) {
    const auto have = [&](Channel channel) {
        return std::any_of(columns.begin(), columns.end(), [&](const ColumnAtHand& c) {
            return c.column.kind != Kind::ignored && c.column.channel == channel && is_number(c);
        });
    };
    const bool placed =
        have(Channel::latitude_deg) || std::any_of(columns.begin(), columns.end(), [](const ColumnAtHand& c) {
            return c.column.kind == Kind::position_pair || c.column.kind == Kind::angle;
        });
    for (std::size_t i = 0; !placed && i < columns.size(); ++i) {
        ColumnAtHand& c = columns[i];
        if (c.column.kind != Kind::ignored) continue;
        if (c.header.words.empty() && c.shape.mostly(c.shape.pairs) && !c.shape.mostly(c.shape.numbers)) {
            c.column.kind = Kind::position_pair;
            c.column.quantity_assumed = true;
            break;
        }
        if (i + 1 == columns.size()) continue;
        const bool nameless = is_free(c) && is_free(columns[i + 1]);
        // Words of a language that is not known: the numbers must make a way.
        const bool a_way = is_unknown(c) && is_unknown(columns[i + 1]) && makes_a_way(c.shape) &&
                           makes_a_way(columns[i + 1].shape);
        if (!nameless && !a_way) continue;
        if (!looks_like_degrees(c.shape, 90.0) || !looks_like_degrees(columns[i + 1].shape, 180.0)) continue;
        take(c, Channel::latitude_deg, 1.0);
        take(columns[i + 1], Channel::longitude_deg, 1.0);
        break;
    }
    for (ColumnAtHand& c : columns) {
        if (!is_free(c) || c.shape.constant()) continue;
        const ColumnShape& shape = c.shape;
        constexpr double widest_sag = 0.4;
        const bool sinks = !shape.values.empty() && shape.values.back() < shape.values.front();
        if (!have(Channel::voltage_v) && shape.decimals > 0 && could_be_pack(shape.least) &&
            could_be_pack(shape.most) && sinks && shape.most - shape.least < widest_sag * shape.most) {
            take(c, Channel::voltage_v, 1.0);
            continue;
        }
        constexpr double least_counted_mah = 50.0;
        constexpr double most_counted_mah = 60000.0;
        if (!have(Channel::charge_ah) && shape.decimals == 0 && !counts_rows(c) && shape.share_falling() == 0.0 &&
            shape.least >= 0.0 && shape.most - shape.least > least_counted_mah && shape.most < most_counted_mah)
            take(c, Channel::charge_ah, 1e-3);
    }
}

} // namespace sobremesa::io
