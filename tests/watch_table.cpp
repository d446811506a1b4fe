// The table of docs/watch.md: flights whose wind grows to half as much again as forecast, turned by the plan's
// distance and turned at "turn now". scripts/watch-table writes it down.

#include <clocale>
#include <cmath>
#include <cstdlib>
#include <iostream>

#include "support/grown_wind.hpp"

namespace {

using namespace sobremesa;

void print(const char* name, const tests::Tally& t) {
    const auto percent = [](double share) { return int(std::lround(100.0 * share)); };
    std::cout << "| " << name << " | " << t.home << " | " << t.reserve << " | " << percent(t.sum / t.flights)
              << " % (" << percent(t.least) << " … " << percent(t.most) << ") |\n";
}

} // namespace

int main(int argc, char** argv) {
    std::setlocale(LC_NUMERIC, "C");
    const int flights = argc > 1 ? std::atoi(argv[1]) : 100;
    tests::Tally by_plan;
    tests::Tally by_watch;
    for (int i = 0; i < flights; ++i) {
        const auto flight = tests::grown_wind_flight(i);
        if (!flight) continue;
        by_plan.add(tests::fly_as_planned(*flight), *flight);
        by_watch.add(tests::fly_obediently(*flight), *flight);
    }
    std::cout
        << "| " << by_watch.flights
        << " flights turned | home | reserve kept within 10 % of usable | left at home, mean (least … most) |\n"
           "|---|---|---|---|\n";
    print("at the plan's distance", by_plan);
    print("at “turn now”", by_watch);
    return 0;
}
