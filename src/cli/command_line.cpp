#include "cli/command_line.hpp"

#include <functional>
#include <memory>
#include <ostream>
#include <sstream>

#include <CLI/CLI.hpp>

#include "cli/aircraft_command.hpp"
#include "cli/bill_command.hpp"
#include "cli/book_command.hpp"
#include "cli/calibrate_command.hpp"
#include "cli/columns_command.hpp"
#include "cli/compare_command.hpp"
#include "cli/convert_command.hpp"
#include "cli/debrief_command.hpp"
#include "cli/learn_command.hpp"
#include "cli/number_option.hpp"
#include "cli/pack_builder_command.hpp"
#include "cli/pack_command.hpp"
#include "cli/parser_words.hpp"
#include "cli/plan_command.hpp"
#include "cli/printed.hpp"
#include "cli/sun_command.hpp"
#include "cli/watch_command.hpp"
#include "core/watch/live_flight.hpp"
#include "io/log_file.hpp"
#include "io/text_number.hpp"

namespace sobremesa::cli {

namespace {

/// A command that was offered, and what runs it once the arguments are read.
struct Command {
    CLI::App* parsed;
    std::function<int(std::ostream& out, std::ostream& err)> run;
};

struct Program {
    CLI::App app{"", "sobremesa-cli"};
    // Every program takes these. Settings are the window's; here they are taken and change nothing.
    std::string book;
    std::string settings;
    std::vector<Command> commands;
};

/// What columns are, and which vehicle and battery of a MAVLink log.
void add_columns_said(CLI::App& command, std::vector<std::string>& columns) {
    constexpr int most = 255;
    command.add_option(
        "--column", columns,
        Help::tr("HEADER=MEANING or HEADER=MEANING:UNIT, for a column with a misleading header; repeat for each"));
    command
        .add_option_function<int>(
            "--system", [&columns](int system) { columns.push_back("system=" + io::text_from_number(system, 0)); },
            Help::tr("MAVLink system, where a log has several"))
        ->check(number_between(1, most));
    command
        .add_option_function<int>(
            "--battery",
            [&columns](int battery) { columns.push_back("battery=" + io::text_from_number(battery, 0)); },
            Help::tr("MAVLink battery, where a log has several"))
        ->check(number_between(0, most));
}

void add_debrief(Program& program) {
    auto options = std::make_shared<DebriefOptions>();
    auto* command = program.app.add_subcommand("debrief", Help::tr("Reads a flight log and says what it shows"));
    command->add_option("log", options->log, Help::tr("CSV log"))->required();
    command->add_option("--home", options->home, Help::tr("Home as LAT,LON; without it the first good fix"));
    command->add_option("--cells", options->cells, Help::tr("Cells in series"))->check(number_between(1, 100));
    command->add_option("--recharged-mah", options->recharged_mah, Help::tr("What the charger put back"))
        ->check(number_between(0.0, 1000000.0));
    command->add_option("--pack", options->pack, Help::tr("Pack document: charge remaining by counter"));
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    command
        ->add_option("--rested-cell-v", options->rested_cell_v,
                     Help::tr("Mean resting voltage per cell after landing, V"))
        ->check(number_between(1.0, 4.5));
    command->add_option("--rest-min", options->rest_min, Help::tr("How long it had rested, minutes (default: 5)"))
        ->check(number_between(0.0, 100000.0));
    command->add_option("--temperature-c", options->temperature_c, Help::tr("Air at the field, °C"))
        ->check(number_between(-40.0, 60.0));
    command
        ->add_option("--cruise-mps", options->cruise_mps,
                     Help::tr("Airspeed that the pilot flew, m/s: gives the wind where the flight did not turn"))
        ->check(number_between(1.0, 120.0));
    command->add_option("--plan", options->plan,
                        Help::tr("Plan document that it was flown with: what was still possible, where each "
                                 "turn rule would have turned, limits, shares"));
    command->add_option("--flight", options->flight, Help::tr("Which flight of the file, from 1"))
        ->check(number_between(1, 100000));
    add_columns_said(*command, options->columns);
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return debrief(*options, out, err); }});
}

