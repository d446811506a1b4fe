#include "app/places/fleet/what_if_page.hpp"

#include <cmath>

#include <QGridLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QSlider>

#include "app/charts/curve_change_chart.hpp"
#include "app/charts/headroom_chart.hpp"
#include "app/charts/reach_rings.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/reach.hpp"
#include "core/mission/winds.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/aircraft.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

/// Position of a slider whose hundredth part is a percent of what is: nothing changed.
constexpr int percent_still = 100;

bool always(const FlownWith&) {
    return true;
}

} // namespace

WhatIfPage::WhatIfPage(session::LearningSession& learning, session::PlanSession& plan, session::SunSession& sun,
                       QWidget* parent)
    : QWidget(parent), learning_(learning), plan_(plan), sun_(sun) {
    setObjectName(QStringLiteral("whatIfPage"));
    Fold::fill(*this, {tr("Change"), makeDials(), 6}, {tr("Result"), makeOutcome(), 9});
    connect(&learning_, &session::LearningSession::changed, this, &WhatIfPage::refresh);
    connect(&plan_, &session::PlanSession::requestChanged, this, &WhatIfPage::refresh);
    connect(&sun_, &session::SunSession::changed, this, [this] {
        if (with_) showSun();
    });
    connect(&Look::instance(), &Look::changed, this, &WhatIfPage::refresh);
    refresh();
}

void WhatIfPage::addDial(QGridLayout* grid, const QString& label, const char* object, int from, int to, Dial dial) {
    const Look& look = Look::instance();
    const int line = grid->rowCount();
    dial.label = new TextLabel(Role::plain, label);
    dial.label->setWordWrap(false);
    grid->addWidget(dial.label, line, 0);
    dial.slider = new QSlider(Qt::Horizontal);
    dial.slider->setObjectName(QLatin1String(object));
    dial.slider->setAccessibleName(label);
    dial.slider->setRange(from, to);
    dial.slider->setValue(dial.still);
    dial.slider->setMinimumHeight(look.scaled(26));
    grid->addWidget(dial.slider, line, 1);
    dial.value = new TextLabel(Role::plain);
    dial.value->setWordWrap(false);
    dial.value->setMinimumWidth(look.scaled(84));
    dial.value->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    grid->addWidget(dial.value, line, 2);
    connect(dial.slider, &QSlider::valueChanged, this, &WhatIfPage::showOutcome);
    dials_.push_back(std::move(dial));
}

QWidget* WhatIfPage::makeDials() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(10));
    name_ = new TextLabel(Role::heading);
    name_->setObjectName(QStringLiteral("whatIfName"));
    column->addWidget(name_);
    column->addWidget(new TextLabel(Role::quiet, tr("What would change with another pack, without the camera, or "
                                                    "higher up? Nothing here changes the aircraft.")));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(look.scaled(12));
    grid->setVerticalSpacing(look.scaled(8));
    grid->setColumnStretch(1, 1);
    addMassDials(grid);
    addAirframeDials(grid);
    addArrayDials(grid);
    addAirDials(grid);
    column->addLayout(grid);
    auto* back = new QPushButton(tr("Reset"));
    back->setObjectName(QStringLiteral("whatIfReset"));
    back->setToolTip(tr("Resets every slider"));
    connect(back, &QPushButton::clicked, this, &WhatIfPage::rest);
    column->addWidget(back, 0, Qt::AlignLeft);
    column->addSpacing(look.scaled(8));
    column->addWidget(new TextLabel(Role::heading, tr("Power against airspeed")));
    column->addWidget(new TextLabel(Role::quiet, tr("Dashed before, solid after. Square: best endurance; round: "
                                                    "best range in the wind of the open plan.")));
    curves_ = new CurveChangeChart;
    curves_->setObjectName(QStringLiteral("whatIfCurves"));
    column->addWidget(curves_, 1);
    return new ScrollColumn(inside);
}

void WhatIfPage::addMassDials(QGridLayout* grid) {
    const auto mass = [](double kg) { return Look::instance().quantities().text(Quantity::pack_mass, {kg, 0.0}); };
    addDial(grid, tr("Pack"), "dialPack", 40, 220,
            {{},
             {},
             {},
             shareOf([](const FlownWith& w) { return w.as.pack.mass_kg; }),
             percent_still,
             mass,
             [](matching::Change& c, double v) { c.pack_mass_kg = v; },
             always});
    addDial(grid, tr("Camera, payload"), "dialPayload", -60, 60,
            {{},
             {},
             {},
             [](int p) { return 0.01 * p; },
             0,
             mass,
             [](matching::Change& c, double v) { c.extra_mass_kg = v; },
             always});
    addDial(grid, tr("Electronics"), "dialElectronics", -20, 40,
            {{},
             {},
             {},
             [](int p) { return 0.5 * p; },
             0,
             [](double w) {
                 return Look::instance().quantities().text(Quantity::electronics_power, {w, 0.0});
             },
             [](matching::Change& c, double v) { c.extra_electronics_w = v; },
             always});
}

