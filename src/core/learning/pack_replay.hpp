#pragma once

#include <vector>

#include "core/battery/pack_model.hpp"
#include "core/learning/joint_estimate.hpp"

namespace sobremesa::learning {

/// A pack led through a flight's currents again.
struct Replay {
    /// Of a cell under load and within reach, mean over each part of the trace.
    std::vector<double> cell_v;
    std::vector<double> surface_charge;
    std::vector<double> temperature_c;
    battery::PackState end;
};

/// @param current_gain  of the log's sensor: its reading over the truth
/// @param deficit       share of the charge that the pack was short of full, or of its starting volts, at launch
/// @param parts         of the trace, at most
Replay replay(const battery::PackModel& model, const PackFlight& flight, double current_gain, double deficit,
              std::size_t parts);

/// One step under a current: exact for a passage that is straight, and never unstable.
void step(const battery::PackModel& model, battery::PackState& state, double current_a, double air_temperature_c,
          double seconds);

} // namespace sobremesa::learning
