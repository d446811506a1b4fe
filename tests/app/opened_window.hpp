#pragma once

#include <QApplication>
#include <QDragEnterEvent>
#include <QLabel>
#include <QMimeData>
#include <QTemporaryDir>
#include <QTest>

#include "app/shell/main_window.hpp"
#include "app/shell/message_bar.hpp"
#include "app/theme/look.hpp"
#include "support/eventually.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::tests {

/// Drops a file on a window, as a desktop does.
inline void drop(QWidget* target, const QString& path) {
    QMimeData files;
    files.setUrls({QUrl::fromLocalFile(path)});
    QDragEnterEvent enter(QPoint(400, 300), Qt::CopyAction, &files, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(target, &enter);
    QVERIFY(enter.isAccepted());
    QDropEvent event(QPointF(400, 300), Qt::CopyAction, &files, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(target, &event);
}

/// A real window on the demo data, with settings of its own.
class OpenedWindow {
public:
    OpenedWindow() : window_(settings_.path(), settings_.filePath(QStringLiteral("logbook.sqlite"))) {
        // The demo's plans without its flights: those that need them bring them in.
        window_.openFile(QStringLiteral(DEMO_DIR "/tarabilla-quarry.plan.json"));
        window_.openFile(QStringLiteral(DEMO_DIR "/alcaravan-west.plan.json"));
        window_.messages().clear();
        window_.resize(1280, 800);
        window_.show();
        if (!QTest::qWaitForWindowExposed(&window_)) qFatal("the window does not show");
        settle();
    }
    /// Until the newest request is a plan and the screen shows it.
    void settle() {
        if (!sobremesa::tests::eventually(
                [&] { return window_.planSession().plan() && window_.planSession().is_settled(); })) {
            qFatal("no plan");
        }
        QCoreApplication::processEvents();
    }
    void openLog(const char* name) {
        window_.openFile(QStringLiteral(DEMO_DIR "/") + QLatin1String(name));
        // Long: sanitizers and a busy machine make a log of seconds one of half a minute.
        if (!sobremesa::tests::eventually([&] { return !window_.debriefSession().is_opening(); })) qFatal("no log");
        QCoreApplication::processEvents();
    }
    /// The flights of the demo, filed, with their logs.
    void bringInFlights() {
        window_.bringIn(QStringLiteral(DEMO_DIR));
        if (!sobremesa::tests::eventually([&] { return window_.workspace().summaries().size() == 8; }))
            qFatal("no flights");
        QCoreApplication::processEvents();
    }
    /// In every theme, at the design's size and at the smallest with the largest text: nothing may ask for more
    /// room.
    void showInEveryLook() {
        app::Look& look = app::Look::instance();
        // Scale outside, theme inside: each change restyles everything that there is.
        for (const auto& [scale, size] : {std::pair(1.0, QSize(1280, 800)), std::pair(1.5, QSize(1024, 700))}) {
            look.setTextScale(scale);
            window_.resize(size);
            for (const app::Theme* theme : app::all_themes()) {
                look.setTheme(*theme);
                QTest::qWait(30);
                QCOMPARE(window_.size(), size);
            }
        }
        look.setTextScale(1.0);
    }
    /// Where its settings and its book are: a name of random letters, which may spell a unit.
    QString folder() const { return settings_.path(); }
    app::MainWindow& operator*() { return window_; }
    app::MainWindow* operator->() { return &window_; }
    template <class Widget>
    Widget* find(const char* name) {
        auto* found = window_.findChild<Widget*>(QLatin1String(name));
        if (!found) qFatal("there is no %s", name);
        return found;
    }
    /// What a label says to a reader.
    QString said(const char* name) { return find<QLabel>(name)->accessibleName(); }

private:
    QTemporaryDir settings_;
    app::MainWindow window_;
};

} // namespace sobremesa::tests