void add_compare(Program& program) {
    auto options = std::make_shared<CompareOptions>();
    auto* command =
        program.app.add_subcommand("compare", Help::tr("Compares flights at equal distance, speed and mass"));
    command->add_option("flights", options->flights, Help::tr("LOG PLAN.json pairs, one for each flight"))
        ->required();
    command->add_option("--airspeed-mps", options->airspeed_mps, Help::tr("Common airspeed (default: the mean)"))
        ->check(number_between(0.5, 200.0));
    command
        ->add_option("--all-up-mass-kg", options->all_up_mass_kg,
                     Help::tr("Common all-up mass (default: the mean)"))
        ->check(number_between(0.01, 500.0));
    command->add_option("--distance-m", options->distance_m, Help::tr("Common ground distance (default: the mean)"))
        ->check(number_between(1.0, 10000000.0));
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) {
             if (options->flights.size() < 4 || options->flights.size() % 2 != 0) {
                 err << Printed::tr("compare needs LOG PLAN.json for each of two flights or more").toStdString()
                     << "\n";
                 return exit_usage;
             }
             return compare(*options, out, err);
         }});
}

void add_aircraft(Program& program) {
    auto options = std::make_shared<AircraftOptions>();
    auto* command = program.app.add_subcommand(
        "aircraft",
        Help::tr("Power curve, speeds to fly, headroom, what a change does, and how good forecasts were"));
    auto* aircraft_plan =
        command->add_option("plan", options->plan, Help::tr("Plan document: aircraft, pack and air"));
    command
        ->add_option("--from-book", options->from_book,
                     Help::tr("Name of an aircraft in the logbook, with its flights"))
        ->excludes(aircraft_plan);
    command->add_option("--flights", options->flights,
                        Help::tr("LOG PLAN.json pairs: flights to fit the curve to"));
    command->add_option("--pair-mps-w", options->pairs,
                        Help::tr("AIRSPEED,POWER known without a log, m/s and W; repeat for each"));
    command
        ->add_option("--head-wind-mps", options->head_wind_mps,
                     Help::tr("Headwind, m/s (default: the plan's, on its bearing)"))
        ->check(number_between(-100.0, 100.0));
    command->add_option("--cross-wind-mps", options->cross_wind_mps, Help::tr("Crosswind, m/s"))
        ->check(number_between(-100.0, 100.0));
    command->add_option("--ground-mps", options->wanted_ground_mps, Help::tr("A wanted ground speed: go or no-go"))
        ->check(number_between(0.1, 200.0));
    command->add_option("--pack-mass-kg", options->pack_mass_kg, Help::tr("What if: mass of the pack"))
        ->check(number_between(0.001, 100.0));
    command->add_option("--extra-mass-kg", options->extra_mass_kg, Help::tr("What if: more mass, or less"))
        ->check(number_between(-100.0, 100.0));
    command
        ->add_option("--extra-electronics-w", options->extra_electronics_w,
                     Help::tr("What if: more drawn by the electronics, or less"))
        ->check(number_between(-10000.0, 10000.0));
    command->add_option("--propeller-mm", options->propeller_mm, Help::tr("What if: propellers"))
        ->check(number_between(10.0, 3000.0));
    command->add_option("--rotors", options->rotors, Help::tr("What if: number of rotors"))
        ->check(number_between(1, 16));
    command->add_option("--wing-area-m2", options->wing_area_m2, Help::tr("What if: wing area"))
        ->check(number_between(0.005, 30.0));
    command->add_option("--height-m", options->height_m, Help::tr("What if: height above the field"))
        ->check(number_between(0.0, 8000.0));
    command->add_option("--temperature-c", options->temperature_c, Help::tr("What if: air at the field"))
        ->check(number_between(-40.0, 60.0));
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options, &program](std::ostream& out, std::ostream& err) {
             if (options->plan.empty() == options->from_book.empty() || options->flights.size() % 2 != 0) {
                 err << Printed::tr(
                            "aircraft needs a plan document, or --from-book NAME; and LOG PLAN.json for each "
                            "of its --flights")
                            .toStdString()
                     << "\n";
                 return exit_usage;
             }
             options->book = program.book;
             return aircraft(*options, out, err);
         }});
}

