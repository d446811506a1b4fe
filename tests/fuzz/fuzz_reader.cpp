// Whatever bytes a reader is given, it must answer or refuse: no crash, no hang, no memory without a bound. One
// program for each reader, told apart when it is compiled.

#include <algorithm>
#include <cmath>
#include <cstddef>
#include <cstdint>
#include <cstdlib>
#include <memory>
#include <string>
#include <string_view>
#include <vector>

#include <sys/mman.h>
#include <unistd.h>

#include "core/mission/make_plan.hpp"
#include "core/telemetry/clean_log.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/telemetry/findings.hpp"
#include "core/watch/callouts.hpp"
#include "core/watch/live_answer.hpp"
#include "io/book_document.hpp"
#include "io/build_document.hpp"
#include "io/calendar.hpp"
#include "io/cell_forms.hpp"
#include "io/csv_head.hpp"
#include "io/csv_log_reader.hpp"
#include "io/flights_by_hand.hpp"
#include "io/gpx_log.hpp"
#include "io/kept_documents.hpp"
#include "io/live_log.hpp"
#include "io/log_file.hpp"
#include "io/log_source.hpp"
#include "io/mavlink_log.hpp"
#include "io/pack_table.hpp"
#include "io/plan_document.hpp"

using namespace sobremesa;

namespace {

/// The bytes as a file that readers can open.
class FileOfBytes {
public:
    FileOfBytes(const std::uint8_t* bytes, std::size_t count) : descriptor_(memfd_create("fuzz", 0)) {
        while (count > 0) {
            const ssize_t put = ::write(descriptor_, bytes, count);
            if (put <= 0) std::abort();
            bytes += put;
            count -= std::size_t(put);
        }
    }
    ~FileOfBytes() { ::close(descriptor_); }
    FileOfBytes(const FileOfBytes&) = delete;
    FileOfBytes& operator=(const FileOfBytes&) = delete;
    std::string path() const { return "/proc/self/fd/" + std::to_string(descriptor_); }

private:
    int descriptor_;
};

/// What was read is worked on as the program would, as far as it costs little.
[[maybe_unused]] void work_on(const units::Result<std::shared_ptr<const telemetry::FlightLog>>& log) {
    constexpr std::size_t few_rows = 20'000;
    if (!log || (*log)->rows() > few_rows) return;
    const auto clean = telemetry::clean(*log);
    if (!clean) return;
    (void)telemetry::summarise(*clean);
    // A clock that jumps by years makes a flight of years; a debrief of it takes its time, and is bounded
    // elsewhere.
    constexpr double a_day_s = 86400.0;
    if (clean->time_s(clean->rows.size() - 1) - clean->time_s(0) < a_day_s) (void)telemetry::find_out(*clean);
}

/// Telemetry as it comes, in pieces whose length the first byte says, watched as a flight.
[[maybe_unused]] void watch_bytes(const std::uint8_t* bytes, std::size_t count) {
    if (count < 2) return;
    static const auto plan = [] {
        mission::PlanRequest request;
        request.aircraft.mass_kg = 1.25;
        request.aircraft.cruise_airspeed_mps = 14.0;
        request.aircraft.cruise_power_w = 68.0;
        request.pack.mass_kg = 0.4;
        request.mission.height_m = 90.0;
        return std::make_shared<const mission::Plan>(*mission::make_plan(request));
    }();
    const std::string_view all(reinterpret_cast<const char*>(bytes), count);
    const std::size_t piece = std::max<std::size_t>(1 + bytes[0] * 16, count / 8);
    io::LiveLog live;
    watch::LiveFlight flight;
    watch::LiveSolver solver(plan);
    watch::Callouts callouts(plan);
    std::string recorded;
    double t = 1.8e9;
    for (std::size_t at = 1; at < count; at += piece) {
        live.feed(all.substr(at, piece), t += 1.0);
        recorded += live.take_recording();
        live.refresh();
        // As with files: flights of years are bounded elsewhere.
        const auto& time = live.log()[telemetry::Channel::time_s];
        constexpr double a_day_s = 86400.0;
        if (time.empty() || std::abs(time.back() - time.front()) > a_day_s) continue;
        flight.update(live.log(), live.generation());
        (void)callouts.hear(solver.answer(flight));
    }
    live.finish();
    recorded += live.take_recording();
    (void)live.finished();
    // Whatever it was, all of it is written down, and packets with their stamps besides.
    if (live.kind() != io::LiveLog::Kind::unknown && recorded.size() + (64u << 10) < count - 1) std::abort();
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* bytes, std::size_t count) {
#if defined(FUZZ_csv)
    const FileOfBytes file(bytes, count);
    work_on(io::read_csv_log(file.path()));
#elif defined(FUZZ_formats)
    // Whatever the first bytes say that it is: archives, sentences, records, captions.
    const FileOfBytes file(bytes, count);
    work_on(io::read_log(file.path()));
    (void)io::read_head_of_log(file.path());
    (void)io::logs_below({file.path()});
#elif defined(FUZZ_gpx)
    const FileOfBytes file(bytes, count);
    work_on(io::read_gpx_log(file.path()));
#elif defined(FUZZ_live)
    watch_bytes(bytes, count);
#elif defined(FUZZ_mavlink)
    const FileOfBytes file(bytes, count);
    work_on(io::read_mavlink_log(file.path()));
#else
    const std::string text(reinterpret_cast<const char*>(bytes), count);
#if defined(FUZZ_plan)
    (void)io::plan_from_json(text, "fuzz");
    (void)io::pack_from_json(text, "fuzz");
#elif defined(FUZZ_book)
    (void)io::kept_flight_from_json(text, "fuzz");
    (void)io::kept_aircraft_from_json(text, "fuzz");
    (void)io::kept_pack_from_json(text, "fuzz");
    (void)io::figures_from_json(text, "fuzz");
    (void)io::book_from_json(text, "fuzz");
    (void)io::book_from_csv(text, "flight", "fuzz");
#elif defined(FUZZ_build)
    (void)io::build_from_json(text, "fuzz");
#elif defined(FUZZ_pack_table)
    (void)io::packs_from_csv(text, "fuzz");
    // A notebook's table is another that pilots write themselves.
    std::vector<units::Diagnostic> said;
    (void)io::flights_by_hand(text, "fuzz", &said);
    if (const auto readings = io::noted_readings_from(text, {})) (void)io::text_of_readings(*readings);
    (void)io::position_from_text(text);
    (void)io::typed_day_utc_s(text);
#else
#error "say which reader"
#endif
#endif
    return 0;
}
