#include "cli/book_command.hpp"

#include <algorithm>
#include <filesystem>
#include <ostream>
#include <set>

#include <QEventLoop>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "cli/printed.hpp"
#include "cli/said.hpp"
#include "core/units/constants.hpp"
#include "io/flights_by_hand.hpp"
#include "io/kept_documents.hpp"
#include "io/log_units.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"
#include "io/text_number.hpp"
#include "session/book_transfer.hpp"
#include "session/many_logs.hpp"
#include "session/notebook.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"

namespace sobremesa::cli {

namespace {

Json flight_json(const session::Workspace& workspace, session::Id id, const book::KeptFlight& flight) {
    const auto found = workspace.summaries().find(id);
    const telemetry::LogSummary s = found == workspace.summaries().end() ? telemetry::LogSummary{} : found->second;
    return {{"id", id},
            {"name", flight.name},
            {"start_clock_s", or_null(flight.start_clock_s)},
            {"aircraft", wording::title(flight.flown.aircraft).toStdString()},
            {"pack", wording::title(flight.flown.pack).toStdString()},
            {"read", found != workspace.summaries().end()},
            {"duration_s", s.duration_s},
            {"ground_m", or_null(s.distance.ground_m)},
            {"farthest_from_home_m", or_null(s.distance.farthest_from_home_m)},
            {"charge_ah", or_null(telemetry::charge_used_ah(s))},
            {"energy_wh", or_null(s.energy.energy_wh)},
            {"ground_wh_per_km",
             s.energy_wh_per_m ? Json(s.energy_wh_per_m->value * units::metres_per_kilometre) : Json(nullptr)},
            {"lowest_voltage_v", or_null(s.energy.lowest_voltage_v)},
            {"highest_current_a", s.energy.highest_current ? Json(s.energy.highest_current->value) : Json(nullptr)},
            {"highest_ground_speed_mps",
             s.distance.highest_ground_speed ? Json(s.distance.highest_ground_speed->value) : Json(nullptr)},
            {"recharged_ah", or_null(flight.recharged_ah)},
            {"note", flight.note}};
}

int list(session::Workspace& workspace, bool json, std::ostream& out) {
    if (json) {
        Json flights = Json::array();
        for (const auto& [id, flight] : workspace.library().flights)
            flights.push_back(flight_json(workspace, id, flight));
        const Json answer = {{"book", workspace.worker().path().toStdString()},
                             {"aircraft", workspace.library().aircraft.size()},
                             {"packs", workspace.library().packs.size()},
                             {"plans", workspace.library().plans.size()},
                             {"flights", flights}};
        out << answer.dump(2) << "\n";
        return exit_done;
    }
    const wording::Quantities q;
    for (const auto& [id, flight] : workspace.library().flights) {
        out << flight.name << ": " << wording::title(flight.flown.aircraft).toStdString() << ", "
            << wording::title(flight.flown.pack).toStdString();
        const auto found = workspace.summaries().find(id);
        if (found != workspace.summaries().end()) {
            if (found->second.duration_s > 0.0) out << ", " << q.duration(found->second.duration_s).toStdString();
            if (found->second.distance.ground_m)
                out << ", " << q.distance(found->second.distance.ground_m->value).toStdString();
            if (const auto charge = telemetry::charge_used_ah(found->second))
                out << ", " << q.charge(charge->value).toStdString();
        }
        out << "\n";
    }
    return exit_done;
}

int check(logbook::Book& book, bool json, std::ostream& out, std::ostream& err) {
    const auto checked = session::check_book(book);
    if (!checked) return unusable(checked.error(), err);
    const auto& contents = checked->contents;
    const auto damaged_records =
        std::count_if(checked->damage.begin(), checked->damage.end(),
                      [](const auto& error) { return error.code == units::ErrorCode::record_damaged; });
    const auto records = std::count_if(contents.records.begin(), contents.records.end(),
                                       [](const auto& record) { return record.kind != logbook::Kind::workspace; });
    if (json) {
        Json damage = Json::array();
        for (const auto& error : checked->damage) damage.push_back(wording::message(error).toStdString());
        const Json answer = {{"book", book.path()},
                             {"whole", checked->damage.empty()},
                             {"records", records},
                             {"records_readable", records - damaged_records},
                             {"logs", contents.logs.size()},
                             {"logs_whole", checked->whole_logs.size()},
                             {"damage", damage}};
        out << answer.dump(2) << "\n";
    } else if (checked->damage.empty()) {
        out << Printed::tr("whole; records: %1, logs: %2").arg(records).arg(contents.logs.size()).toStdString()
            << "\n";
    } else {
        for (const auto& error : checked->damage) unusable(error, err);
        out << Printed::tr(
                   "damaged; readable records: %1 of %2, whole logs: %3 of %4. `book export FOLDER` writes them "
                   "out.")
                   .arg(records - damaged_records)
                   .arg(records)
                   .arg(checked->whole_logs.size())
                   .arg(contents.logs.size())
                   .toStdString()
            << "\n";
    }
    return checked->damage.empty() ? exit_done : exit_unusable_input;
}

/// Waits, with an event loop, until what was begun has said how it ended.
int bring_in(session::Workspace& workspace, const std::string& path, std::ostream& out, std::ostream& err) {
    std::vector<units::Diagnostic> said;
    auto entries = session::read_book_document(QString::fromStdString(path), &said);
    if (!entries) return unusable(entries.error(), err);
    say(said, err);
    const std::filesystem::path where(path);
    const auto folder = std::filesystem::is_directory(where) ? where : where.parent_path();
    session::LogbookImporter importer(workspace);
    session::FlightReader reader(workspace);
    QEventLoop loop;
    int code = exit_done;
    QObject::connect(&importer, &session::LogbookImporter::refused, [&](const units::Error& error) {
        code = unusable(error, err);
        loop.quit();
    });
    QObject::connect(&importer, &session::LogbookImporter::finished, [&](int added, int known) {
        out << Printed::tr("imported: %1, known already: %2").arg(added).arg(known).toStdString() << "\n";
        const auto unread = workspace.unread();
        if (unread.empty())
            loop.quit();
        else
            reader.read(unread);
    });
    QObject::connect(&reader, &session::FlightReader::refused,
                     [&](const units::Error& error) { code = unusable(error, err); });
    QObject::connect(&reader, &session::FlightReader::finished, &loop, &QEventLoop::quit);
    // Begun from inside the loop, so that an end at once still ends it.
    QMetaObject::invokeMethod(
        &loop,
        [&] {
            importer.bringIn(std::move(*entries), QString::fromStdString(folder.string()),
                             QString::fromStdString(where.filename().string()));
        },
        Qt::QueuedConnection);
    loop.exec();
    workspace.settle();
    return code;
}

/// A record of the book by its name.
template <class RecordList, class Title>
units::Result<session::Id> by_name(const RecordList& record_list, const std::string& name,
                                   const units::Where& where, Title title) {
    std::string all;
    for (const auto& [id, kept] : record_list) {
        const std::string here = title(kept);
        if (io::lower(here) == io::lower(name)) return id;
        all += (all.empty() ? "" : ", ") + here;
    }
    if (all.empty()) return units::failure(units::ErrorCode::not_in_book, where, {{"word", name}});
    return units::failure(units::ErrorCode::word_unknown, where, {{"word", name}, {"allowed", all}});
}

std::string aircraft_title(const book::KeptAircraft& kept) {
    return wording::title(kept.aircraft).toStdString();
}

std::string pack_title(const book::KeptPack& kept) {
    return wording::title(kept.pack).toStdString();
}

/// Whether nothing says what the added flights were flown with: no plan is open in the book, none is named, and not
/// both aircraft and pack are.
bool is_assumed(const session::Workspace& workspace, const BookOptions& options) {
    return !workspace.openPlanId() && options.plan.empty() && (options.aircraft.empty() || options.pack.empty());
}

/// Says it where something was filed so.
void say_assumed(const book::KeptFlight& flown, std::ostream& err) {
    err << "sobremesa-cli: "
        << Printed::tr("Nothing says what they were flown with: %1 with %2 is assumed. Say it with --plan, or with "
                       "--aircraft and --pack.")
               .arg(wording::title(flown.flown.aircraft), wording::title(flown.flown.pack))
               .toStdString()
        << "\n";
}

/// What the added flights were flown with.
units::Result<book::KeptFlight> flown_with(const session::Workspace& workspace, const BookOptions& options) {
    // The plan that is open in the book, as the window takes it; else the first plan's figures.
    book::KeptFlight flown;
    flown.flown = session::first_request();
    if (const auto open = workspace.openPlanId()) {
        const auto& plan = workspace.library().plans.at(*open);
        flown.flown = workspace.current(plan);
        flown.plan_id = *open;
        flown.aircraft_id = plan.aircraft_id;
        flown.pack_id = plan.pack_id;
    }
    if (!options.plan.empty()) {
        flown.plan_id = flown.aircraft_id = flown.pack_id = std::nullopt;
        const auto plan = io::read_plan_file(options.plan);
        if (!plan) return tl::unexpected(plan.error());
        flown.flown = plan->request;
    }
    if (!options.aircraft.empty()) {
        const auto id =
            by_name(workspace.library().aircraft, options.aircraft, {{}, {}, {}, "--aircraft"}, aircraft_title);
        if (!id) return tl::unexpected(id.error());
        flown.aircraft_id = *id;
        flown.flown.aircraft = workspace.library().aircraft.at(*id).aircraft;
    }
    if (!options.pack.empty()) {
        const auto id = by_name(workspace.library().packs, options.pack, {{}, {}, {}, "--pack"}, pack_title);
        if (!id) return tl::unexpected(id.error());
        flown.pack_id = *id;
        flown.flown.pack = workspace.library().packs.at(*id).pack;
    }
    return flown;
}

Json found_json(const session::FoundFlight& flight) {
    const auto& s = flight.summary;
    return {{"path", flight.path},
            {"part", flight.part ? Json(*flight.part + 1) : Json(nullptr)},
            {"start_clock_s", or_null(flight.start_clock_s)},
            {"duration_s", flight.error ? Json(nullptr) : Json(s.duration_s)},
            {"ground_m", or_null(s.distance.ground_m)},
            {"charge_ah", or_null(telemetry::charge_used_ah(s))},
            {"energy_wh", or_null(s.energy.energy_wh)},
            {"known", flight.known},
            {"error", flight.error ? Json(wording::message(*flight.error).toStdString()) : Json(nullptr)},
            {"doubts", warnings(flight.doubts, wording::Quantities())}};
}

/// Flights out of a notebook.
int add_by_hand(session::Workspace& workspace, const BookOptions& options, std::ostream& out, std::ostream& err) {
    const auto flown = flown_with(workspace, options);
    if (!flown) return unusable(flown.error(), err);
    const auto text = io::read_text_file(options.by_hand);
    if (!text) return unusable(text.error(), err);
    std::vector<units::Diagnostic> said;
    auto flights = io::flights_by_hand(*text, options.by_hand, &said);
    if (!flights) return unusable(flights.error(), err);
    say(said, err);
    std::vector<book::KeptFlight> flights_made;
    // Every name that the book does not know is said, once each: a notebook is put right in one go.
    std::set<std::string> unknown;
    const auto id_of = [&](const auto& record_list, const std::string& name, const char* field, std::int64_t line,
                           auto title) -> std::optional<session::Id> {
        if (name.empty()) return std::nullopt;
        const auto id = by_name(record_list, name, {options.by_hand, line, {}, field}, title);
        if (id) return *id;
        if (unknown.insert(field + io::lower(name)).second) unusable(id.error(), err);
        return std::nullopt;
    };
    for (const io::HandFlight& hand : *flights) {
        const auto& library = workspace.library();
        const auto aircraft = id_of(library.aircraft, hand.aircraft, "aircraft", hand.line, aircraft_title);
        const auto pack = id_of(library.packs, hand.pack, "pack", hand.line, pack_title);
        flights_made.push_back(session::made_by_hand(workspace, hand, *flown, aircraft, pack));
    }
    if (!unknown.empty()) return exit_unusable_input;
    const bool assumed = is_assumed(workspace, options) &&
                         std::any_of(flights->begin(), flights->end(), [&](const io::HandFlight& hand) {
                             return (hand.aircraft.empty() && options.aircraft.empty()) ||
                                    (hand.pack.empty() && options.pack.empty());
                         });
    if (assumed) say_assumed(*flown, err);
    const auto done = session::file_by_hand(workspace, std::move(flights_made), options.dry_run);
    workspace.settle();
    if (options.json) {
        out << Json{{"filed", options.dry_run ? 0 : done.filed},
                    {"flown_with_assumed", assumed},
                    {"known_already", done.known},
                    {"flights", flights->size()}}
                   .dump(2)
            << "\n";
    } else {
        out << Printed::tr("filed by hand: %1, known already: %2")
                   .arg(options.dry_run ? 0 : done.filed)
                   .arg(done.known)
                   .toStdString()
            << "\n";
    }
    return exit_done;
}

/// Understands all, says what was found, files what is new.
int add_logs(session::Workspace& workspace, const BookOptions& options, std::ostream& out, std::ostream& err) {
    if (options.logs.empty()) {
        err << "book add needs logs, folders or archives, or --by-hand TABLE.csv\n";
        return exit_usage;
    }
    const auto flown = flown_with(workspace, options);
    if (!flown) return unusable(flown.error(), err);
    session::ManyLogs many(workspace);
    QEventLoop loop;
    int code = exit_done;
    int filed = 0;
    QObject::connect(&many, &session::ManyLogs::refused, [&](const units::Error& error) {
        code = unusable(error, err);
        if (!many.is_running()) loop.quit();
    });
    QObject::connect(&many, &session::ManyLogs::understood, [&] {
        if (options.dry_run)
            loop.quit();
        else
            many.file(*flown);
    });
    QObject::connect(&many, &session::ManyLogs::filed, [&](int flights) {
        filed = flights;
        loop.quit();
    });
    QMetaObject::invokeMethod(
        &loop, [&] { many.understand(options.logs, flown->flown.pack.series); }, Qt::QueuedConnection);
    loop.exec();
    workspace.settle();
    const bool assumed = is_assumed(workspace, options);
    if (assumed && !many.flights().empty()) say_assumed(*flown, err);
    int known = 0;
    int broken = 0;
    Json found = Json::array();
    const wording::Quantities q;
    for (const auto& flight : many.flights()) {
        broken += flight.error ? 1 : 0;
        known += flight.known ? 1 : 0;
        if (options.json) {
            found.push_back(found_json(flight));
            continue;
        }
        if (flight.error) {
            err << "sobremesa-cli: " << wording::message(*flight.error).toStdString() << "\n";
            continue;
        }
        out << flight.path << (flight.part ? " (" + io::text_from_number(*flight.part + 1, 0) + ")" : std::string())
            << ": " << q.duration(flight.summary.duration_s).toStdString();
        if (flight.summary.distance.ground_m)
            out << ", " << q.distance(flight.summary.distance.ground_m->value).toStdString();
        if (const auto charge = telemetry::charge_used_ah(flight.summary))
            out << ", " << q.charge(charge->value).toStdString();
        for (const auto& doubt : flight.doubts) out << "\n    " << wording::message(doubt, q).toStdString();
        out << "\n";
    }
    // Those filed now are in the book by now as well.
    known -= filed;
    if (options.json) {
        const Json answer = {{"filed", filed},
                             {"aircraft", wording::title(flown->flown.aircraft).toStdString()},
                             {"pack", wording::title(flown->flown.pack).toStdString()},
                             {"flown_with_assumed", assumed},
                             {"known_already", known},
                             {"unusable", broken},
                             {"flights", found}};
        out << answer.dump(2) << "\n";
    } else {
        out << Printed::tr("flown with %1, %2", "aircraft, pack")
                   .arg(wording::title(flown->flown.aircraft), wording::title(flown->flown.pack))
                   .toStdString()
            << "\n"
            << Printed::tr("filed: %1, known already: %2, not usable: %3")
                   .arg(filed)
                   .arg(known)
                   .arg(broken)
                   .toStdString()
            << "\n";
    }
    return code != exit_done ? code : broken > 0 && filed + known == 0 ? exit_unusable_input : exit_done;
}

} // namespace

int run_book(const BookOptions& options, std::ostream& out, std::ostream& err) {
    const std::string path = options.book.empty() ? session::default_book_path().toStdString() : options.book;
    const bool writes = options.action == BookAction::bring_in || options.action == BookAction::add;
    if (!writes && !std::filesystem::exists(path))
        return unusable({units::ErrorCode::file_not_found, {path, {}, {}, {}}, {}}, err);
    logbook::BookOptions how;
    how.read_only = !writes;
    if (options.action == BookAction::list || writes) {
        session::PlanSession plans;
        session::Workspace workspace(plans);
        int code = exit_done;
        QObject::connect(&workspace, &session::Workspace::unreadable,
                         [&](const units::Error& error) { code = unusable(error, err); });
        if (auto opened = workspace.openBook(QString::fromStdString(path), how); !opened)
            return unusable(opened.error(), err);
        for (const auto& diagnostic : workspace.worker().diagnostics())
            err << "sobremesa-cli: " << wording::message(diagnostic, wording::Quantities()).toStdString() << "\n";
        // What can be listed is; that something could not is said, and in the exit status.
        if (!writes) return std::max(list(workspace, options.json, out), code);
        if (!workspace.worker().is_writable()) {
            const auto& diagnostics = workspace.worker().diagnostics();
            const bool in_use = std::any_of(diagnostics.begin(), diagnostics.end(), [](const auto& diagnostic) {
                return diagnostic.code == units::DiagnosticCode::book_in_use;
            });
            return unusable(
                {in_use ? units::ErrorCode::book_in_use : units::ErrorCode::book_read_only, {path, {}, {}, {}}, {}},
                err);
        }
        if (options.action == BookAction::add)
            return options.by_hand.empty() ? add_logs(workspace, options, out, err)
                                           : add_by_hand(workspace, options, out, err);
        return bring_in(workspace, options.target, out, err);
    }
    auto book = logbook::Book::open(path, how);
    if (!book) return unusable(book.error(), err);
    units::Result<void> done;
    if (options.action == BookAction::check) return check(*book, options.json, out, err);
    if (options.action == BookAction::back_up) done = book->backUp(options.target);
    std::vector<units::Error> damage;
    if (options.action == BookAction::export_all) {
        auto exported = session::export_book(*book, QString::fromStdString(options.target));
        if (exported)
            damage = std::move(*exported);
        else
            done = tl::unexpected(exported.error());
    }
    if (!done) return unusable(done.error(), err);
    for (const auto& error : damage) unusable(error, err);
    out << (damage.empty() ? Printed::tr("written") : Printed::tr("written, except what is damaged")).toStdString()
        << "\n";
    return damage.empty() ? exit_done : exit_unusable_input;
}

} // namespace sobremesa::cli
