#pragma once

#include <QCoreApplication>
#include <QString>

namespace sobremesa::cli {

/// Texts of the lines that commands print for people, in the language of the desktop. Figures and names in them
/// come from the wording room.
struct Printed {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Printed)
};

} // namespace sobremesa::cli
