#pragma once

#include <QComboBox>

namespace sobremesa::app {

/// A choice among words, drawn like the other fields: an edge that can be seen, and an arrow.
class ChoiceBox : public QComboBox {
    Q_OBJECT
public:
    using QComboBox::QComboBox;

protected:
    void paintEvent(QPaintEvent* event) override;
};

} // namespace sobremesa::app
