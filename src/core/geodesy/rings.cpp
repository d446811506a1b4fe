#include "core/geodesy/rings.hpp"

#include <algorithm>

namespace sobremesa::geodesy {

namespace {

/// Each side of each ring once: from a corner to the one before it.
template <class Visit>
void each_side(const Rings& rings, const Visit& visit) {
    for (const auto& ring : rings) {
        for (std::size_t i = 0; i < ring.size(); ++i) visit(ring[i > 0 ? i - 1 : ring.size() - 1], ring[i]);
    }
}

/// On which side of the line from a through b a place lies: positive to its left.
double side_of(const EastNorth& a, const EastNorth& b, const EastNorth& at) {
    return (b.east_m - a.east_m) * (at.north_m - a.north_m) - (b.north_m - a.north_m) * (at.east_m - a.east_m);
}

} // namespace

bool inside(const Rings& rings, const EastNorth& at) {
    // A ray to the east; a corner belongs to the side above it, so that none is counted twice.
    bool within = false;
    each_side(rings, [&](const EastNorth& a, const EastNorth& b) {
        if ((a.north_m > at.north_m) == (b.north_m > at.north_m)) return;
        const bool rises = b.north_m > a.north_m;
        if ((side_of(a, b, at) > 0.0) == rises) within = !within;
    });
    return within;
}

std::vector<double> crossings(const Rings& rings, const EastNorth& from, const EastNorth& to) {
    std::vector<double> shares;
    each_side(rings, [&](const EastNorth& a, const EastNorth& b) {
        const double at_a = side_of(from, to, a);
        const double at_b = side_of(from, to, b);
        if ((at_a > 0.0) == (at_b > 0.0)) return;
        const double before = side_of(a, b, from);
        const double after = side_of(a, b, to);
        if ((before > 0.0) == (after > 0.0)) return;
        shares.push_back(before / (before - after));
    });
    std::sort(shares.begin(), shares.end());
    return shares;
}

} // namespace sobremesa::geodesy
