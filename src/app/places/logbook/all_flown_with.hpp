#pragma once

#include <QWidget>

#include "session/workspace.hpp"

namespace sobremesa::app {

class ChoiceBox;

/// Aircraft and pack of several flights at once. Begins with those of the open plan.
class AllFlownWith : public QWidget {
    Q_OBJECT
public:
    /// @param object  begins the names of its fields: "many" of `manyAircraft`
    AllFlownWith(session::Workspace& workspace, const QString& object, QWidget* parent = nullptr);

    /// Begins with those of a flight instead.
    void choose(const book::KeptFlight& flight);
    /// What flights filed with these choices were flown with; the air is the open plan's.
    book::KeptFlight flown() const;

private:
    session::Workspace& workspace_;
    ChoiceBox* aircraft_;
    ChoiceBox* pack_;
};

} // namespace sobremesa::app
