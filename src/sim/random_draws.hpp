#pragma once

#include <cmath>
#include <random>

namespace sobremesa::sim {

/// Seeded draws; one stream a flight, so that a flight is the same whatever was flown before it.
class RandomDraws {
public:
    explicit RandomDraws(std::uint64_t seed) : engine_(seed) {}
    double normal(double sd) { return sd > 0.0 ? sd * standard_(engine_) : 0.0; }
    double uniform(double least, double most) {
        return least + (most - least) * std::uniform_real_distribution<double>(0.0, 1.0)(engine_);
    }

private:
    std::mt19937_64 engine_;
    std::normal_distribution<double> standard_{0.0, 1.0};
};

/// A gust component: an Ornstein–Uhlenbeck process, exact for any step.
class GustComponent {
public:
    double step(RandomDraws& draws, double sd_mps, double time_constant_s, double step_s) {
        const double keep = std::exp(-step_s / time_constant_s);
        value_ = keep * value_ + draws.normal(sd_mps * std::sqrt(1.0 - keep * keep));
        return value_;
    }

private:
    double value_ = 0.0;
};

} // namespace sobremesa::sim
