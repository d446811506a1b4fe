// Precompiled for the rooms that read and write documents.
#pragma once

#include <nlohmann/json.hpp>

#include "standard.hpp"
