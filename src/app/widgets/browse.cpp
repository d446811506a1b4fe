#include "app/widgets/browse.hpp"

#include <QFileDialog>
#include <QFileInfo>
#include <QPointer>
#include <QStandardPaths>

namespace sobremesa::app {

void browse_for_file(QWidget* asker, const QString& title, const QString& now, const QString& filter,
                     std::function<void(const QString&)> chosen) {
    const QPointer<QWidget> sheet = asker->window();
    const bool hangs = sheet->windowType() == Qt::Popup && sheet->parentWidget();
    auto* dialog = new QFileDialog(hangs ? sheet->parentWidget()->window() : sheet.data(), title);
    dialog->setObjectName(QStringLiteral("browseDialog"));
    dialog->setAttribute(Qt::WA_DeleteOnClose);
    dialog->setFileMode(QFileDialog::ExistingFile);
    dialog->setNameFilter(filter);
    const QFileInfo file(now);
    dialog->setDirectory(now.isEmpty() ? QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation)
                                       : file.absolutePath());
    if (file.isFile()) dialog->selectFile(file.fileName());
    QObject::connect(dialog, &QFileDialog::fileSelected, asker, std::move(chosen));
    // A sheet takes every click while it is open.
    if (hangs) sheet->hide();
    QObject::connect(dialog, &QFileDialog::finished, dialog, [sheet, hangs] {
        if (hangs && sheet) sheet->show();
    });
    dialog->open();
}

} // namespace sobremesa::app
