#include "app/places/fleet/curve_page.hpp"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/charts/curve_chart.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/mass_bar.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/aircraft.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using units::Quantity;

CurvePage::CurvePage(session::LearningSession& learning, session::PlanSession& plan, QWidget* parent)
    : QWidget(parent), learning_(learning), plan_(plan) {
    setObjectName(QStringLiteral("curvePage"));
    Fold::fill(*this, {tr("Curve"), makeChart(), 9}, {tr("Speeds to fly"), makeReading(), 6});
    connect(&learning_, &session::LearningSession::changed, this, &CurvePage::refresh);
    connect(&plan_, &session::PlanSession::requestChanged, this, &CurvePage::refresh);
    connect(&Look::instance(), &Look::changed, this, &CurvePage::refresh);
    refresh();
}

QWidget* CurvePage::makeChart() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(8));
    name_ = addWords(*column, Role::heading, "curveName");
    sentence_ = addWords(*column, Role::sentence, "curveSentence");
    chart_ = new CurveChart;
    chart_->setObjectName(QStringLiteral("curveChart"));
    column->addWidget(chart_, 1);
    price_ = addWords(*column, Role::quiet, "speedPrice");
    connect(chart_, &CurveChart::speedChosen, this, &CurvePage::showPrice);
    return panel;
}

QWidget* CurvePage::makeReading() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(20), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(8));
    addSpeeds(*column);
    column->addWidget(new Hairline(Qt::Horizontal));
    addMass(*column);
    column->addWidget(new Hairline(Qt::Horizontal));
    addFitted(*column);
    column->addWidget(new Hairline(Qt::Horizontal));
    column->addWidget(new TextLabel(Role::heading, tr("Ten-minute test flight")));
    step_test_ = addWords(*column, Role::plain, "stepTest");
    column->addStretch(1);
    return new ScrollColumn(inside);
}

TextLabel* CurvePage::addWords(QVBoxLayout& column, Role role, const char* name) {
    auto* words = new TextLabel(role);
    words->setObjectName(QLatin1String(name));
    column.addWidget(words);
    return words;
}

CurvePage::SpeedField CurvePage::addSpeedField(QVBoxLayout& column, const QString& label, const char* name) {
    const Look& look = Look::instance();
    auto* line = new QHBoxLayout;
    line->setSpacing(look.scaled(8));
    auto* words = new TextLabel(Role::plain, label);
    words->setWordWrap(false);
    line->addWidget(words);
    auto* field = new NumberField;
    field->setObjectName(QLatin1String(name));
    field->setAccessibleName(label);
    field->setMaximumWidth(look.scaled(70));
    line->addWidget(field);
    auto* unit = new TextLabel(Role::quiet);
    line->addWidget(unit, 1);
    column.addLayout(line);
    connect(field, &NumberField::valueEdited, this, [this] { refresh(); });
    connect(field, &NumberField::unreadable, this, [this] { refresh(); });
    return {field, unit};
}

void CurvePage::addSpeeds(QVBoxLayout& column) {
    column.addWidget(new TextLabel(Role::heading, tr("Speeds to fly")));
    figures_ = new FigureRow(4);
    column.addWidget(figures_);
    head_wind_ = addSpeedField(column, tr("Headwind"), "curveHeadWind");
    head_wind_.field->setAccessibleName(tr("Headwind; negative for a tailwind"));
    legs_ = addWords(column, Role::plain, "curveLegs");
    ground_ = addSpeedField(column, tr("Wanted ground speed"), "wantedGroundSpeed");
    go_ = addWords(column, Role::plain, "goOrNoGo");
}

void CurvePage::addMass(QVBoxLayout& column) {
    column.addWidget(new TextLabel(Role::heading, tr("All-up mass")));
    mass_bar_ = new MassBar;
    mass_bar_->setObjectName(QStringLiteral("massBar"));
    column.addWidget(mass_bar_);
    mass_ = addWords(column, Role::quiet, "curveMass");
}

void CurvePage::addFitted(QVBoxLayout& column) {
    column.addWidget(new TextLabel(Role::heading, tr("Fitted from its flights")));
    fitted_ = addWords(column, Role::plain, "curveFitted");
    auto* buttons = new QHBoxLayout;
    learn_ = new QPushButton(tr("Use this curve for the aircraft"));
    learn_->setObjectName(QStringLiteral("learnCurveButton"));
    connect(learn_, &QPushButton::clicked, &learning_, &session::LearningSession::learn);
    buttons->addWidget(learn_);
    forget_ = new QPushButton(tr("Discard the fit"));
    forget_->setObjectName(QStringLiteral("forgetCurveButton"));
    forget_->setToolTip(tr("Plans use the known cruise alone again"));
    connect(forget_, &QPushButton::clicked, &learning_, &session::LearningSession::forget);
    buttons->addWidget(forget_);
    buttons->addStretch(1);
    column.addLayout(buttons);
    unknown_ = addWords(column, Role::quiet, "curveUnknown");
}

