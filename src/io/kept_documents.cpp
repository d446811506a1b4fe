#include "io/kept_documents.hpp"

#include <algorithm>
#include <array>
#include <cmath>

#include "io/book_fields.hpp"
#include "io/document_parts.hpp"

namespace sobremesa::io {

namespace {

using nlohmann::json;

constexpr int version = 1;

json head(json document, const char* format) {
    document["format"] = format;
    document["version"] = version;
    return document;
}

json estimate(const std::optional<units::Estimate>& value) {
    return value ? json{{"value", value->value}, {"sd", value->sd}} : json(nullptr);
}

/// Reads one document: parse, check the format, let `read` take what it knows, check.
template <class Kept, class Read>
units::Result<Kept> kept(const std::string& text, const std::string& from, const char* format, Read read) {
    const auto tree = parse_json(text, from);
    if (!tree) return tl::unexpected(tree.error());
    if (auto error = check_format(*tree, from, format, version)) return tl::unexpected(*error);
    DocumentReader in(*tree, from, "");
    in.allow({"format", "version"});
    Kept result;
    const std::optional<units::Error> trouble = read(in, result);
    if (in.error()) return tl::unexpected(*in.error());
    if (trouble) {
        units::Error error = *trouble;
        error.where.file = from;
        return tl::unexpected(error);
    }
    return result;
}

template <class Value>
std::optional<units::Error> error_of(const units::Result<Value>& result) {
    return result ? std::nullopt : std::optional(result.error());
}

/// The request that a plan is.
units::Result<mission::PlanRequest> request_of(const std::string& text, const std::string& from) {
    const auto tree = parse_json(text, from);
    if (!tree) return tl::unexpected(tree.error());
    DocumentReader root(*tree, from, "");
    return read_request(root);
}

} // namespace

std::string json_from(const book::KeptAircraft& kept) {
    return head(FieldWriter::written(kept, [](auto& v, const auto& k) { describe_kept_aircraft(v, k); }),
                "sobremesa-aircraft")
        .dump();
}

std::string json_from(const book::KeptPack& kept) {
    return head(FieldWriter::written(kept, [](auto& v, const auto& k) { describe_kept_pack(v, k); }),
                "sobremesa-pack")
        .dump();
}

std::string json_from(const book::KeptPlan& kept) {
    json document = request_to_json(kept.request);
    document["links"] = FieldWriter::written(kept, [](auto& v, const auto& k) { describe_plan_links(v, k); });
    return head(std::move(document), "sobremesa-plan").dump();
}

std::string json_from(const book::KeptFlight& kept) {
    json document = FieldWriter::written(kept, [](auto& v, const auto& k) { describe_kept_flight(v, k); });
    document["flown"] = request_to_json(kept.flown);
    return head(std::move(document), "sobremesa-flight").dump();
}

units::Result<book::KeptAircraft> kept_aircraft_from_json(const std::string& text, const std::string& from) {
    return kept<book::KeptAircraft>(text, from, "sobremesa-aircraft", [](DocumentReader& in, auto& kept) {
        FieldReader reader(in);
        describe_kept_aircraft(reader, kept);
        // Without a plan there is no pack to take the volts from.
        if (cruise_current_a(in) && !in.has("cruise_voltage_v"))
            in.fail(units::ErrorCode::value_missing, "cruise_voltage_v");
        return error_of(airframe::validate(kept.aircraft));
    });
}

units::Result<book::KeptPack> kept_pack_from_json(const std::string& text, const std::string& from) {
    return kept<book::KeptPack>(text, from, "sobremesa-pack", [](DocumentReader& in, auto& kept) {
        FieldReader reader(in);
        describe_kept_pack(reader, kept);
        return error_of(battery::validate(kept.pack));
    });
}

units::Result<book::KeptPlan> kept_plan_from_json(const std::string& text, const std::string& from) {
    const auto request = request_of(text, from);
    return kept<book::KeptPlan>(text, from, "sobremesa-plan", [&](DocumentReader& in, auto& kept) {
        if (!request) return std::optional(request.error());
        kept.request = *request;
        FieldReader reader(in);
        reader.object("links", kept, {""}, [](auto& inner, auto& k) { describe_plan_links(inner, k); });
        return std::optional<units::Error>();
    });
}

units::Result<book::KeptFlight> kept_flight_from_json(const std::string& text, const std::string& from) {
    return kept<book::KeptFlight>(text, from, "sobremesa-flight", [&](DocumentReader& in, auto& kept) {
        // Read in place: a book of a thousand flights is opened with every start.
        static const json nothing = json::object();
        const json* at = in.object("flown");
        DocumentReader root(at ? *at : nothing, from, "");
        const auto flown = read_request(root);
        if (!flown) return std::optional(flown.error());
        kept.flown = *flown;
        FieldReader reader(in);
        describe_kept_flight(reader, kept);
        constexpr double most_factor = 10.0;
        if (!(kept.current_factor >= 1.0 / most_factor && kept.current_factor <= most_factor))
            in.fail(units::ErrorCode::value_out_of_range, "current_factor",
                    {{"value", kept.current_factor}, {"least", 1.0 / most_factor}, {"most", most_factor}});
        return std::optional<units::Error>();
    });
}

namespace {

constexpr const char* figures_format = "sobremesa-figures";

/// Every figure of a summary by name, so that reading and writing cannot drift apart.
template <class Summary, class Visit>
void each_figure(Summary& s, Visit visit) {
    visit("ground_m", s.distance.ground_m);
    visit("farthest_from_home_m", s.distance.farthest_from_home_m);
    visit("charge_ah", s.energy.charge_ah);
    visit("energy_wh", s.energy.energy_wh);
    visit("logged_charge_ah", s.energy.logged_charge_ah);
    visit("logged_energy_wh", s.energy.logged_energy_wh);
    visit("energy_wh_per_m", s.energy_wh_per_m);
    visit("charge_ah_per_m", s.charge_ah_per_m);
    visit("wind_mps", s.wind_mps);
}

template <class Summary, class Visit>
void each_plain_figure(Summary& s, Visit visit) {
    visit("from_speed_m", s.distance.from_speed_m);
    visit("farthest_at_s", s.distance.farthest_at_s);
    visit("counter_ah", s.energy.counter_ah);
    visit("mean_current_a", s.energy.mean_current_a);
    visit("mean_power_w", s.energy.mean_power_w);
    visit("lowest_voltage_v", s.energy.lowest_voltage_v);
    visit("lowest_voltage_at_s", s.energy.lowest_voltage_at_s);
    visit("highest_voltage_v", s.energy.highest_voltage_v);
    visit("before_log_ah", s.energy.before_log_ah);
}

template <class Summary, class Visit>
void each_peak(Summary& s, Visit visit) {
    visit("highest_current", s.energy.highest_current);
    visit("highest_ground_speed", s.distance.highest_ground_speed);
    visit("highest_airspeed", s.distance.highest_airspeed);
}

json point_to_json(const telemetry::LevelPoint& point) {
    return {{"airspeed_mps", point.airspeed_mps.value},
            {"airspeed_sd_mps", point.airspeed_mps.sd},
            {"power_w", point.power_w.value},
            {"power_sd_w", point.power_w.sd},
            {"height_m", point.height_m},
            {"seconds", point.seconds}};
}

/// As many decimals as the reading is worth: a thousand flights are read with every start.
json rounded(double value, double step) {
    // Over a whole number: times a step would come out with all its digits again.
    const double per_unit = std::round(1.0 / step);
    return std::isfinite(value) ? json(std::round(value * per_unit) / per_unit) : json(nullptr);
}

telemetry::LevelPoint read_point(DocumentReader& in) {
    return {{in.required_number("airspeed_mps"), in.number_or("airspeed_sd_mps", 0.0)},
            {in.required_number("power_w"), in.number_or("power_sd_w", 0.0)},
            in.number_or("height_m", 0.0),
            in.number_or("seconds", 0.0)};
}

/// Objects of a document under their keys, each read by a function; what was wrong in one of them is kept.
class Parts {
public:
    Parts(DocumentReader& in, const std::string& from) : in_(in), from_(from) {}

