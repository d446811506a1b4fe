// Precompiled for the tests that drive the window.
#pragma once

#include <QTest>

#include "widgets.hpp"
