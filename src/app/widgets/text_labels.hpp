#pragma once

#include <QHash>
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
    /// One line, cut where there is no room: behind a whole part of a list ("… · …"), else with an ellipsis; the
    /// whole stays in the tool tip.
    void setElided();
    void setWordWrap(bool on);
    /// It takes the width of the column it stands in, whatever it says. Qt lays a wrapped text out seven times to
    /// find out how wide it would like to be, which is then of no use.
    void setFillsColumn();

    /// Laying a text out takes a third of a millisecond, and layouts ask for the same width repeatedly.
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void changeEvent(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    using QLabel::setText; // by setWords
    void dress();
    /// The words as the label takes them.
    QString dressed() const;
    void forget();
    Role role_;
    bool elided_ = false;
    bool fills_column_ = false;
    /// As the look wants it.
    QFont font_;
    QString words_;
    QString shape_;
    mutable QHash<int, int> heights_;
    mutable QSize hint_;
    mutable QSize least_;
};

} // namespace sobremesa::app
