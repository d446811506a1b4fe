#pragma once

#include <vector>

namespace sobremesa::atmosphere {

/// Wind as a pilot says it: speed, and where it comes from.
struct Wind {
    double speed_mps = 0.0;
    double from_deg = 0.0;
    friend bool operator==(const Wind&, const Wind&) = default;
};

/// Exponent of the power law over open ground (one seventh; common engineering practice, e.g. the neutral boundary
/// layer in wind-loading codes).
inline constexpr double open_ground_wind_exponent = 1.0 / 7.0;
/// Below this height the power law says nothing.
inline constexpr double lowest_profile_height_m = 2.0;

struct WindAtHeight {
    double height_m = 0.0;
    Wind wind;
    friend bool operator==(const WindAtHeight&, const WindAtHeight&) = default;
};

/// Wind at a height out of a table, lowest first: between its rows the vector goes straight from one to the other,
/// beyond them it stays. @param table  not empty
Wind wind_from_table(const std::vector<WindAtHeight>& table, double height_m);

/// Wind at one height from the wind at another: `w(h) = w_ref·(h/h_ref)^exponent`.
///
/// Both heights are taken as at least 2 m. Direction is kept: the turn of the wind with height is small in the
/// first hundred metres.
Wind wind_at_height(const Wind& reference, double reference_height_m, double height_m,
                    double exponent = open_ground_wind_exponent);

/// Beaufort number 0 … 12 for a mean wind, from the WMO table (Manual on Codes, WMO-No. 306, code table 1805 limits
/// in m/s).
int beaufort_number(double wind_mps);

} // namespace sobremesa::atmosphere
