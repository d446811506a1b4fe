#pragma once

#include <QWidget>

class QProgressBar;
class QPushButton;

namespace sobremesa::app {

class TextLabel;

/// A line under the setting for what cannot wait: what went wrong with a file, or how far long work has come.
class MessageBar : public QWidget {
    Q_OBJECT
public:
    explicit MessageBar(QWidget* parent = nullptr);
    void showTrouble(const QString& text);
    void showNote(const QString& text);
    void showProgress(const QString& text, double share);
    void clear();
    QString text() const;
    /// Progress is shown, rather than words.
    bool isWorking() const { return working_; }

signals:
    void cancelled();

private:
    void show(const QString& text, bool trouble, bool working);
    TextLabel* trouble_;
    TextLabel* note_;
    QProgressBar* progress_;
    QPushButton* button_;
    bool working_ = false;
};

} // namespace sobremesa::app
