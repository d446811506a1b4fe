// Leaving the open logbook, by closing the window or opening another book: nothing that was said to be kept is lost
// without the pilot's word.

#include <memory>
#include <utility>

#include <QCloseEvent>
#include <QMessageBox>
#include <QPushButton>

#include "app/shell/main_window.hpp"
#include "app/shell/message_bar.hpp"
#include "wording/messages.hpp"

namespace sobremesa::app {

namespace {
/// Shorter than this it is not worth a word.
constexpr int patience_ms = 500;
} // namespace

void MainWindow::leaveBook(std::function<void()> then) {
    auto& worker = workspace_.worker();
    reader_.cancel();
    workspace_.hurry(patience_ms);
    if (worker.waiting() == 0) {
        leaving_ = nullptr;
        then();
        return;
    }
    leaving_ = std::move(then);
    if (worker.heldUp() > 0)
        askToLose();
    else
        messages_->showProgress(tr("Saving the last changes to the logbook"), 0.0);
}

void MainWindow::goOnLeaving() {
    if (!leaving_ || asking_) return;
    messages_->clear();
    leaveBook(std::exchange(leaving_, nullptr));
}

void MainWindow::askToLose() {
    if (asking_) return;
    asking_ = new QMessageBox(this);
    asking_->setObjectName(QStringLiteral("leavingBox"));
    asking_->setAttribute(Qt::WA_DeleteOnClose);
    const auto held_up = workspace_.worker().heldUp();
    asking_->setText(
        tr("%n change(s) could not be written to the logbook and would be lost.", nullptr, int(held_up)));
    asking_->setInformativeText(wording::message(workspace_.worker().trouble()));
    auto* again = asking_->addButton(tr("Try again"), QMessageBox::AcceptRole);
    auto* lose = asking_->addButton(tr("Discard them"), QMessageBox::DestructiveRole);
    auto* stay = asking_->addButton(tr("Keep working"), QMessageBox::RejectRole);
    asking_->setDefaultButton(again);
    asking_->setEscapeButton(stay);
    connect(asking_, &QMessageBox::finished, this, [this, again, lose, box = asking_] {
        if (box != asking_) return;
        const auto* clicked = box->clickedButton();
        const auto then = std::exchange(leaving_, nullptr);
        asking_ = nullptr;
        if (clicked == again) leaveBook(then);
        if (clicked != lose) return;
        workspace_.worker().loseWaiting();
        then();
    });
    asking_->open();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    const auto in_here = std::make_shared<bool>(true);
    if (!may_close_) {
        leaveBook([this, in_here] {
            may_close_ = true;
            // Later: another close event, which finds nothing left to do.
            if (!*in_here) close();
        });
    }
    *in_here = false;
    if (!std::exchange(may_close_, false)) {
        event->ignore();
        return;
    }
    remember();
    QMainWindow::closeEvent(event);
}

} // namespace sobremesa::app
