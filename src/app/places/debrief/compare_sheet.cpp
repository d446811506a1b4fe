#include "app/places/debrief/compare_sheet.hpp"

#include <algorithm>
#include <cmath>

#include <QHBoxLayout>
#include <QHeaderView>
#include <QListWidget>
#include <QVBoxLayout>

#include "app/charts/energy_overlay.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/findings.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using session::Id;
using units::Quantity;

CompareSheet::CompareSheet(session::Workspace& workspace, const std::vector<Id>& first, QWidget* parent)
    : QDialog(parent), workspace_(workspace), tracks_(workspace), list_(new QListWidget), speed_(new NumberField),
      mass_(new NumberField), distance_(new NumberField), words_(new TextLabel(Role::sentence)),
      cells_(new CellModel(this)),
      table_(new DataTable(QStringLiteral("compareTable"), tr("Flights at equal distance, speed and mass"))),
      axis_(new ChoiceBox), difference_(new TextLabel(Role::plain)), overlay_(new EnergyOverlay) {
    const Look& look = Look::instance();
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName(QStringLiteral("compareSheet"));
    setWindowTitle(tr("Flights side by side"));
    resize(look.scaled(1080), look.scaled(680));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(look.scaled(20), look.scaled(16), look.scaled(20), look.scaled(16));
    row->setSpacing(look.scaled(20));
    auto* left = new QVBoxLayout;
    left->addWidget(new TextLabel(Role::heading, tr("Flights to compare")));
    list_->setObjectName(QStringLiteral("compareList"));
    list_->setAccessibleName(tr("Flights to compare"));
    list_->setFrameShape(QFrame::NoFrame);
    left->addWidget(list_, 1);
    auto* hint = new TextLabel(
        Role::quiet, tr("Those in italics do not show level flight in a known wind, for which one full circle is "
                        "enough: they are laid over the others, but not compared at equal speed and mass."));
    left->addWidget(hint);
    row->addLayout(left, 3);

    auto* right = new QVBoxLayout;
    right->setSpacing(look.scaled(10));
    right->addWidget(words_);
    auto* common = new QHBoxLayout;
    common->setSpacing(look.scaled(8));
    const auto& q = look.quantities();
    const auto field = [&](NumberField* edit, const QString& label, Quantity quantity, const char* name) {
        auto* text = new TextLabel(Role::quiet, label);
        text->setWordWrap(false);
        common->addWidget(text);
        edit->setObjectName(QLatin1String(name));
        edit->setAccessibleName(label);
        edit->setPlaceholderText(tr("mean"));
        edit->setMaximumWidth(look.scaled(80));
        common->addWidget(edit);
        auto* unit = new TextLabel(Role::quiet, q.notation(quantity).unit);
        unit->setWordWrap(false);
        common->addWidget(unit);
        common->addSpacing(look.scaled(8));
        connect(edit, &NumberField::unreadable, this, &CompareSheet::showComparison);
        connect(edit, &NumberField::valueEdited, this, [this] { showComparison(); });
    };
    field(speed_, tr("Airspeed"), Quantity::airspeed, "compareSpeed");
    field(mass_, tr("all-up mass"), Quantity::all_up_mass, "compareMass");
    field(distance_, tr("distance"), Quantity::ground_distance, "compareDistance");
    common->addStretch(1);
    right->addLayout(common);
    table_->setModel(cells_);
    table_->horizontalHeader()->setStretchLastSection(true);
    right->addWidget(table_);
    auto* along = new QHBoxLayout;
    along->setSpacing(look.scaled(12));
    axis_->setObjectName(QStringLiteral("compareAxis"));
    axis_->setAccessibleName(tr("Along"));
    axis_->addItems({tr("over distance"), tr("over time")});
    connect(axis_, &QComboBox::activated, this, &CompareSheet::showOverlay);
    axis_->setMinimumWidth(look.scaled(150));
    along->addWidget(axis_);
    difference_->setObjectName(QStringLiteral("compareDifference"));
    along->addWidget(difference_, 1);
    right->addLayout(along);
    overlay_->setObjectName(QStringLiteral("compareOverlay"));
    right->addWidget(overlay_, 1);
    connect(&tracks_, &session::EnergyTracks::changed, this, &CompareSheet::showOverlay);
    row->addLayout(right, 9);
    fill(first);
    connect(list_, &QListWidget::itemChanged, this, &CompareSheet::showComparison);
    showComparison();
}

