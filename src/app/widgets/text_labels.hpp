#pragma once

#include <QLabel>

namespace sobremesa::app {

/// Text that follows theme and size: a quiet line, a heading, the answer's sentence, or a warning with its
/// triangle.
class TextLabel : public QLabel {
    Q_OBJECT
public:
    enum class Role { plain, quiet, heading, sentence, warning };
    explicit TextLabel(Role role, const QString& text = {}, QWidget* parent = nullptr);
    /// A sentence with its figures in <b>…</b>; other roles take it as it is.
    void setWords(const QString& words);

private:
    void dress();
    Role role_;
    QString words_;
};

} // namespace sobremesa::app
