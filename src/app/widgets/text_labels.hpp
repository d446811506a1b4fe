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
    void setRole(Role role);
    /// One line, cut with an ellipsis where there is no room; the whole stays in the tool tip.
    void setElided();

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    void dress();
    Role role_;
    bool elided_ = false;
    QString words_;
};

} // namespace sobremesa::app
