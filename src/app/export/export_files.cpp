#include "app/export/export_files.hpp"

#include <QApplication>
#include <QClipboard>
#include <QFileInfo>
#include <QImage>
#include <QMimeData>
#include <QPdfWriter>
#include <QSaveFile>
#include <QSvgGenerator>
#include <QWidget>

#include "app/widgets/data_table.hpp"
#include "io/text_file.hpp"

namespace sobremesa::app {

namespace {

/// Twice the screen's pixels, so that a print is sharp.
constexpr double picture_ratio = 2.0;

units::Error unwritable(const QString& path, const QString& reason) {
    units::Error error;
    error.code = units::ErrorCode::file_unwritable;
    error.where.file = path.toStdString();
    error.parameters = {{"reason", reason.toStdString()}};
    return error;
}

QImage picture_of(ShownChart& chart) {
    QImage image(chart.shownSize() * picture_ratio, QImage::Format_ARGB32_Premultiplied);
    image.setDevicePixelRatio(picture_ratio);
    image.fill(Qt::white);
    chart.paintInto(image, chart.shownSize());
    return image;
}

QString csv_of_chart(const ShownChart& chart) {
    const ShownTable table = chart.shownTable();
    CellModel model;
    model.setCells(table.headers, table.rows);
    return csv_of(model);
}

units::Result<void> write_text(const QString& path, const QString& text) {
    auto written = io::write_text_file(path.toStdString(), text.toStdString());
    if (!written) return tl::unexpected(written.error());
    return {};
}

} // namespace

ShownChart* chart_of(QWidget* widget) {
    for (; widget; widget = widget->parentWidget()) {
        if (auto* chart = dynamic_cast<ShownChart*>(widget)) return chart;
    }
    return nullptr;
}

void copy_chart(ShownChart& chart) {
    auto* both = new QMimeData;
    both->setImageData(picture_of(chart));
    QString text = csv_of_chart(chart);
    text.remove(QLatin1Char('\r'));
    both->setText(text);
    QApplication::clipboard()->setMimeData(both);
}

units::Result<void> export_chart(ShownChart& chart, const QString& path) {
    const QString ending = QFileInfo(path).suffix().toLower();
    if (ending == QStringLiteral("csv")) return write_text(path, csv_of_chart(chart));
    QSaveFile file(path);
    if (ending != QStringLiteral("png") && ending != QStringLiteral("svg") && ending != QStringLiteral("pdf")) {
        return units::failure(units::ErrorCode::word_unknown, {path.toStdString(), {}, {}, {}},
                              {{"word", ending.toStdString()}, {"allowed", std::string("png, svg, pdf, csv")}});
    }
    if (!file.open(QIODevice::WriteOnly)) return tl::unexpected(unwritable(path, file.errorString()));
    if (ending == QStringLiteral("png")) {
        picture_of(chart).save(&file, "PNG");
    } else if (ending == QStringLiteral("svg")) {
        QSvgGenerator svg;
        svg.setOutputDevice(&file);
        svg.setSize(chart.shownSize());
        svg.setViewBox(QRect(QPoint(), chart.shownSize()));
        svg.setTitle(chart.shownTable().title);
        chart.paintInto(svg, chart.shownSize());
    } else {
        QPdfWriter pdf(&file);
        pdf.setTitle(chart.shownTable().title);
        pdf.setPageSize(QPageSize(QSizeF(chart.shownSize()) * 0.75, QPageSize::Point));
        pdf.setPageMargins({});
        pdf.setResolution(96);
        chart.paintInto(pdf, chart.shownSize());
    }
    if (!file.commit()) return tl::unexpected(unwritable(path, file.errorString()));
    return {};
}

units::Result<void> export_table(const QAbstractItemModel& table, const QString& path) {
    return write_text(path, csv_of(table));
}

} // namespace sobremesa::app