void WhatIfPage::addAirframeDials(QGridLayout* grid) {
    const auto is_wing = [](const FlownWith& w) {
        return w.aircraft.craft == airframe::Craft::wing && w.aircraft.wing.area_m2.has_value();
    };
    const auto is_rotor = [](const FlownWith& w) {
        return w.aircraft.craft == airframe::Craft::rotor && w.aircraft.rotor.propeller_diameter_m.has_value();
    };
    const auto millimetres = [](double m) { return wording::written(m, 0.0, {1000.0, tr("mm"), 0}); };
    addDial(grid, tr("Propellers"), "dialPropellers", 50, 180,
            {{},
             {},
             {},
             shareOf([](const FlownWith& w) { return w.aircraft.rotor.propeller_diameter_m.value_or(0.0); }),
             percent_still,
             millimetres,
             [](matching::Change& c, double v) { c.propeller_diameter_m = v; },
             is_rotor});
    static constexpr double usual_rotors = 4.0;
    addDial(grid, tr("Rotors"), "dialRotors", -1, 4,
            {{},
             {},
             {},
             stepsFrom([](const FlownWith& w) { return w.aircraft.rotor.rotors.value_or(usual_rotors); }, 1.0, 3.0,
                       12.0),
             0,
             [](double n) {
                 return wording::written(n, 0.0, {1.0, {}, 0});
             },
             [](matching::Change& c, double v) { c.rotors = v; },
             is_rotor});
    addDial(grid, tr("Wing area"), "dialWing", 60, 180,
            {{},
             {},
             {},
             shareOf([](const FlownWith& w) { return w.aircraft.wing.area_m2.value_or(0.0); }),
             percent_still,
             [](double a) {
                 return wording::written(a, 0.0, {100.0, tr("dm²"), 1});
             },
             [](matching::Change& c, double v) { c.wing_area_m2 = v; },
             is_wing});
}

void WhatIfPage::addArrayDials(QGridLayout* grid) {
    const auto has_array = [](const FlownWith& w) { return w.aircraft.array.has_value(); };
    addDial(grid, tr("Solar cells"), "dialCells", 20, 200,
            {{},
             {},
             {},
             shareOf([](const FlownWith& w) { return w.aircraft.array ? w.aircraft.array->cell_area_m2 : 0.0; }),
             percent_still,
             [this](double a) {
                 const auto& array = with_ ? with_->aircraft.array : std::nullopt;
                 const double others = array ? double(array->cells_series) * array->strings : 1.0;
                 return wording::written(a * others, 0.0, {100.0, tr("dm²"), 1});
             },
             [](matching::Change& c, double v) { c.cell_area_m2 = v; },
             has_array});
    constexpr double most_in_series = 200.0;
    addDial(grid, tr("Cells in series"), "dialSeries", -12, 12,
            {{},
             {},
             {},
             stepsFrom([](const FlownWith& w) { return w.aircraft.array ? w.aircraft.array->cells_series : 1.0; },
                       1.0, 1.0, most_in_series),
             0,
             [](double n) {
                 return wording::written(n, 0.0, {1.0, {}, 0});
             },
             [](matching::Change& c, double v) { c.cells_series = v; },
             has_array});
    constexpr double least_efficiency = 0.5;
    constexpr double most_efficiency = 0.99;
    addDial(
        grid, tr("Converter efficiency"), "dialConverter", -20, 10,
        {{},
         {},
         {},
         stepsFrom(
             [](const FlownWith& w) { return sun::efficiency(w.aircraft.converter.value_or(sun::Converter{})); },
             0.01, least_efficiency, most_efficiency),
         0,
         [](double share) {
             return wording::written(share, 0.0, {100.0, tr("%"), 0});
         },
         [](matching::Change& c, double v) { c.converter_efficiency = v; },
         [](const FlownWith& w) {
             return w.aircraft.array && w.aircraft.converter &&
                    w.aircraft.converter->kind != sun::ConverterKind::direct;
         }});
}

