// Writes docs/learning-truth.md: what packs, sensors and power curves are found to be after a few flights, against
// what they are. Not a test: scripts/learn-table runs it; tests/core/learning hold a part of it.

#include <algorithm>
#include <cmath>
#include <fstream>
#include <iostream>
#include <string>

#include "io/text_number.hpp"
#include "support/drawn_craft.hpp"
#include "support/drawn_packs.hpp"

using namespace sobremesa;

namespace {

constexpr double percent = 100.0;

std::string digits(double value, int decimals) {
    return io::text_from_number(value, decimals);
}

/// Errors of one figure over all histories.
class Errors {
public:
    void add(const units::Estimate& found, double truth) {
        relative_.push_back(found.value / truth - 1.0);
        in_sd_.push_back(std::abs(found.value - truth) / found.sd);
    }
    std::string row(const std::string& name) const {
        double sum = 0.0;
        double squares = 0.0;
        std::vector<double> sizes;
        for (const double r : relative_) {
            sum += r;
            squares += r * r;
            sizes.push_back(std::abs(r));
        }
        std::sort(sizes.begin(), sizes.end());
        const double n = double(relative_.size());
        const auto share = [&](double sds) {
            return percent *
                   double(std::count_if(in_sd_.begin(), in_sd_.end(), [&](double z) { return z <= sds; })) / n;
        };
        constexpr double two_sided_90 = 1.6449;
        return "| " + name + " | " + std::to_string(relative_.size()) + " | " + digits(percent * sum / n, 1) +
               " | " + digits(percent * std::sqrt(squares / n), 1) + " | " +
               digits(percent * sizes[std::size_t(0.9 * (n - 1.0))], 1) + " | " +
               digits(percent * sizes.back(), 1) + " | " + digits(share(two_sided_90), 0) + " | " +
               digits(share(2.0), 0) + " |\n";
    }

private:
    std::vector<double> relative_;
    std::vector<double> in_sd_;
};

void packs(std::ofstream& out, int histories) {
    Errors deep_capacity;
    Errors capacity;
    Errors ohm;
    Errors gain;
    Errors bare_gain;
    Errors landing;
    for (int h = 0; h < histories; ++h) {
        std::mt19937_64 random(std::uint64_t(5000 + h));
        const auto pack = tests::drawn_pack(random);
        const bool li_ion = pack.label.chemistry == battery::Chemistry::li_ion;
        const bool deep = h % 2 == 0;
        const bool with_recharges = h % 5 != 4;
        learning::JointQuestion question;
        question.packs = {pack.label};
        bool deep_recharged = false;
        for (int f = 0; f < 6; ++f) {
            const bool last = f == 5;
            const bool down = deep && f == 3;
            const double at_v = last   ? battery::traits(pack.label.chemistry).default_landing_cell_v
                                : down ? (li_ion ? 2.75 : 3.15)
                                       : 0.0;
            const double left = last || down ? 0.02 : 0.15 + 0.3 * double(random() % 100) / 100.0;
            auto drawn = tests::drawn_flight(random, pack, at_v, left, with_recharges && (f == 1 || f == 3));
            drawn.flight.flight_id = f + 1;
            drawn.flight.cycles = f;
            deep_recharged = deep_recharged || (drawn.flight.recharged_ah && drawn.left_share < 0.05);
            if (!last) {
                question.flights.push_back(drawn.flight);
                continue;
            }
            const auto estimate = learning::joint_estimate(question);
            const auto& found = estimate->packs.front();
            const auto& sensors = estimate->sensors.front();
            (deep_recharged ? deep_capacity : capacity).add(found.known.capacity_share, pack.capacity_share);
            ohm.add(found.known.cell_resistance_ohm, pack.cell_ohm);
            (with_recharges ? gain : bare_gain).add(sensors.current_gain, pack.current_gain);
            if (const auto forecast = learning::landing_forecast(pack.label, found, sensors, drawn.flight))
                landing.add(forecast->forecast_ah, forecast->flown_ah);
        }
    }
    out << "## Packs and sensors\n\nFive flights, two of them recharged (none in a fifth of the histories), of "
           "packs whose curves are a "
           "polymer cell's of Chen & Rincón-Mora 2006, or the simulator's; read in steps of 0.1 V and 0.1 A once a "
           "second.\n\n"
           "| after five flights | histories | mean error % | rms % | 90th % | worst % | inside the 90 % band, % | "
           "inside two "
           "sd, % |\n|---|---|---|---|---|---|---|---|\n"
        << deep_capacity.row("capacity, a recharged flight within 5 % of empty")
        << capacity.row("capacity, otherwise") << ohm.row("ohmic resistance")
        << gain.row("current gain, two recharges") << bare_gain.row("current gain, none")
        << landing.row("landing charge of the sixth flight");
}

void curves(std::ofstream& out, int histories) {
    out << "\n## Power curve\n\nFlights at two airspeeds each, in winds of 1 to 7 m/s, without an airspeed sensor. "
           "Worst error over "
           "the airspeeds flown.\n\n| flights | craft | histories | median % | 90th % | worst % | truth inside two "
           "sd, % |\n"
           "|---|---|---|---|---|---|---|\n";
    for (const bool wing : {true, false}) {
        std::vector<tests::DrawnCraft> all;
        for (int h = 0; h < histories; ++h) {
            std::mt19937_64 random(std::uint64_t(9000 + 2 * h + (wing ? 0 : 1)));
            all.push_back(tests::drawn_craft(random, wing));
            for (int f = 0; f < 12; ++f) tests::fly_at_two_airspeeds(all.back(), random, f);
        }
        for (const int flights : {3, 6, 12}) {
            std::vector<double> worst;
            int inside = 0;
            for (const auto& craft : all) {
                const std::vector<learning::FlightObservation> some(craft.observations.begin(),
                                                                    craft.observations.begin() + flights);
                const auto fit = learning::fit_curve(craft.described, craft.all_up_mass_kg(), some);
                const auto [error, holds] = tests::worst_of(craft, fit->curve);
                worst.push_back(error);
                inside += holds ? 1 : 0;
            }
            std::sort(worst.begin(), worst.end());
            out << "| " << flights << " | " << (wing ? "wing" : "multirotor") << " | " << histories << " | "
                << digits(percent * worst[worst.size() / 2], 1) << " | "
                << digits(percent * worst[std::size_t(0.9 * double(worst.size() - 1))], 1) << " | "
                << digits(percent * worst.back(), 1) << " | " << digits(percent * inside / histories, 0) << " |\n";
        }
    }
}

} // namespace

int main(int argc, char** argv) {
    if (argc != 2 && argc != 3) {
        std::cerr << "usage: learn_table FILE.md [HISTORIES]\n";
        return 2;
    }
    constexpr int usual_histories = 300;
    const auto asked = argc > 2 ? io::number_from_text(argv[2]) : std::nullopt;
    const int histories = asked ? int(*asked) : usual_histories;
    std::ofstream out(argv[1]);
    out << "# What flights teach, against the truth\n\nMade by `scripts/learn-table`; neither the simulator nor "
           "the published cell "
           "shares an equation with what is judged here. How it is done: [learning](learning.md).\n\n";
    packs(out, histories);
    curves(out, std::max(histories / 6, 2));
    out << "\nMisses worth knowing: multirotors flown slower than their best endurance speed, where less airspeed "
           "takes more power; "
           "Li-ion packs of which the last charge is out of reach in the fit and not in the simulator (capacity 2 "
           "to 4 % high).\n";
    return out ? 0 : 1;
}
