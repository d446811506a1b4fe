#include "session/notebook.hpp"

#include <algorithm>

#include "io/kept_documents.hpp"
#include "io/text_number.hpp"

namespace sobremesa::session {

book::KeptFlight made_by_hand(const Workspace& workspace, const io::HandFlight& hand, const book::KeptFlight& flown,
                              std::optional<Id> aircraft, std::optional<Id> pack) {
    book::KeptFlight kept = hand.kept;
    kept.flown = flown.flown;
    kept.aircraft_id = aircraft ? aircraft : flown.aircraft_id;
    kept.pack_id = pack ? pack : flown.pack_id;
    if (aircraft) kept.flown.aircraft = workspace.library().aircraft.at(*aircraft).aircraft;
    if (pack) {
        const auto& chosen = workspace.library().packs.at(*pack).pack;
        if (chosen.chemistry != kept.flown.pack.chemistry) kept.flown.landing_cell_v.reset();
        kept.flown.pack = chosen;
    }
    // Resting volts may be written of the whole pack.
    constexpr double most_cell_v = 4.6;
    if (kept.rested_cell_v && *kept.rested_cell_v > most_cell_v) *kept.rested_cell_v /= kept.flown.pack.series;
    // And the lowest of one cell.
    if (auto& lowest = kept.by_hand->lowest_voltage_v; lowest && *lowest <= most_cell_v)
        *lowest *= kept.flown.pack.series;
    if (kept.name.empty()) kept.name = "by hand " + io::text_from_number(double(hand.line), 0);
    kept.flown.name = kept.name;
    return kept;
}

book::KeptFlight changed_by_hand(book::KeptFlight filed, const book::KeptFlight& written) {
    filed.name = filed.flown.name = written.name;
    filed.flown.aircraft = written.flown.aircraft;
    filed.flown.pack = written.flown.pack;
    filed.flown.landing_cell_v = written.flown.landing_cell_v;
    filed.aircraft_id = written.aircraft_id;
    filed.pack_id = written.pack_id;
    filed.recharged_ah = written.recharged_ah;
    filed.rested_cell_v = written.rested_cell_v;
    filed.rest_s = written.rest_s;
    filed.note = written.note;
    filed.by_hand = written.by_hand;
    filed.start_clock_s = written.start_clock_s;
    return filed;
}

FiledByHand file_by_hand(Workspace& workspace, std::vector<book::KeptFlight> flights, bool dry_run) {
    FiledByHand done;
    std::vector<logbook::RecordChange> changes;
    for (book::KeptFlight& kept : flights) {
        const auto same = [&](const auto& there) {
            return there.second.by_hand == kept.by_hand && there.second.start_clock_s == kept.start_clock_s &&
                   there.second.note == kept.note && there.second.recharged_ah == kept.recharged_ah;
        };
        const auto& filed = workspace.library().flights;
        if (std::any_of(filed.begin(), filed.end(), same)) {
            ++done.known;
            continue;
        }
        ++done.filed;
        if (dry_run) continue;
        kept.filed_utc = logbook::utc_now();
        changes.push_back({logbook::Kind::flight, workspace.newId(), std::nullopt, io::json_from(kept)});
    }
    if (!changes.empty())
        workspace.make(logbook::EditKind::file_flight, io::text_from_number(done.filed, 0), std::move(changes));
    return done;
}

} // namespace sobremesa::session
