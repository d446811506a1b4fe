#include <array>
#include <cctype>
#include <cmath>
#include <cstdlib>
#include <optional>
#include <vector>

#include "core/units/constants.hpp"
#include "io/cell_forms.hpp"
#include "io/table_of_rows.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;

/// Fields of a sentence between the dollar sign and the checksum; nothing where the checksum is wrong.
std::optional<std::vector<std::string_view>> sentence_fields(std::string_view line) {
    const auto dollar = line.find('$');
    if (dollar == std::string_view::npos) return std::nullopt;
    line.remove_prefix(dollar + 1);
    const auto star = line.find('*');
    if (star != std::string_view::npos) {
        unsigned sum = 0;
        for (const char c : line.substr(0, star)) sum ^= static_cast<unsigned char>(c);
        const std::string digits(line.substr(star + 1, 2));
        char* end = nullptr;
        const unsigned long stated = std::strtoul(digits.c_str(), &end, 16);
        if (digits.size() != 2 || *end != '\0' || stated != sum) return std::nullopt;
        line = line.substr(0, star);
    }
    std::vector<std::string_view> fields;
    split_cells(line, ',', fields);
    if (fields.front().size() < 5) return std::nullopt;
    return fields;
}

class NmeaTable {
public:
    TableOfLog run(std::string_view text) {
        TableOfLog result;
        std::int64_t number = 0;
        each_line(text, [&](std::string_view line) {
            ++number;
            line = trimmed(line);
            if (line.empty()) return;
            const auto fields = sentence_fields(line);
            if (!fields) {
                if (line.find('$') == std::string_view::npos) return;
                if (result.unread++ == 0) result.first_unread = number;
                return;
            }
            take(*fields);
        });
        end_row();
        result.csv = table_.text();
        return result;
    }

private:
    using Fields = std::vector<std::string_view>;

    static std::string_view field(const Fields& fields, std::size_t i) {
        return i < fields.size() ? fields[i] : std::string_view();
    }

    static std::optional<double> number(const Fields& fields, std::size_t i) {
        return number_from_text(field(fields, i));
    }

    void take(const Fields& fields) {
        const std::string_view kind = fields.front().substr(fields.front().size() - 3);
        if (kind == "RMC") {
            begin_row(field(fields, 1));
            set_date(field(fields, 9));
            if (field(fields, 2) == "A") {
                place(fields, 3);
                if (const auto knots = number(fields, 7))
                    put(Channel::ground_speed_mps, *knots * units::mps_per_knot);
                if (const auto course = number(fields, 8)) put(Channel::course_deg, *course);
            }
        } else if (kind == "GGA") {
            begin_row(field(fields, 1));
            if (number(fields, 6).value_or(0.0) > 0.0) place(fields, 2);
            if (const auto satellites = number(fields, 7)) put(Channel::satellites, *satellites);
            if (const auto height = number(fields, 9)) put(Channel::height_m, *height);
        } else if (kind == "ZDA") {
            begin_row(field(fields, 1));
            const auto day = number(fields, 2);
            const auto month = number(fields, 3);
            const auto year = number(fields, 4);
            if (day && month && year) {
                double seconds = 0.0;
                const std::string date = text_from_number(*year, 0) + "-" + text_from_number(*month, 0) + "-" +
                                         text_from_number(*day, 0);
                if (parse_date(date, DateOrder::year_first, seconds)) date_s_ = seconds;
            }
        } else if (kind == "VTG") {
            if (const auto course = number(fields, 1)) put(Channel::course_deg, *course);
            if (const auto kmh = number(fields, 7)) put(Channel::ground_speed_mps, *kmh * units::mps_per_kmh);
        } else if (kind == "XDR") {
            for (std::size_t i = 1; i + 2 < fields.size(); i += 4) {
                const auto value = number(fields, i + 1);
                if (!value) continue;
                if (fields[i] == "U") put(Channel::voltage_v, *value);
                if (fields[i] == "I") put(Channel::current_a, *value);
            }
        }
    }

    void set_date(std::string_view text) {
        if (text.size() != 6) return;
        const std::string_view year = text.substr(4, 2);
        const std::string date = std::string(text.substr(0, 2)) + "." + std::string(text.substr(2, 2)) +
                                 (year < "80" ? ".20" : ".19") + std::string(year);
        double seconds = 0.0;
        if (parse_date(date, DateOrder::day_first, seconds)) date_s_ = seconds;
    }

    void place(const Fields& fields, std::size_t at) {
        double latitude = 0.0;
        double longitude = 0.0;
        const auto south = hemisphere_sign(field(fields, at + 1));
        const auto west = hemisphere_sign(field(fields, at + 3));
        if (!south || !west || field(fields, at).empty()) return;
        if (!parse_angle(field(fields, at), true, latitude) || !parse_angle(field(fields, at + 2), true, longitude))
            return;
        put(Channel::latitude_deg, latitude * *south);
        put(Channel::longitude_deg, longitude * *west);
    }

    void begin_row(std::string_view clock) {
        double seconds = 0.0;
        if (!parse_clock(clock, ClockForm::digits, seconds)) return;
        if (clock_s_ && *clock_s_ == seconds) return;
        end_row();
        // Past midnight, until a date says so.
        constexpr double half_day_s = 43200.0;
        if (clock_s_ && seconds < *clock_s_ - half_day_s) date_s_ += 2.0 * half_day_s;
        clock_s_ = seconds;
    }

    void put(Channel channel, double value) { table_.put(channel, value); }

    void end_row() {
        if (!clock_s_) {
            table_.drop_row();
            return;
        }
        table_.put(Channel::time_s, date_s_ + *clock_s_);
        table_.end_row();
    }

    TableOfRows table_;
    double date_s_ = 0.0;
    std::optional<double> clock_s_;
};

} // namespace

bool looks_like_nmea(std::string_view head) {
    std::size_t sentences = 0;
    std::size_t lines = 0;
    each_line(head, [&](std::string_view line) {
        if (trimmed(line).empty()) return;
        ++lines;
        // A dollar sign, two letters of the talker, three of the sentence. Checksums are usual, not required.
        const auto dollar = line.find('$');
        constexpr std::size_t letters = 5;
        bool talks = dollar != std::string_view::npos && dollar + letters + 1 < line.size() &&
                     line[dollar + letters + 1] == ',';
        for (std::size_t i = 1; talks && i <= letters; ++i)
            talks = std::isupper(static_cast<unsigned char>(line[dollar + i])) != 0;
        sentences += talks ? 1 : 0;
    });
    return sentences >= 2 && 2 * sentences > lines;
}

TableOfLog nmea_as_table(std::string_view text) {
    return NmeaTable().run(text);
}

} // namespace sobremesa::io