void CompareSheet::fill(const std::vector<Id>& first) {
    std::set<Id> taken(first.begin(), first.end());
    std::vector<Id> ids;
    for (const auto& [id, summary] : workspace_.summaries()) {
        const bool used = telemetry::charge_used_ah(summary) || summary.energy.energy_wh;
        if (used && workspace_.library().flights.contains(id)) ids.push_back(id);
    }
    const auto& flights = workspace_.library().flights;
    const auto level = [&](Id id) { return !workspace_.summaries().at(id).level.empty(); };
    std::sort(ids.begin(), ids.end(), [&](Id a, Id b) {
        return flights.at(a).start_clock_s.value_or(0.0) > flights.at(b).start_clock_s.value_or(0.0);
    });
    if (taken.size() < 2 && !ids.empty()) {
        const auto another_of = [&](Id one) {
            return std::find_if(ids.begin(), ids.end(), [&](Id id) {
                return id != one && level(id) && flights.contains(one) &&
                       flights.at(id).aircraft_id == flights.at(one).aircraft_id;
            });
        };
        // Nothing chosen: the newest flight whose aircraft has flown another.
        const auto paired =
            std::find_if(ids.begin(), ids.end(), [&](Id id) { return level(id) && another_of(id) != ids.end(); });
        const Id one = !taken.empty() ? *taken.begin() : paired != ids.end() ? *paired : ids.front();
        taken.insert(one);
        if (const auto other = another_of(one); other != ids.end()) taken.insert(*other);
    }
    for (const Id id : ids) {
        auto* item = new QListWidgetItem(QString::fromStdString(flights.at(id).name), list_);
        item->setData(Qt::UserRole, qlonglong(id));
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsUserCheckable | Qt::ItemIsSelectable);
        item->setCheckState(taken.contains(id) ? Qt::Checked : Qt::Unchecked);
        if (level(id)) continue;
        QFont laid_over = list_->font();
        laid_over.setItalic(true);
        item->setFont(laid_over);
        item->setData(Qt::AccessibleDescriptionRole, tr("laid over the others only"));
    }
}

std::vector<Id> CompareSheet::taken() const {
    std::vector<Id> ids;
    for (int i = 0; i < list_->count(); ++i) {
        const Id id = list_->item(i)->data(Qt::UserRole).toLongLong();
        // One may have been removed behind the sheet.
        if (list_->item(i)->checkState() == Qt::Checked && workspace_.library().flights.contains(id) &&
            workspace_.summaries().contains(id))
            ids.push_back(id);
    }
    return ids;
}

debrief::EqualTerms CompareSheet::terms() const {
    const auto& q = Look::instance().quantities();
    const auto typed = [&](const NumberField* edit, Quantity quantity) -> std::optional<double> {
        const auto value = edit->value();
        if (!value || !(*value > 0.0)) return std::nullopt;
        return *value / q.notation(quantity).factor;
    };
    return {typed(speed_, Quantity::airspeed), typed(mass_, Quantity::all_up_mass),
            typed(distance_, Quantity::ground_distance)};
}

void CompareSheet::showOverlay() {
    std::vector<EnergyOverlay::Flight> flights;
    for (const Id id : taken())
        flights.push_back({QString::fromStdString(workspace_.library().flights.at(id).name), tracks_.track(id)});
    overlay_->setFlights(std::move(flights),
                         axis_->currentIndex() == 0 ? debrief::TrackAxis::distance : debrief::TrackAxis::time);
    difference_->setWords(tracks_.is_settled() ? overlay_->difference() : tr("Reading the logs…"));
}

void CompareSheet::showComparison() {
    tracks_.want(taken());
    showOverlay();
    std::vector<debrief::ComparedFlight> flights;
    for (const Id id : taken()) {
        const auto& kept = workspace_.library().flights.at(id);
        if (auto flight = debrief::compared_flight(kept.name, kept.flown, workspace_.summaries().at(id)))
            flights.push_back(std::move(*flight));
    }
    const auto compared = debrief::compare(flights, terms());
    const auto& q = Look::instance().quantities();
    if (!compared) {
        words_->setWords(taken().size() < 2 ? tr("Select two or more flights.")
                         : flights.size() < 2
                             ? tr("Laid over each other below. Only flights that show level flight in a known wind "
                                  "are compared at equal speed and mass.")
                             : wording::message(compared.error()));
        cells_->setCells({}, {});
        return;
    }
    words_->setWords(wording::comparison_sentence(*compared, q));
    std::vector<std::vector<Cell>> rows;
    // Whether two figures differ is a question of their errors: here they stand in the cell.
    const auto with_error = [&](const units::Explanation& why) {
        Cell cell = explained_cell(why);
        cell.text =
            tr("%1 %2", "figure, its error").arg(cell.text, q.error_text(why.quantity, why.value)).trimmed();
        return cell;
    };
    for (const auto& row : compared->rows) {
        const auto plain = [&](const QString& text, double sort) {
            Cell cell;
            cell.text = text;
            cell.sort = sort;
            cell.figure = true;
            cell.explanation = debrief::explain(row, Quantity::compared_energy_per_distance);
            return cell;
        };
        Cell name;
        name.text = QString::fromStdString(row.name);
        const double flown = row.flown_wh_per_m.value_or(std::nan(""));
        rows.push_back({name, plain(wording::written(flown, 0.0, q.notation(Quantity::energy_per_distance)), flown),
                        with_error(debrief::explain(row, Quantity::compared_energy_per_distance)),
                        plain(q.energy(row.energy_wh.value, row.energy_wh.sd), row.energy_wh.value),
                        plain(q.share(row.share_of_pack.value), row.share_of_pack.value),
                        with_error(debrief::explain(row, Quantity::compared_endurance))});
    }
    cells_->setCells({tr("flight"), tr("as flown"), tr("normalized"), tr("for that distance"), tr("of its pack"),
                      tr("endurance")},
                     std::move(rows));
    table_->fitColumns();
    constexpr int most_rows = 5;
    table_->setFixedHeight(table_->horizontalHeader()->sizeHint().height() +
                           std::min(cells_->rowCount(), most_rows) *
                               table_->verticalHeader()->defaultSectionSize() +
                           Look::instance().scaled(6));
    table_->setVerticalScrollBarPolicy(cells_->rowCount() > most_rows ? Qt::ScrollBarAsNeeded
                                                                      : Qt::ScrollBarAlwaysOff);
}

} // namespace sobremesa::app