void WhatIfPage::addAirDials(QGridLayout* grid) {
    addDial(grid, tr("Higher by"), "dialHeight", 0, 60,
            {{},
             {},
             {},
             [](int p) { return 50.0 * p; },
             0,
             [](double m) { return Look::instance().quantities().height(m); },
             [this](matching::Change& c, double v) {
                 if (with_) c.height_m = with_->as.height_m + v;
             },
             always});
    addDial(grid, tr("Warmer by"), "dialTemperature", -40, 30,
            {{},
             {},
             {},
             [](int p) { return double(p); },
             0,
             [](double k) {
                 return wording::written(k, 0.0, {1.0, tr("K"), 0});
             },
             [this](matching::Change& c, double v) {
                 if (with_) c.temperature_c = with_->as.temperature_c + v;
             },
             always});
}

std::function<double(int)> WhatIfPage::shareOf(double (*base)(const FlownWith&)) const {
    return [this, base](int position) { return with_ ? base(*with_) * position / double(percent_still) : 0.0; };
}

std::function<double(int)> WhatIfPage::stepsFrom(double (*base)(const FlownWith&), double step, double least,
                                                 double most) const {
    return [this, base, step, least, most](int position) {
        return with_ ? std::clamp(base(*with_) + step * position, least, most) : 0.0;
    };
}

QWidget* WhatIfPage::makeOutcome() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(20), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(8));
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("whatIfSentence"));
    column->addWidget(sentence_);
    cells_ = new CellModel(this);
    table_ = new DataTable(QStringLiteral("whatIfTable"), tr("Before and after"));
    table_->setModel(cells_);
    table_->horizontalHeader()->setStretchLastSection(true);
    table_->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    column->addWidget(table_);
    column->addWidget(new Hairline(Qt::Horizontal));
    auto* pictures = new QHBoxLayout;
    pictures->setSpacing(look.scaled(20));
    auto* reach = new QVBoxLayout;
    reach->addWidget(new TextLabel(Role::heading, tr("Reach in the plan's wind")));
    rings_ = new ReachRings;
    rings_->setObjectName(QStringLiteral("whatIfReach"));
    reach->addWidget(rings_, 1);
    pictures->addLayout(reach, 5);
    auto* headroom = new QVBoxLayout;
    headroom->addWidget(new TextLabel(Role::heading, tr("Headroom with the plan's pack, unchanged")));
    headroom_words_ = new TextLabel(Role::plain);
    headroom_words_->setObjectName(QStringLiteral("headroomWords"));
    headroom->addWidget(headroom_words_);
    headroom_ = new HeadroomChart;
    headroom_->setObjectName(QStringLiteral("headroomChart"));
    headroom->addWidget(headroom_, 1);
    pictures->addLayout(headroom, 6);
    column->addLayout(pictures, 1);
    return panel;
}

void WhatIfPage::rest() {
    for (const Dial& dial : dials_) dial.slider->setValue(dial.still);
}

void WhatIfPage::refresh() {
    with_ = flown_with(learning_, plan_);
    name_->setWords(with_ ? wording::title(with_->aircraft) : tr("No aircraft is chosen"));
    for (Dial& dial : dials_) {
        const bool fits = with_ && dial.fits(*with_);
        for (QWidget* part : {static_cast<QWidget*>(dial.label), static_cast<QWidget*>(dial.slider),
                              static_cast<QWidget*>(dial.value)})
            part->setVisible(fits);
    }
    const auto room = with_ ? matching::headroom(with_->aircraft, with_->curve, with_->as) : std::nullopt;
    headroom_words_->setWords(with_ ? wording::headroom_sentence(room, Look::instance().quantities()) : QString());
    headroom_->setHeadroom(room);
    headroom_->setVisible(room.has_value());
    showOutcome();
}

matching::Change WhatIfPage::change() const {
    matching::Change change;
    for (const Dial& dial : dials_) {
        if (with_ && dial.fits(*with_) && dial.slider->value() != dial.still)
            dial.apply(change, dial.value_at(dial.slider->value()));
    }
    return change;
}

void WhatIfPage::showCurves(const matching::Outcome& before, const matching::Outcome& after) {
    constexpr int steps = 60;
    const auto side = [&](const matching::Outcome& outcome, const matching::Change& change) {
        return CurveChangeChart::Side{
            airframe::sampled(matching::changed_curve(with_->aircraft, with_->curve, change),
                              matching::speed_question(with_->as, outcome), steps),
            outcome.speeds};
    };
    curves_->setShown(CurveChangeChart::Shown{side(before, {}), side(after, change())});
}