void add_learn(Program& program) {
    auto options = std::make_shared<LearnOptions>();
    auto* command = program.app.add_subcommand(
        "learn",
        Help::tr("What flights and recharges say about pack, sensors and aircraft, and how good forecasts were"));
    command->add_option("plan", options->plan, Help::tr("Plan document: aircraft and pack as known before"))
        ->required();
    command
        ->add_option(
            "--flight", options->flights,
            Help::tr("LOG[,plan=FILE][,recharged=MAH][,rested=V/MIN]; repeat for each flight, oldest first"))
        ->required();
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return learn(*options, out, err); }});
}

void add_bill(Program& program) {
    auto options = std::make_shared<BillOptions>();
    auto* command = program.app.add_subcommand(
        "bill", Help::tr("Why a flight took more or less than forecast, cause by cause"));
    command->add_option("plan", options->plan, Help::tr("Plan document: the forecast"))->required();
    command->add_option("log", options->log, Help::tr("Log of the flight"))->required();
    command->add_option("--flown-as", options->flown_as,
                        Help::tr("Plan document with mass, pack and air as flown (default: the plan's)"));
    command->add_option("--recharged-mah", options->recharged_mah, Help::tr("What the charger put back"))
        ->check(number_between(1.0, 1000000.0));
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return bill(*options, out, err); }});
}

void add_calibrate(Program& program) {
    auto options = std::make_shared<CalibrateOptions>();
    auto* command =
        program.app.add_subcommand("calibrate", Help::tr("Scale of a current sensor from recharged flights"));
    command->add_option("--scale", options->scale, Help::tr("The scale as set now"))
        ->required()
        ->check(number_between(1e-06, 1000000.0));
    command
        ->add_option("--convention", options->convention,
                     Help::tr("divides: a higher scale reads lower; multiplies: a higher scale reads higher"))
        ->required()
        ->check(one_of({"divides", "multiplies"}));
    command
        ->add_option("--pair", options->pairs,
                     Help::tr("COUNTED,RECHARGED of one flight, mAh; repeat for each flight"))
        ->required();
    command->add_option("--idle", options->idle,
                        Help::tr("READ,ACTUAL: what the sensor reads on the ground, and what a meter reads, mA"));
    command
        ->add_option("--charger-percent", options->charger_percent,
                     Help::tr("Accuracy of the charger, % (default: 1.5)"))
        ->check(number_between(0.1, 20.0));
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return calibrate(*options, out, err); }});
}

void add_plan_options(CLI::App& command, const std::shared_ptr<PlanOptions>& options) {
    command.add_option("plan", options->plan, Help::tr("Plan document"))->required();
    command.add_option("--terrain", options->terrain,
                       Help::tr("Elevation raster (GeoTIFF, HGT, ASCII grid) in place of the document's"));
    command.add_option("--route", options->route, Help::tr("GPX, GeoJSON or KML: its points become the waypoints"));
    command.add_option("--no-landing", options->no_landing,
                       Help::tr("GeoJSON or KML: its polygons are no-landing areas"));
    command.add_option("--home", options->home, Help::tr("Home as LAT,LON, in place of the document's"));
    command.add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
}

void add_plan(Program& program) {
    auto options = std::make_shared<PlanOptions>();
    auto* command = program.app.add_subcommand("plan", Help::tr("Computes a plan document"));
    add_plan_options(*command, options);
    command->add_option("--seed", options->seed, Help::tr("Seed for the chance of getting home (default: 1)"));
    command->add_option("--days", options->days, Help::tr("Days drawn for it (default: 10000)"))
        ->check(number_between(100, 1000000));
    command->add_option("--card", options->card, Help::tr("Writes the flight card as PDF"));
    command->add_option("--route-out", options->route_out, Help::tr("Writes the route as .gpx, .geojson or .kml"));
    command->add_flag("--hide-home", options->hide_home,
                      Help::tr("Leaves home and what is near it out of the route"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return plan(*options, out, err); }});
}

void add_reach(Program& program) {
    auto options = std::make_shared<PlanOptions>();
    auto* command = program.app.add_subcommand("reach", Help::tr("How far out and back on every bearing"));
    add_plan_options(*command, options);
    command->add_option("--bearings", options->bearings, Help::tr("How many, evenly spaced (default: 36)"))
        ->check(number_between(3, 3600));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return reach(*options, out, err); }});
}

