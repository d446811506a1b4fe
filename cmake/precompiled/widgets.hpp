// Precompiled for the window.
#pragma once

#include <QtWidgets>
#include <qcustomplot.h>

#include "standard.hpp"
