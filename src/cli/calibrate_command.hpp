#pragma once

#include <iosfwd>
#include <string>
#include <vector>

namespace sobremesa::cli {

struct CalibrateOptions {
    double scale = 0.0;
    std::string convention;
    std::vector<std::string> pairs; ///< "COUNTED,RECHARGED", mAh
    std::string idle;               ///< "READ,ACTUAL" on the ground, mA; empty: not asked
    double charger_percent = 1.5;
    bool json = false;
};

int calibrate(const CalibrateOptions& options, std::ostream& out, std::ostream& err);

} // namespace sobremesa::cli