void add_alarms(Program& program) {
    auto options = std::make_shared<PlanOptions>();
    auto* command = program.app.add_subcommand("alarms", Help::tr("Alarms to enter for this pack and this plan"));
    add_plan_options(*command, options);
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return alarms(*options, out, err); }});
}

void add_sun(Program& program) {
    auto options = std::make_shared<SunOptions>();
    auto* command = program.app.add_subcommand(
        "sun", Help::tr("What a solar array delivers through the day, and how long the flight lasts"));
    command->add_option("plan", options->plan, Help::tr("Plan document; its aircraft carries the array"))
        ->required();
    command->add_option("--date", options->date,
                        Help::tr("Day, UTC, YYYY-MM-DD (default: that of the plan's launch)"));
    command->add_option("--at", options->at, Help::tr("Place as LAT,LON (default: the plan's home)"));
    command
        ->add_option("--cloud", options->cloud_okta,
                     Help::tr("Cloud in eighths of the sky (default: the plan's, or 0)"))
        ->check(number_between(0.0, 8.0));
    command->add_option("--start-utc", options->start_utc,
                        Help::tr("Launch, UTC, HH:MM (default: the plan's, or the best)"));
    command
        ->add_option("--sustain", options->sustain_h,
                     Help::tr("Hours to sustain: gives the smallest area of cells for it"))
        ->check(number_between(0.01, 24.0));
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return sun_day(*options, out, err); }});
}

void add_pack(Program& program) {
    auto options = std::make_shared<PackOptions>();
    auto* command =
        program.app.add_subcommand("pack", Help::tr("What a pack delivers under load, or which pack to fly"));
    auto* pack_file = command->add_option("pack", options->pack, Help::tr("Pack document"));
    auto* current = command->add_option("--current-a", options->current_a, Help::tr("Constant current, A"))
                        ->check(number_between(0.001, 10000.0));
    command->add_option("--power-w", options->power_w, Help::tr("Constant power, W"))
        ->excludes(current)
        ->check(number_between(0.001, 1000000.0));
    command->add_option("--temperature-c", options->temperature_c, Help::tr("Air, and the pack at launch, °C"))
        ->check(number_between(-40.0, 60.0));
    command
        ->add_option("--landing-cell-v", options->landing_cell_v,
                     Help::tr("Landing voltage per cell under load, V"))
        ->check(number_between(1.0, 4.4));
    command->add_flag(
        "--fixed-temperature", options->fixed_temperature,
        Help::tr("Hold the cells at that temperature, and take a rate table as measured on cells held there"));
    auto* table = command->add_option("--candidates", options->candidates, Help::tr("CSV of packs to try"))
                      ->excludes(pack_file)
                      ->excludes(current);
    command
        ->add_option("--on", options->plan, Help::tr("Plan document: the aircraft, cruise and wind to try them in"))
        ->needs(table);
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) {
             const bool whole = options->candidates.empty()
                                    ? !options->pack.empty() && (options->current_a || options->power_w)
                                    : !options->plan.empty();
             if (!whole) {
                 err << Printed::tr(
                            "pack needs a pack document with --current-a or --power-w, or --candidates PACKS.csv "
                            "--on PLAN.json")
                            .toStdString()
                     << "\n";
                 return exit_usage;
             }
             return run_pack(*options, out, err);
         }});
}