void WhatIfPage::showReach() {
    constexpr int bearings = 72;
    const auto& request = plan_.request();
    reach_job_.start(
        [before = matching::changed_request(request, with_->aircraft, with_->curve),
         after = matching::changed_request(request, with_->aircraft, with_->curve, change())](
            const std::stop_token& stop) -> std::shared_ptr<const ReachRings::Shown> {
            const auto was = mission::reach(before, bearings, stop);
            const auto is = mission::reach(after, bearings, stop);
            if (!was || !is) return nullptr;
            const auto wind = mission::air_column(after).steady(after.mission.height_m);
            return std::make_shared<const ReachRings::Shown>(
                ReachRings::Shown{*was, *is, wind.speed_mps, wind.from_deg});
        },
        [this](std::shared_ptr<const ReachRings::Shown> shown) { rings_->setShown(std::move(shown)); });
}

void WhatIfPage::showOutcome() {
    if (!with_) {
        sentence_->setWords(tr("Select an aircraft in the list."));
        cells_->setCells({}, {});
        curves_->setShown(std::nullopt);
        rings_->setShown(nullptr);
        return;
    }
    for (const Dial& dial : dials_) dial.value->setWords(dial.written(dial.value_at(dial.slider->value())));
    const auto before = matching::outcome_of(with_->aircraft, with_->curve, with_->as);
    const auto after = matching::outcome_of(with_->aircraft, with_->curve, with_->as, change());
    if (!before || !after) return;
    showCurves(*before, *after);
    showReach();
    sentence_->setWords(wording::what_if_sentence(*before, *after, Look::instance().quantities()));
    showTable();
    showSun();
}

void WhatIfPage::showSun() {
    const auto question = sun_.questionThere();
    if (!with_->aircraft.array || !question) {
        sun_days_.reset();
        showTable();
        return;
    }
    auto asked = *question;
    asked.changes = false;
    const auto& request = plan_.request();
    sun_job_.start(
        [asked, before = matching::changed_request(request, with_->aircraft, with_->curve),
         after = matching::changed_request(request, with_->aircraft, with_->curve, change())](
            const std::stop_token&) -> std::shared_ptr<const SunDays> {
            const auto was = matching::sun_day(before, asked);
            const auto is = matching::sun_day(after, asked);
            return was && is ? std::make_shared<const SunDays>(SunDays{*was, *is}) : nullptr;
        },
        [this](std::shared_ptr<const SunDays> days) {
            sun_days_ = std::move(days);
            showTable();
        });
}

void WhatIfPage::showTable() {
    if (!with_) return;
    const auto before = matching::outcome_of(with_->aircraft, with_->curve, with_->as);
    const auto after = matching::outcome_of(with_->aircraft, with_->curve, with_->as, change());
    if (!before || !after) return;
    const auto& q = Look::instance().quantities();
    std::vector<std::vector<Cell>> rows;
    for (const auto& line : matching::compare_outcomes(*before, *after)) {
        Cell name;
        name.text = wording::name(line.quantity);
        Cell change_cell = explained_cell(line.ratio_explanation);
        change_cell.text = wording::change_text(line.ratio, q);
        rows.push_back({name, explained_cell(line.before), explained_cell(line.after), change_cell});
    }
    if (sun_days_ && with_->aircraft.array) {
        const std::pair<Quantity, QString> day[] = {{Quantity::array_power, tr("array at noon")},
                                                    {Quantity::sustained_time, tr("sustained by the sun")},
                                                    {Quantity::endurance, tr("endurance in the sun")}};
        for (const auto& [quantity, caption] : day) {
            const auto was = matching::explain(sun_days_->before, quantity);
            const auto is = matching::explain(sun_days_->after, quantity);
            if (!was || !is) continue;
            Cell difference;
            difference.figure = true;
            const double more = is->value.value - was->value.value;
            constexpr double unchanged_s = 30.0;
            // Watts as a share; times as what they are, since from nothing there is no share.
            if (quantity == Quantity::array_power) {
                difference.text = was->value.value > 0.0
                                      ? wording::change_text(matching::ratio(is->value, was->value), q)
                                      : QStringLiteral("–");
            } else {
                difference.text = std::abs(more) < unchanged_s
                                      ? wording::change_text({1.0, 0.0}, q)
                                      : tr("%1%2", "sign, duration")
                                            .arg(more < 0.0 ? QStringLiteral("−") : QStringLiteral("+"),
                                                 q.duration(std::abs(more)));
            }
            rows.push_back({text_cell(caption), explained_cell(*was), explained_cell(*is), difference});
        }
    }
    cells_->setCells({tr("quantity"), tr("before"), tr("after"), tr("difference")}, std::move(rows));
    table_->fitColumns(200, 340);
    table_->setFixedHeight(table_->horizontalHeader()->sizeHint().height() +
                           cells_->rowCount() * table_->verticalHeader()->defaultSectionSize() +
                           Look::instance().scaled(6));
}

} // namespace sobremesa::app
