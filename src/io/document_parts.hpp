#pragma once

#include <functional>
#include <string>
#include <vector>

#include "core/mission/plan_request.hpp"
#include "core/units/diagnostic.hpp"
#include "io/document_reader.hpp"

namespace sobremesa::io {

// The parts that plans, packs, aircraft and flights are written in; each document is made of them.

void read_aircraft(DocumentReader& in, airframe::Aircraft& aircraft);
void read_pack(DocumentReader& in, battery::Pack& pack);

nlohmann::json aircraft_to_json(const airframe::Aircraft& aircraft);
nlohmann::json pack_to_json(const battery::Pack& pack);
/// All of a request, without format and version.
nlohmann::json request_to_json(const mission::PlanRequest& request);
nlohmann::json optional_value(const std::optional<double>& value);

/// Reads one part of the document with its own reader, and keeps the first error and all unknown keys.
class Parts {
public:
    Parts(const nlohmann::json& document, const std::string& file);

    DocumentReader& root() { return root_; }
    void part(const char* key, bool required, const std::function<void(DocumentReader&)>& read);

    std::optional<units::Error> error;
    std::vector<units::Diagnostic> diagnostics;

private:
    DocumentReader root_;
    std::string file_;
};

/// Reads a request out of its parts.
/// @return the request, checked; what is wrong is in `parts.error` as well
units::Result<mission::PlanRequest> read_request(Parts& parts, const std::string& file);

} // namespace sobremesa::io