void CurvePage::refresh() {
    with_ = flown_with(learning_, plan_);
    const bool any = with_.has_value();
    const auto& q = Look::instance().quantities();
    const auto notation = q.notation(Quantity::wind_speed);
    head_wind_.unit->setWords(notation.unit);
    if (!any) {
        name_->setWords(tr("No aircraft is chosen"));
        sentence_->setWords(tr("Select an aircraft in the list; its curve starts from one cruise and improves with "
                               "every filed flight."));
        chart_->setShown(std::nullopt);
        return;
    }
    for (NumberField* field : {head_wind_.field, ground_.field}) field->setUnit(notation.unit);
    if (const auto typed = head_wind_.field->value()) {
        with_->question.head_wind_mps = *typed / notation.factor;
        with_->question.cross_wind_mps = 0.0;
    } else if (!head_wind_.field->hasFocus()) {
        head_wind_.field->setValue(with_->question.head_wind_mps * notation.factor, 1);
    }
    name_->setWords(wording::title(with_->aircraft));
    showSpeeds(*with_);
    showLearned(*with_);
    showPrice(chart_->chosenSpeed());
}

void CurvePage::showSpeeds(const FlownWith& with) {
    const auto& q = Look::instance().quantities();
    const auto speeds = airframe::speeds_to_fly(with.aircraft, with.curve, with.question);
    sentence_->setWords(wording::speeds_sentence(speeds, with.question, q));
    CurveChart::Shown shown{with.curve, with.question, speeds, {}, {}};
    const auto observations = learning_.observations();
    for (std::size_t i = 0; i < observations->observations.size(); ++i) {
        const auto& outliers = observations->fit.outliers;
        const bool apart = std::find(outliers.begin(), outliers.end(), i) != outliers.end();
        auto& into = apart ? shown.apart : shown.points;
        // At the airspeeds that the fit found along with the curve.
        if (i >= observations->fit.flown.size()) continue;
        const auto& flown = observations->fit.flown[i];
        into.insert(into.end(), flown.begin(), flown.end());
    }
    chart_->setShown(std::move(shown));
    const auto explained = [&](const std::optional<airframe::SpeedToFly>& speed, Quantity quantity) {
        return speed ? std::optional(airframe::explain(*speed, quantity, with.question)) : std::nullopt;
    };
    const auto& figures = figures_->figures();
    figures[0]->setExplanation(explained(speeds.endurance, Quantity::best_endurance_speed),
                               tr("best-endurance speed"));
    figures[1]->setExplanation(explained(speeds.range, Quantity::best_range_speed), tr("best-range speed"));
    figures[2]->setExplanation(explained(speeds.fastest, Quantity::fastest_speed), tr("half of full power"));
    figures[3]->setExplanation(airframe::explain_stall(with.aircraft, with.question), tr("stall speed"));
    figures_->layOutAgain();
    mass_->setWords(wording::mass_sentence(with.aircraft, with.as.pack, q));
    mass_bar_->setParts(masses_with_pack(with.aircraft, with.as.pack.mass_kg));
    auto home = with.question;
    home.head_wind_mps =
        airframe::home_wind_mps(with.question.head_wind_mps, plan_.request().weather.home_wind_factor);
    home.cross_wind_mps = -with.question.cross_wind_mps;
    const double at = speeds.range ? speeds.range->airspeed_mps.value : with.aircraft.cruise_airspeed_mps;
    legs_->setWords(tr("%1 %2", "two sentences")
                        .arg(wording::legs_sentence(airframe::speeds_to_fly(with.aircraft, with.curve, home), q),
                             wording::circling_sentence(with.curve, with.question, at, q)));
    const auto speed = q.notation(Quantity::airspeed);
    ground_.unit->setWords(speed.unit);
    if (!ground_.field->value() && !ground_.field->hasFocus())
        ground_.field->setValue(with.aircraft.cruise_airspeed_mps * speed.factor, speed.decimals);
    const auto wanted = ground_.field->value();
    go_->setWords(
        wanted && *wanted > 0.0
            ? wording::go_sentence(
                  airframe::go_or_no_go(with.aircraft, with.curve, with.question, *wanted / speed.factor), q)
            : QString());
}

void CurvePage::showLearned(const FlownWith& with) {
    const auto& q = Look::instance().quantities();
    const auto observations = learning_.observations();
    fitted_->setWords(wording::fit_sentence(observations->fit,
                                            with.learned ? observations->aircraft.curve : std::nullopt,
                                            int(observations->observations.size()), q));
    const auto speeds = airframe::speeds_to_fly(with.aircraft, with.curve, with.question);
    unknown_->setWords(wording::unknown_sentence(observations->fit, q));
    learn_->setEnabled(!observations->observations.empty());
    forget_->setEnabled(with.learned);
    step_test_->setWords(wording::step_test_text(learning::step_test(with.aircraft, speeds.slowest_mps), q));
}

void CurvePage::showPrice(double airspeed_mps) {
    if (!with_) return;
    price_->setWords(
        wording::price_sentence(with_->curve, with_->question, airspeed_mps, Look::instance().quantities()));
}

} // namespace sobremesa::app