    template <class Take>
    void under(const char* key, Take take) {
        if (const json* object = in_.object(key)) read(*object, key, take);
    }
    template <class Take>
    void each_under(const char* key, Take take) {
        const json* list = in_.array(key);
        if (!list) return;
        for (const json& entry : *list) read(entry, key, take);
    }
    const std::optional<units::Error>& trouble() const { return trouble_; }

private:
    template <class Take>
    void read(const json& object, const char* key, Take take) {
        DocumentReader reader(object, from_, key);
        take(reader);
        if (reader.error()) trouble_ = reader.error();
    }

    DocumentReader& in_;
    const std::string& from_;
    std::optional<units::Error> trouble_;
};

/// So many numbers in an array; nothing where it holds others.
template <std::size_t Count>
std::optional<std::array<double, Count>> numbers_of(const json& value) {
    const bool numbers = value.is_array() && value.size() == Count &&
                         std::all_of(value.begin(), value.end(), [](const json& x) { return x.is_number(); });
    if (!numbers) return std::nullopt;
    std::array<double, Count> result{};
    for (std::size_t i = 0; i < Count; ++i) result[i] = value[i].get<double>();
    return result;
}

telemetry::PackTrace read_trace(DocumentReader& in) {
    const auto column = [&](const char* key) {
        std::vector<double> values;
        if (const json* list = in.array(key)) {
            for (const json& value : *list)
                values.push_back(value.is_number() ? value.get<double>() : telemetry::missing_value);
        }
        return values;
    };
    const auto seconds = column("seconds");
    const auto charge = column("charge_ah");
    const auto current = column("current_a");
    const auto volts = column("voltage_v");
    const std::size_t n = std::min({seconds.size(), charge.size(), current.size(), volts.size()});
    telemetry::PackTrace trace;
    for (std::size_t i = 0; i < n; ++i) trace.points.push_back({seconds[i], charge[i], current[i], volts[i]});
    if (const auto sag = in.number("sag_ohm"))
        trace.sag_ohm = units::Estimate{*sag, in.number_or("sag_sd_ohm", 0.0)};
    return trace;
}

telemetry::SteadyPiece read_piece(DocumentReader& in) {
    telemetry::SteadyPiece piece;
    piece.power_w = {in.required_number("power_w"), in.number_or("power_sd_w", 0.0)};
    piece.height_m = in.number_or("height_m", 0.0);
    piece.seconds = in.number_or("seconds", 0.0);
    piece.gust_mps = in.number_or("gust_mps", 0.0);
    if (const json* list = in.array("velocities")) {
        for (const json& each : *list) {
            if (const auto v = numbers_of<5>(each))
                piece.velocities.push_back({(*v)[0], (*v)[1], (*v)[2], (*v)[3], (*v)[4]});
        }
    }
    return piece;
}

} // namespace

std::string json_from(const KeptFigures& figures) {
    const telemetry::LogSummary& summary = figures.summary;
    json document = {{"duration_s", summary.duration_s}, {"gap_time_s", summary.energy.gap_time_s}};
    each_figure(summary, [&](const char* key, const auto& value) { document[key] = estimate(value); });
    each_plain_figure(summary, [&](const char* key, const auto& value) { document[key] = optional_value(value); });
    each_peak(summary, [&](const char* key, const auto& peak) {
        if (peak) document[key] = {{"value", peak->value}, {"at_s", peak->at_s}, {"for_s", peak->for_s}};
    });
    if (summary.idle) {
        document["idle"] = {{"current_a", summary.idle->current_a.value},
                            {"current_sd_a", summary.idle->current_a.sd},
                            {"voltage_v", summary.idle->voltage_v},
                            {"seconds", summary.idle->seconds}};
    }
    document["level"] = json::array();
    for (const auto& point : summary.level) document["level"].push_back(point_to_json(point));
    document["climbs"] = json::array();
    for (const auto& point : summary.climbs) {
        json climb = point_to_json(point.flown);
        climb["climb_mps"] = point.climb_mps.value;
        climb["climb_sd_mps"] = point.climb_mps.sd;
        document["climbs"].push_back(std::move(climb));
    }
    document["pieces"] = json::array();
    for (const auto& piece : summary.pieces) {
        json velocities = json::array();
        for (const auto& v : piece.velocities)
            velocities.push_back({rounded(v.east_mps, 1e-3), rounded(v.north_mps, 1e-3),
                                  rounded(v.straightness, 1e-4), rounded(v.seconds, 0.1), rounded(v.time_s, 0.1)});
        document["pieces"].push_back({{"power_w", piece.power_w.value},
                                      {"power_sd_w", piece.power_w.sd},
                                      {"height_m", piece.height_m},
                                      {"seconds", piece.seconds},
                                      {"gust_mps", piece.gust_mps},
                                      {"velocities", std::move(velocities)}});
    }
    if (!summary.outline.empty()) {
        document["outline"] = json::array();
        for (const auto& point : summary.outline)
            document["outline"].push_back({std::lround(point.east_m), std::lround(point.north_m)});
    }
    if (!summary.pack.points.empty()) {
        json trace = {{"seconds", json::array()},
                      {"charge_ah", json::array()},
                      {"current_a", json::array()},
                      {"voltage_v", json::array()}};
        for (const auto& point : summary.pack.points) {
            trace["seconds"].push_back(rounded(point.seconds, 0.01));
            trace["charge_ah"].push_back(rounded(point.charge_ah, 1e-5));
            trace["current_a"].push_back(rounded(point.current_a, 1e-4));
            trace["voltage_v"].push_back(rounded(point.voltage_v, 1e-4));
        }
        if (summary.pack.sag_ohm) {
            trace["sag_ohm"] = summary.pack.sag_ohm->value;
            trace["sag_sd_ohm"] = summary.pack.sag_ohm->sd;
        }
        document["pack"] = std::move(trace);
    }
    if (figures.bill) {
        json& bill = document["bill"] = {{"made_from", figures.bill->made_from},
                                         {"forecast_wh", rounded(figures.bill->shares.forecast_wh, 1e-3)}};
        for (std::size_t i = 0; i < debrief::bill_causes; ++i)
            bill[debrief::bill_cause_word(debrief::BillCause(i))] = rounded(figures.bill->shares.wh[i], 1e-4);
    }
    return head(std::move(document), figures_format).dump();
}

units::Result<KeptFigures> figures_from_json(const std::string& text, const std::string& from) {
    return kept<KeptFigures>(text, from, figures_format, [&from](DocumentReader& in, KeptFigures& figures) {
        telemetry::LogSummary& summary = figures.summary;
        summary.duration_s = in.required_number("duration_s");
        summary.energy.gap_time_s = in.number_or("gap_time_s", 0.0);
        Parts parts(in, from);
        each_figure(summary, [&](const char* key, auto& value) {
            parts.under(key, [&](DocumentReader& estimate) {
                value = units::Estimate{estimate.required_number("value"), estimate.number_or("sd", 0.0)};
            });
        });
        each_plain_figure(summary, [&](const char* key, auto& value) { value = in.number(key); });
        each_peak(summary, [&](const char* key, auto& peak) {
            parts.under(key, [&](DocumentReader& reading) {
                peak = telemetry::Peak{reading.required_number("value"), reading.number_or("at_s", 0.0),
                                       reading.number_or("for_s", 0.0)};
            });
        });
        parts.under("idle", [&](DocumentReader& idle) {
            summary.idle =
                telemetry::IdleReading{{idle.required_number("current_a"), idle.number_or("current_sd_a", 0.0)},
                                       idle.required_number("voltage_v"),
                                       idle.number_or("seconds", 0.0)};
        });
        parts.under("bill", [&](DocumentReader& bill) {
            figures.bill.emplace();
            figures.bill->made_from = bill.text("made_from").value_or("");
            figures.bill->shares.forecast_wh = bill.number_or("forecast_wh", 0.0);
            for (std::size_t i = 0; i < debrief::bill_causes; ++i)
                figures.bill->shares.wh[i] = bill.number_or(debrief::bill_cause_word(debrief::BillCause(i)), 0.0);
        });
        if (const json* list = in.array("outline")) {
            for (const json& each : *list) {
                if (const auto point = numbers_of<2>(each)) summary.outline.push_back({(*point)[0], (*point)[1]});
            }
        }
        parts.under("pack", [&](DocumentReader& trace) { summary.pack = read_trace(trace); });
        parts.each_under("level", [&](DocumentReader& point) { summary.level.push_back(read_point(point)); });
        parts.each_under("pieces", [&](DocumentReader& piece) { summary.pieces.push_back(read_piece(piece)); });
        parts.each_under("climbs", [&](DocumentReader& point) {
            summary.climbs.push_back(
                {read_point(point), {point.required_number("climb_mps"), point.number_or("climb_sd_mps", 0.0)}});
        });
        return parts.trouble();
    });
}

} // namespace sobremesa::io
