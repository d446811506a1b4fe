// Precompiled for the rooms with Qt and without a window.
#pragma once

#include <QtCore>

#include "standard.hpp"