void add_watch(Program& program) {
    auto options = std::make_shared<WatchOptions>();
    auto* command = program.app.add_subcommand(
        "watch",
        Help::tr("Follows a flight while it is flown: energy to get home, turn, callouts. It only listens"));
    command->add_option("--plan", options->plan, Help::tr("Plan document of this flight"))->required();
    auto* source =
        command->add_option_group("source", Help::tr("Where telemetry comes from: MAVLink, or lines of CSV"));
    const auto live = [&](const char* option, link::Address::Kind kind, const std::string& help) {
        source->add_option_function<std::string>(
            option,
            [options, kind](const std::string& where) {
                options->kind = kind;
                options->where = where;
            },
            help);
    };
    using Kind = link::Address::Kind;
    live("--udp", Kind::udp, Help::tr("[ADDR:]PORT to listen on (default: 127.0.0.1; port 0: any)"));
    live("--tcp", Kind::tcp, Help::tr("HOST:PORT to connect to"));
    live("--serial", Kind::serial, Help::tr("DEVICE:SPEED"));
    live("--follow", Kind::file, Help::tr("Log file that is still being written"));
    source->add_option("--replay", options->replay, Help::tr("Log of an old flight"));
    source->require_option(1);
    command->add_option("--speed", options->speed, Help::tr("How much faster than it was flown (default: 1)"))
        ->check(number_between(0.1, 10000.0));
    command->add_option("--home", options->home, Help::tr("Home as LAT,LON; without it the first good fix"));
    command->add_option("--record", options->record,
                        Help::tr("Records all that arrives to a new file, as a log for debrief"));
    command->add_option("--system", options->system, Help::tr("MAVLink system, where there are several"))
        ->check(number_between(1, 255));
    command->add_option("--battery", options->battery, Help::tr("MAVLink battery, where there are several"))
        ->check(number_between(0, 255));
    command
        ->add_option(
            "--current-factor", options->current_factor,
            Help::tr("Current and charge are multiplied by it, where the sensor's scale is known from recharges"))
        ->check(number_between(watch::least_current_factor, watch::most_current_factor));
    command->add_option("--for", options->for_s, Help::tr("Ends after this many seconds"))
        ->check(number_between(0.1, 1e6));
    command->add_flag("--count-down", options->count_down, Help::tr("Call out tenths as what remains"));
    command->add_flag("--say", options->say, Help::tr("Speak the callouts"));
    command->add_flag("--json", options->json, Help::tr("One JSON object per line"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return watch_flight(*options, out, err); }});
}

void add_convert(Program& program) {
    auto options = std::make_shared<ConvertOptions>();
    auto* command = program.app.add_subcommand("convert", Help::tr("Writes a log in another format"));
    command
        ->add_option("log", options->log,
                     Help::tr("Log: CSV, GPX, KML track, IGC, NMEA 0183, SubRip, JSON or MAVLink telemetry log, "
                              "compressed or not"))
        ->required();
    command
        ->add_option("target", options->target,
                     Help::tr("File to write; its extension decides the format: %1", io::endings_written()))
        ->required();
    command
        ->add_option("--hide-home", options->hide_home_m,
                     Help::tr("Leave out positions nearer to home than this, m"))
        ->check(number_between(1.0, 1000000.0));
    add_columns_said(*command, options->columns);
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return convert(*options, out, err); }});
}

void add_columns(Program& program) {
    auto options = std::make_shared<ColumnsOptions>();
    auto* command =
        program.app.add_subcommand("columns", Help::tr("What each column of a log is understood to be"));
    command
        ->add_option("log", options->log,
                     Help::tr("Log: a table, or any other; of GPX and MAVLink the columns are what they hold"))
        ->required();
    add_columns_said(*command, options->columns);
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return show_columns(*options, out, err); }});
}

void add_build(Program& program) {
    auto options = std::make_shared<BuildOptions>();
    auto* command = program.app.add_subcommand("build", Help::tr("Designs a pack from cells"));
    command->add_option("build", options->build, Help::tr("Build document"))->required();
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return build_pack(*options, out, err); }});
}

void add_partial(Program& program) {
    auto options = std::make_shared<PartialOptions>();
    auto* command = program.app.add_subcommand(
        "partial", Help::tr("Estimates a full flight from part of one and its recharge"));
    command->add_option("pack", options->pack, Help::tr("Pack document"))->required();
    command->add_option("--flown-min", options->flown_min, Help::tr("Minutes flown"))
        ->required()
        ->check(number_between(0.1, 100000.0));
    command->add_option("--recharged-mah", options->recharged_mah, Help::tr("What the charger put back"))
        ->required()
        ->check(number_between(0.1, 1000000.0));
    command
        ->add_option("--share-percent", options->share_percent,
                     Help::tr("Share of the rated charge that a full flight uses, % (default: 80)"))
        ->check(number_between(1.0, 100.0));
    command->add_option("--temperature-c", options->temperature_c, Help::tr("Air, °C"))
        ->check(number_between(-40.0, 60.0));
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return partial(*options, out, err); }});
}

void add_health(Program& program) {
    auto options = std::make_shared<HealthOptions>();
    auto* command =
        program.app.add_subcommand("health", Help::tr("How a pack ages, from the readings in its document"));
    command->add_option("pack", options->pack, Help::tr("Pack document with readings"))->required();
    command->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back(
        {command, [options](std::ostream& out, std::ostream& err) { return pack_health(*options, out, err); }});
}

