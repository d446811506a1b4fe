#pragma once

#include <array>
#include <cstdint>
#include <optional>
#include <vector>

#include "core/telemetry/flight_log.hpp"
#include "io/mavlink_framing.hpp"

namespace sobremesa::io::mavlink {

class Payload;

/// One vehicle and one battery out of those on a link. Empty: the first that gives a position; the lowest battery.
struct Choice {
    std::optional<std::uint8_t> system;
    std::optional<std::uint8_t> battery;
};

/// Packets made into rows of a log, one after the other: of a file, or as they come.
///
/// Each position makes a row; it takes the other messages' last values where they are not older than three seconds.
/// Rows are timed by the vehicle's clock (`time_boot_ms`), so that a stream that is played faster or in bursts is
/// the flight that was flown; a message without one takes the latest. A clock that begins anew in flight goes on by
/// the time of arrival; one that stands still (an encoder that leaves it 0) is not used, and arrival times the
/// rows.
class Rows {
public:
    explicit Rows(const Choice& choice = {}) : choice_(choice) {}

    /// @param arrival_s  of the packet, since any moment
    /// @return whether it made a row
    bool take(const Packet& packet, double arrival_s);
    /// Bytes that were no packet count as one row that could not be read, however many they are.
    void take_damage();

    /// Rows so far, time since the first of them.
    const telemetry::FlightLog& log() const { return log_; }
    /// Grows where rows that stood there already became others: what was made of them is to be made anew.
    int generation() const { return generation_; }
    std::size_t damaged() const { return broken_; }
    /// Time of arrival of the first row.
    double first_arrival_s() const { return arrivals_.empty() ? 0.0 : arrivals_.front(); }
    /// Everyone who spoke, and the batteries of the one that is read, ascending.
    std::vector<std::uint8_t> systems() const { return listed(systems_); }
    std::vector<std::uint8_t> batteries() const { return listed(batteries_); }
    std::optional<std::uint8_t> system() const { return choice_.system; }
    std::optional<std::uint8_t> battery() const { return choice_.battery; }

    /// The log as a reader of files gives it, columns without a value left out.
    telemetry::FlightLog finished() &&;

private:
    struct Latest {
        double value = telemetry::missing_value;
        double vehicle_s = 0.0;
        double arrival_s = -1e18;
        std::uint8_t system = 0;
        std::size_t row = 0; ///< came before that one was made
    };
    using Seen = std::array<bool, 256>;
    static std::vector<std::uint8_t> listed(const Seen& seen);

    void keep(telemetry::Channel channel, double value);
    void take_cells(const Payload& p);
    void take_battery(const Payload& p);
    bool take_raw_fix(const Payload& p);
    bool take_global(const Payload& p);
    void take_named(const Payload& p);
    void begin_global();
    bool row();
    void tell_time(double clock_s);
    void choose_clock();

    Choice choice_;
    telemetry::FlightLog log_;
    std::array<Latest, telemetry::channel_count> latest_;
    std::vector<double> arrivals_;
    std::vector<double> vehicles_;
    int generation_ = 0;
    Seen systems_{};
    Seen batteries_{};
    bool other_batteries_ = false;
    bool other_vehicles_ = false;
    bool volts_of_system_ = false;
    bool has_global_ = false;
    /// The receiver's own height is written beside one that is not the filter's.
    bool two_heights_ = false;
    std::size_t broken_ = 0;
    std::int64_t first_broken_ = 0;

    // the packet that is being taken
    std::uint8_t from_ = 0;
    double arrival_s_ = 0.0;
    /// The vehicle's clock now, carried on over its restarts, and what it read itself.
    double vehicle_s_ = 0.0;
    std::optional<double> clock_s_;
    double clock_arrival_s_ = 0.0;
    std::size_t steps_on_ = 0;
    bool by_vehicle_ = true;
};

} // namespace sobremesa::io::mavlink
