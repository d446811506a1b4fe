#pragma once

#include "core/mission/plan_request.hpp"
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

/// Reads a request out of a document's root; what nobody asked for is with the reader.
/// @return the request, checked
units::Result<mission::PlanRequest> read_request(DocumentReader& in);

} // namespace sobremesa::io