void add_book(Program& program) {
    auto options = std::make_shared<BookOptions>();
    auto* command =
        program.app.add_subcommand("book", Help::tr("Lists, checks, copies, exports and imports a logbook"));
    command->require_subcommand(1);
    const auto action = [command, options](const char* name, const std::string& what, BookAction chosen) {
        auto* one = command->add_subcommand(name, what);
        one->callback([options, chosen] { options->action = chosen; });
        return one;
    };
    action("list", Help::tr("The flights and their main figures"), BookAction::list)
        ->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    action("check",
           Help::tr("Checks everything in the logbook; says what is damaged and what can still be recovered"),
           BookAction::check)
        ->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    action("backup", Help::tr("Copies the whole logbook to a new file"), BookAction::back_up)
        ->add_option("file", options->target, Help::tr("The copy"))
        ->required();
    action("export", Help::tr("Writes JSON, CSV and the raw logs into a folder"), BookAction::export_all)
        ->add_option("folder", options->target, Help::tr("Folder; created if missing"))
        ->required();
    action("import", Help::tr("Imports what was exported: a folder, book.json or a CSV"), BookAction::bring_in)
        ->add_option("path", options->target, Help::tr("Folder, book.json, or one of the CSV files"))
        ->required();
    auto* add =
        action("add", Help::tr("Files logs: files, folders with everything in them, archives"), BookAction::add);
    auto* logs = add->add_option("logs", options->logs, Help::tr("Logs, folders, archives"));
    add->add_option("--by-hand", options->by_hand, Help::tr("Table (CSV) of flights that left no log"))
        ->excludes(logs);
    add->add_option("--plan", options->plan,
                    Help::tr("Plan document: aircraft, pack and air that they were flown with"));
    add->add_option("--aircraft", options->aircraft, Help::tr("Aircraft in the logbook, by name"));
    add->add_option("--pack", options->pack, Help::tr("Pack in the logbook, by name"));
    add->add_flag("--dry-run", options->dry_run, Help::tr("Say what was understood, and file nothing"));
    add->add_flag("--json", options->json, Help::tr("One JSON object on standard output"));
    program.commands.push_back({command, [options, &program](std::ostream& out, std::ostream& err) {
                                    options->book = program.book;
                                    return run_book(*options, out, err);
                                }});
}

int parse_and_run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err) {
    Program program;
    program.app.description(Help::tr("Plans and debriefs flights of long-range model aircraft."));
    program.app.require_subcommand(1);
    program.app.fallthrough();
    program.app.set_version_flag("--version", "sobremesa-cli " SOBREMESA_VERSION);
    program.app.add_option("--book", program.book, Help::tr("Logbook file (default: your own)"));
    program.app.add_option("--settings", program.settings, Help::tr("Folder of the settings"));
    for (const auto add : {add_debrief, add_compare, add_aircraft, add_calibrate, add_learn, add_bill, add_plan,
                           add_reach, add_alarms, add_sun, add_watch, add_pack, add_convert, add_columns, add_build,
                           add_partial, add_health, add_book})
        add(program);
    take_units(program.app);
    use_words(program.app);
    try {
        // CLI11 takes its arguments from the back.
        program.app.parse(std::vector<std::string>(arguments.rbegin(), arguments.rend()));
    } catch (const CLI::ParseError& trouble) {
        if (trouble.get_exit_code() != 0) {
            err << said_of(program.app, trouble) << "\n";
            return exit_usage;
        }
        std::ostringstream ignored;
        program.app.exit(trouble, out, ignored);
        return exit_done;
    }
    for (const Command& command : program.commands) {
        if (*command.parsed) return command.run(out, err);
    }
    return exit_usage;
}

} // namespace

int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err) {
    try {
        return parse_and_run(arguments, out, err);
    } catch (const std::exception& fault) {
        // Nothing throws for what a pilot wrote. What is left is a fault of ours, and no reason to fall over.
        err << "sobremesa-cli: a fault inside the program: " << fault.what()
            << ". Nothing was changed; please report it "
            << "with the file that it came from.\n";
        return exit_unusable_input;
    }
}

} // namespace sobremesa::cli
