#pragma once

#include <QWidget>

class QProgressBar;
class QPushButton;

namespace sobremesa::app {

class TextLabel;

/// What cannot wait: what went wrong with a file, what was just done, or how far long work has come. It floats over
/// the lower right corner of its parent and pushes nothing.
///
/// A message goes with its cause: what was just done or refused is no news any more once something else is changed
/// or undone (`causeGone`). What holds until it is mended stays (`showLasting`).
class MessageBar : public QWidget {
    Q_OBJECT
public:
    explicit MessageBar(QWidget* parent = nullptr);
    void showTrouble(const QString& text);
    void showNote(const QString& text);
    /// Stays until it is closed or another message takes its place.
    void showLasting(const QString& text);
    void showProgress(const QString& text, double share);
    void clear();
    /// Something was changed or undone: a message older than this moment goes, except progress and what lasts.
    void causeGone();
    QString text() const;
    /// Progress is shown, rather than words.
    bool isWorking() const { return working_; }

signals:
    void cancelled();

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    void show(const QString& text, bool trouble, bool working);
    void settle();
    TextLabel* trouble_;
    TextLabel* note_;
    QProgressBar* progress_;
    QPushButton* button_;
    bool working_ = false;
    bool lasting_ = false;
    /// Shown in this turn of the event loop: the change that it speaks of may still be announced.
    bool fresh_ = false;
};

} // namespace sobremesa::app
