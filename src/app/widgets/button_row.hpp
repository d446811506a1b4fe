#pragma once

#include <QHBoxLayout>
#include <QPushButton>

namespace sobremesa::app {

/// Buttons beside one another, as high as they are and no wider.
class ButtonRow : public QHBoxLayout {
public:
    /// @param object  name for scripts and tests
    /// @param call    a function, or a member or signal of `receiver`
    template <class Receiver, class Call>
    QPushButton* add(const QString& text, const QString& object, Receiver* receiver, Call call) {
        auto* button = new QPushButton(text);
        button->setObjectName(object);
        QObject::connect(button, &QPushButton::clicked, receiver, call);
        addWidget(button);
        return button;
    }
};

} // namespace sobremesa::app
