#pragma once

#include <cmath>
#include <optional>

#include "core/geodesy/geodesic.hpp"

namespace sobremesa::telemetry {

/// Distance over ground added up fix by fix.
///
/// In chords of at least 20 m: scatter σ of the fixes lengthens a chord L by about σ²/L, a turn of radius r
/// shortens it by L²/24r². At 20 m both stay under 1 % for σ = 2 m and r = 45 m; a hairpin on the spot loses up to
/// two chords.
class ChordDistance {
public:
    /// @param position  a good fix, in order of time
    void add(const geodesy::Position& position) {
        // A frame of its own around the first fix: home may be given anywhere.
        if (!frame_) frame_ = *geodesy::LocalFrame::around(position);
        const geodesy::EastNorth here = frame_->forward(position);
        if (!last_) last_ = here;
        open_m_ = std::hypot(here.east_m - last_->east_m, here.north_m - last_->north_m);
        if (open_m_ < least_chord_m) return;
        closed_m_ += open_m_;
        open_m_ = 0.0;
        last_ = here;
    }
    /// With what is left of the last chord.
    double metres() const { return closed_m_ + open_m_; }
    bool begun() const { return frame_.has_value(); }
    geodesy::Position origin() const { return frame_->origin(); }

private:
    static constexpr double least_chord_m = 20.0;
    std::optional<geodesy::LocalFrame> frame_;
    std::optional<geodesy::EastNorth> last_;
    double closed_m_ = 0.0;
    double open_m_ = 0.0;
};

} // namespace sobremesa::telemetry
