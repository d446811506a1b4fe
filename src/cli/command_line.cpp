#include "cli/command_line.hpp"

#include <ostream>
#include <sstream>

#include <CLI/CLI.hpp>

#include "cli/aircraft_command.hpp"
#include "cli/book_command.hpp"
#include "cli/calibrate_command.hpp"
#include "cli/compare_command.hpp"
#include "cli/convert_command.hpp"
#include "cli/debrief_command.hpp"
#include "cli/pack_command.hpp"
#include "cli/plan_command.hpp"
#include "cli/workshop_command.hpp"
#include "io/log_file.hpp"

namespace sobremesa::cli {

int run(const std::vector<std::string>& arguments, std::ostream& out, std::ostream& err) {
    CLI::App app{"Plans and debriefs flights of long-range model aircraft.", "sobremesa-cli"};
    app.require_subcommand(1);
    app.fallthrough();
    // Every program takes these. Settings are the window's; here they are taken and change nothing.
    std::string book;
    std::string settings;
    app.add_option("--book", book, "Logbook file; without it the user's own");
    app.add_option("--settings", settings, "Folder of the settings");

    DebriefOptions debrief_options;
    auto* debrief_command = app.add_subcommand("debrief", "Reads a flight log and says what it shows");
    debrief_command->add_option("log", debrief_options.log, "CSV log")->required();
    debrief_command->add_option("--home", debrief_options.home, "Home as LAT,LON; without it the first good fix");
    debrief_command->add_option("--cells", debrief_options.cells, "Cells in series")->check(CLI::Range(1, 100));
    debrief_command->add_option("--recharged-mah", debrief_options.recharged_mah, "What the charger put back")
        ->check(CLI::NonNegativeNumber);
    debrief_command->add_option("--pack", debrief_options.pack, "Pack document: what was left by counted charge");
    debrief_command->add_flag("--json", debrief_options.json, "One JSON object on standard output");

    debrief_command
        ->add_option("--rested-cell-v", debrief_options.rested_cell_v,
                     "Mean resting volts of a cell after landing, V")
        ->check(CLI::Range(1.0, 4.5));
    debrief_command->add_option("--rest-min", debrief_options.rest_min, "How long it had rested, minutes (else 5)")
        ->check(CLI::Range(0.0, 100000.0));
    debrief_command->add_option("--temperature-c", debrief_options.temperature_c, "Air at the field, °C")
        ->check(CLI::Range(-40.0, 60.0));
    debrief_command
        ->add_option("--cruise-mps", debrief_options.cruise_mps,
                     "Airspeed that the pilot flew, m/s: tells the wind where the flight did not turn")
        ->check(CLI::Range(1.0, 120.0));

    debrief_command->add_option("--plan", debrief_options.plan,
                                "Plan document that it was flown with: what it could still have done, where each "
                                "school would have turned, limits, shares");
    debrief_command->add_option("--flight", debrief_options.flight, "Which flight of the file, from 1")
        ->check(CLI::PositiveNumber);
    debrief_command->add_option(
        "--column", debrief_options.columns,
        "HEADER=MEANING or HEADER=MEANING:UNIT, for a column that its header tells wrongly; "
        "once for each");

    CompareOptions compare_options;
    auto* compare_command =
        app.add_subcommand("compare", "Lays flights side by side at equal distance, speed and mass");
    compare_command->add_option("flights", compare_options.flights, "LOG PLAN.json, in turn, for each flight")
        ->required();
    compare_command->add_option("--airspeed-mps", compare_options.airspeed_mps, "Common airspeed (else the mean)")
        ->check(CLI::PositiveNumber);
    compare_command
        ->add_option("--all-up-mass-kg", compare_options.all_up_mass_kg, "Common all-up mass (else the mean)")
        ->check(CLI::PositiveNumber);
    compare_command
        ->add_option("--distance-m", compare_options.distance_m, "Common way over ground (else the mean)")
        ->check(CLI::PositiveNumber);
    compare_command->add_flag("--json", compare_options.json, "One JSON object on standard output");

    AircraftOptions aircraft_options;
    auto* aircraft_command = app.add_subcommand(
        "aircraft", "Power curve, speeds to fly, headroom, what a change does, and how good forecasts were");
    auto* aircraft_plan =
        aircraft_command->add_option("plan", aircraft_options.plan, "Plan document: aircraft, pack and air");
    aircraft_command
        ->add_option("--from-book", aircraft_options.from_book,
                     "Name of an aircraft in the logbook, with its flights")
        ->excludes(aircraft_plan);
    aircraft_command->add_option("--flights", aircraft_options.flights,
                                 "LOG PLAN.json, in turn: flights to draw the curve through");
    aircraft_command->add_option("--pair-mps-w", aircraft_options.pairs,
                                 "AIRSPEED,POWER known without a log, m/s and W; once for each");
    aircraft_command->add_option("--head-wind-mps", aircraft_options.head_wind_mps,
                                 "Wind from ahead, m/s (else the plan's, on its bearing)");
    aircraft_command->add_option("--cross-wind-mps", aircraft_options.cross_wind_mps, "Wind across, m/s");
    aircraft_command->add_option("--ground-mps", aircraft_options.wanted_ground_mps,
                                 "A ground speed that is wanted: go or no-go");
    aircraft_command->add_option("--pack-mass-kg", aircraft_options.pack_mass_kg, "What if: mass of the pack")
        ->check(CLI::PositiveNumber);
    aircraft_command->add_option("--extra-mass-kg", aircraft_options.extra_mass_kg, "What if: more mass, or less");
    aircraft_command->add_option("--extra-electronics-w", aircraft_options.extra_electronics_w,
                                 "What if: more electronics, or fewer");
    aircraft_command->add_option("--propeller-mm", aircraft_options.propeller_mm, "What if: propellers")
        ->check(CLI::PositiveNumber);
    aircraft_command->add_option("--rotors", aircraft_options.rotors, "What if: so many rotors")
        ->check(CLI::PositiveNumber);
    aircraft_command->add_option("--wing-area-m2", aircraft_options.wing_area_m2, "What if: wing area")
        ->check(CLI::PositiveNumber);
    aircraft_command->add_option("--height-m", aircraft_options.height_m, "What if: height above the field")
        ->check(CLI::Range(0.0, 8000.0));
    aircraft_command->add_option("--temperature-c", aircraft_options.temperature_c, "What if: air at the field")
        ->check(CLI::Range(-40.0, 60.0));
    aircraft_command->add_flag("--json", aircraft_options.json, "One JSON object on standard output");

    CalibrateOptions calibrate_options;
    auto* calibrate_command = app.add_subcommand("calibrate", "Scale of a current sensor from recharged flights");
    calibrate_command->add_option("--scale", calibrate_options.scale, "The scale as set now")
        ->required()
        ->check(CLI::PositiveNumber);
    calibrate_command
        ->add_option("--convention", calibrate_options.convention,
                     "divides: a higher scale reads lower; multiplies: a higher scale reads higher")
        ->required()
        ->check(CLI::IsMember({"divides", "multiplies"}));
    calibrate_command
        ->add_option("--pair", calibrate_options.pairs,
                     "COUNTED,RECHARGED of one flight, mAh; once for each flight")
        ->required();
    calibrate_command->add_option(
        "--idle", calibrate_options.idle,
        "READ,REALLY: what the sensor shows with nothing flying, and what a meter does, mA");
    calibrate_command
        ->add_option("--charger-percent", calibrate_options.charger_percent,
                     "Accuracy of the charger, % (else 1.5)")
        ->check(CLI::Range(0.1, 20.0));
    calibrate_command->add_flag("--json", calibrate_options.json, "One JSON object on standard output");

    PlanOptions plan_options;
    const auto add_plan_options = [&](CLI::App* command) {
        command->add_option("plan", plan_options.plan, "Plan document")->required();
        command->add_option("--terrain", plan_options.terrain,
                            "Elevation raster (GeoTIFF, HGT, ASCII grid) in place of the document's");
        command->add_option("--route", plan_options.route, "GPX, GeoJSON or KML: its points become the waypoints");
        command->add_option("--home", plan_options.home, "Home as LAT,LON, in place of the document's");
        command->add_flag("--json", plan_options.json, "One JSON object on standard output");
    };
    auto* plan_command = app.add_subcommand("plan", "Works out a plan document");
    add_plan_options(plan_command);
    plan_command->add_option("--seed", plan_options.seed, "Seed of the chance of coming home (else 1)");
    plan_command->add_option("--days", plan_options.days, "Days that are drawn for it (else 10000)")
        ->check(CLI::Range(100, 1000000));
    plan_command->add_option("--card", plan_options.card, "Writes the flight card as PDF");
    plan_command->add_option("--route-out", plan_options.route_out, "Writes the way as .gpx, .geojson or .kml");
    plan_command->add_flag("--hide-home", plan_options.hide_home,
                           "Leaves home and what is near it out of the route");
    auto* reach_command = app.add_subcommand("reach", "How far out and back on every bearing");
    add_plan_options(reach_command);
    reach_command->add_option("--bearings", plan_options.bearings, "So many, evenly (else 36)")
        ->check(CLI::Range(3, 3600));
    auto* alarms_command = app.add_subcommand("alarms", "What to enter for this pack and this plan");
    add_plan_options(alarms_command);

    PackOptions pack_options;
    auto* pack_command = app.add_subcommand("pack", "What a pack gives under a load, or which pack to fly");
    auto* pack_file = pack_command->add_option("pack", pack_options.pack, "Pack document");
    auto* current = pack_command->add_option("--current-a", pack_options.current_a, "Constant current, A")
                        ->check(CLI::PositiveNumber);
    pack_command->add_option("--power-w", pack_options.power_w, "Constant power, W")
        ->check(CLI::PositiveNumber)
        ->excludes(current);
    pack_command->add_option("--temperature-c", pack_options.temperature_c, "Air, and the pack at the start, °C")
        ->check(CLI::Range(-40.0, 60.0));
    pack_command
        ->add_option("--landing-cell-v", pack_options.landing_cell_v, "Landing voltage a cell under the load, V")
        ->check(CLI::Range(1.0, 4.4));
    pack_command->add_flag("--fixed-temperature", pack_options.fixed_temperature,
                           "Hold the cells at that temperature, as makers' tables are meant");
    auto* table = pack_command->add_option("--candidates", pack_options.candidates, "CSV of packs to try")
                      ->excludes(pack_file)
                      ->excludes(current);
    pack_command
        ->add_option("--on", pack_options.plan, "Plan document: the aircraft, cruise and wind to try them in")
        ->needs(table);
    pack_command->add_flag("--json", pack_options.json, "One JSON object on standard output");

    ConvertOptions convert_options;
    auto* convert_command = app.add_subcommand("convert", "Writes a log in another format");
    convert_command->add_option("log", convert_options.log, "Log: CSV, GPX or MAVLink telemetry log")->required();
    convert_command
        ->add_option("target", convert_options.target,
                     "File to write; its ending says how: " + io::endings_written())
        ->required();
    convert_command
        ->add_option("--hide-home", convert_options.hide_home_m,
                     "Leave positions out that are nearer to home than this, m")
        ->check(CLI::PositiveNumber);

    BuildOptions build_options;
    auto* build_command = app.add_subcommand("build", "A pack made from cells on paper");
    build_command->add_option("build", build_options.build, "Build document")->required();
    build_command->add_flag("--json", build_options.json, "One JSON object on standard output");

    PartialOptions partial_options;
    auto* partial_command = app.add_subcommand("partial", "A whole flight told from a part of it and its recharge");
    partial_command->add_option("pack", partial_options.pack, "Pack document")->required();
    partial_command->add_option("--flown-min", partial_options.flown_min, "Minutes flown")
        ->required()
        ->check(CLI::PositiveNumber);
    partial_command->add_option("--recharged-mah", partial_options.recharged_mah, "What the charger put back")
        ->required()
        ->check(CLI::PositiveNumber);
    partial_command
        ->add_option("--share-percent", partial_options.share_percent,
                     "Of the rated charge, what a whole flight uses (else 80)")
        ->check(CLI::Range(1.0, 100.0));
    partial_command->add_option("--temperature-c", partial_options.temperature_c, "Air, °C")
        ->check(CLI::Range(-40.0, 60.0));
    partial_command->add_flag("--json", partial_options.json, "One JSON object on standard output");

    HealthOptions health_options;
    auto* health_command = app.add_subcommand("health", "How a pack ages, by the readings in its document");
    health_command->add_option("pack", health_options.pack, "Pack document with readings")->required();
    health_command->add_flag("--json", health_options.json, "One JSON object on standard output");

    BookOptions book_options;
    auto* book_command = app.add_subcommand("book", "Looks into a logbook, copies it, brings records in");
    book_command->require_subcommand(1);
    auto* list = book_command->add_subcommand("list", "The flights and their main figures");
    list->add_flag("--json", book_options.json, "One JSON object on standard output");
    auto* check = book_command->add_subcommand("check", "Reads every page of the book");
    auto* back_up = book_command->add_subcommand("backup", "Copies the whole book to a new file");
    back_up->add_option("file", book_options.target, "The copy")->required();
    auto* export_all = book_command->add_subcommand("export", "Writes JSON, CSV and the raw logs into a folder");
    export_all->add_option("folder", book_options.target, "Folder, made where there is none")->required();
    auto* bring_in =
        book_command->add_subcommand("import", "Brings in what was exported: a folder, book.json or a CSV");
    bring_in->add_option("path", book_options.target, "Folder, book.json, or one of the CSV files")->required();

    try {
        // CLI11 takes its arguments from the back.
        app.parse(std::vector<std::string>(arguments.rbegin(), arguments.rend()));
    } catch (const CLI::ParseError& trouble) {
        std::ostringstream said;
        std::ostringstream complained;
        const int code = app.exit(trouble, said, complained);
        out << said.str();
        err << complained.str();
        return code == 0 ? exit_done : exit_usage;
    }
    if (*book_command) {
        book_options.book = book;
        book_options.action = *list         ? BookAction::list
                              : *check      ? BookAction::check
                              : *back_up    ? BookAction::back_up
                              : *export_all ? BookAction::export_all
                                            : BookAction::bring_in;
        (void)bring_in;
        return run_book(book_options, out, err);
    }
    if (*pack_command) {
        const bool whole = pack_options.candidates.empty()
                               ? !pack_options.pack.empty() && (pack_options.current_a || pack_options.power_w)
                               : !pack_options.plan.empty();
        if (!whole) {
            err << "pack wants a pack document with --current-a or --power-w, or --candidates PACKS.csv --on "
                   "PLAN.json\n";
            return exit_usage;
        }
        return run_pack(pack_options, out, err);
    }
    if (*aircraft_command) {
        if (aircraft_options.plan.empty() == aircraft_options.from_book.empty() ||
            aircraft_options.flights.size() % 2 != 0) {
            err << "aircraft wants a plan document, or --from-book NAME; and LOG PLAN.json for each of its "
                   "--flights\n";
            return exit_usage;
        }
        aircraft_options.book = book;
        return aircraft(aircraft_options, out, err);
    }
    if (*compare_command) {
        if (compare_options.flights.size() < 4 || compare_options.flights.size() % 2 != 0) {
            err << "compare wants LOG PLAN.json for each of two flights or more\n";
            return exit_usage;
        }
        return compare(compare_options, out, err);
    }
    if (*convert_command) return convert(convert_options, out, err);
    if (*build_command) return build_pack(build_options, out, err);
    if (*partial_command) return partial(partial_options, out, err);
    if (*health_command) return pack_health(health_options, out, err);
    if (*calibrate_command) return calibrate(calibrate_options, out, err);
    if (*debrief_command) return debrief(debrief_options, out, err);
    if (*reach_command) return reach(plan_options, out, err);
    if (*alarms_command) return alarms(plan_options, out, err);
    return plan(plan_options, out, err);
}

} // namespace sobremesa::cli
