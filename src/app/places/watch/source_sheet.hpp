#pragma once

#include "app/widgets/popover.hpp"
#include "link/address.hpp"

class QLineEdit;
class QPushButton;
class QSettings;

namespace sobremesa::app {

class ChoiceBox;
class TextLabel;

/// Where telemetry comes from: asked once, remembered.
class SourceSheet : public Popover {
    Q_OBJECT
public:
    SourceSheet(QSettings& settings, QWidget* parent);

signals:
    void chosen(const sobremesa::link::Address& address);

private:
    void showKind();
    void take();

    QSettings& settings_;
    ChoiceBox* kind_;
    QLineEdit* where_;
    TextLabel* help_;
    TextLabel* trouble_;
    QPushButton* browse_;
};

} // namespace sobremesa::app
