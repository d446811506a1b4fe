// Precompiled for the tests without a window.
#pragma once

#include <QTest>
#include <QtCore>

#include "standard.hpp"
