#include "app/places/packs/pack_builder_page.hpp"

#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>

#include "app/fields/field_form.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/pack_drawing.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using battery::Build;
using mission::PlanRequest;
using units::Quantity;
using wording::Notation;

namespace {

// The fields of the house edit a request; these edit what stands on the workbench and leave the request alone.
template <class Subject, class Get, class Set>
RequestField bench_number(std::shared_ptr<Subject> subject, const char* path, const QString& label,
                          const Notation& notation, double step, Get get, Set set, const QString& hint = {}) {
    RequestField field;
    field.path = path;
    field.label = label;
    field.notation = notation;
    field.step = step;
    field.hint = hint;
    field.number = [subject, get](const PlanRequest&) { return get(*subject); };
    field.setNumber = [subject, set](PlanRequest&, double value) { set(*subject, value); };
    return field;
}

RequestField bench_choice(const std::shared_ptr<Build>& build, const char* path, const QString& label,
                          const QStringList& choices, const std::function<int(const Build&)>& get,
                          const std::function<void(Build&, int)>& set) {
    RequestField field;
    field.kind = RequestField::Kind::choice;
    field.path = path;
    field.label = label;
    field.choices = choices;
    field.choice = [build, get](const PlanRequest&) { return get(*build); };
    field.setChoice = [build, set](PlanRequest&, int index) { set(*build, index); };
    return field;
}

/// 0 leaves a value open.
std::optional<double> open_or(double value) {
    return value > 0.0 ? std::optional(value) : std::nullopt;
}

Cell pack_builder_cell(const QString& text, bool figure) {
    Cell cell;
    cell.text = text;
    cell.figure = figure;
    return cell;
}

void clear(QWidget* place) {
    delete place->layout();
    qDeleteAll(place->findChildren<QWidget*>(QString(), Qt::FindDirectChildrenOnly));
}

} // namespace

PackBuilderPage::PackBuilderPage(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent)
    : QWidget(parent), workspace_(workspace), plan_session_(plan_session), build_(std::make_shared<Build>()),
      test_(std::make_shared<battery::PartialTest>(battery::ordinary_test({}))), taken_test_(*test_) {
    setObjectName(QStringLiteral("buildPage"));
    Fold::fill(*this, {tr("Build from cells"), makeBuild(), 9}, {tr("From a partial flight"), makeTest(), 5});
    makeForms();
    connect(&Look::instance(), &Look::changed, this, &PackBuilderPage::makeForms);
    connect(&plan_session_, &session::PlanSession::requestChanged, this, &PackBuilderPage::showDrawing);
}

QWidget* PackBuilderPage::makeBuild() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(10));
    column->addWidget(new TextLabel(Role::heading, tr("Build from cells")));
    built_sentence_ = new TextLabel(Role::sentence);
    built_sentence_->setObjectName(QStringLiteral("builtSentence"));
    column->addWidget(built_sentence_);
    built_figures_ = new FigureRow(5);
    column->addWidget(built_figures_);
    build_forms_ = new QWidget;
    column->addWidget(build_forms_);
    parts_ = new CellModel(this);
    parts_table_ = new DataTable(QStringLiteral("builtParts"), tr("Components"));
    parts_table_->setModel(parts_);
    parts_table_->setSelectionMode(QAbstractItemView::NoSelection);
    parts_table_->setFixedHeight(look.scaled(186));
    drawing_ = new PackDrawing;
    drawing_->setObjectName(QStringLiteral("builtDrawing"));
    auto* made = new QHBoxLayout;
    made->setSpacing(look.scaled(20));
    made->addWidget(parts_table_, 1);
    made->addWidget(drawing_, 1);
    column->addLayout(made);
    auto* shelve = new QPushButton(tr("Add to Packs"));
    shelve->setObjectName(QStringLiteral("builtShelve"));
    connect(shelve, &QPushButton::clicked, this, &PackBuilderPage::shelve);
    column->addWidget(shelve, 0, Qt::AlignLeft);
    column->addWidget(new TextLabel(
        Role::quiet,
        tr("Spot welding is the norm; no soldering on bare cells without the skill. Match cells before they "
           "are joined, insulate the ends, charge attended.")));
    column->addStretch(1);
    return new ScrollColumn(inside);
}

QWidget* PackBuilderPage::makeTest() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(20), look.scaled(12), look.scaled(20), look.scaled(12));
    column->setSpacing(look.scaled(10));
    column->addWidget(new TextLabel(Role::heading, tr("Full flight from a partial one")));
    column->addWidget(new TextLabel(Role::quiet, tr("Fly a steady part of a flight, recharge and enter both: no "
                                                    "need to empty a pack to know how long it lasts.")));
    test_sentence_ = new TextLabel(Role::plain);
    test_sentence_->setObjectName(QStringLiteral("testSentence"));
    column->addWidget(test_sentence_);
    test_figures_ = new FigureRow(2);
    column->addWidget(test_figures_);
    test_form_ = new QWidget;
    column->addWidget(test_form_);
    column->addStretch(1);
    auto* scroll = new ScrollColumn(inside);
    scroll->setMinimumWidth(look.scaled(320));
    return scroll;
}

std::vector<RequestField> PackBuilderPage::cellFields() const {
    const auto& q = Look::instance().quantities();
    const Notation millimetres{1000.0, tr("mm"), 2};
    const Notation amps{1.0, tr("A"), 0};
    const auto b = build_;
    QStringList formats;
    for (const auto& format : battery::cell_formats()) formats << QString::fromLatin1(format.name);
    formats << tr("another");
    return {
        bench_choice(
            b, "build.cell.chemistry", tr("Chemistry"), wording::chemistry_names(),
            [](const Build& x) { return int(x.cell.chemistry); },
            [](Build& x, int i) { x.cell.chemistry = battery::Chemistry(i); }),
        bench_choice(
            b, "build.cell.format", tr("Cell size"), formats,
            [](const Build& x) {
                const auto& all = battery::cell_formats();
                for (std::size_t i = 0; i < all.size(); ++i) {
                    if (x.cell.size == all[i].size) return int(i);
                }
                return int(all.size());
            },
            [](Build& x, int i) {
                if (std::size_t(i) >= battery::cell_formats().size()) return;
                x.cell.size = battery::cell_formats()[std::size_t(i)].size;
                x.cell.mass_kg = battery::cell_formats()[std::size_t(i)].mass_kg;
            }),
        bench_choice(
            b, "build.cell.construction", tr("Cell type"), {tr("not known"), tr("high capacity"), tr("high drain")},
            [](const Build& x) { return x.cell.construction ? 1 + int(*x.cell.construction) : 0; },
            [](Build& x, int i) {
                x.cell.construction.reset();
                if (i > 0) x.cell.construction = battery::Construction(i - 1);
            }),
        bench_number(
            b, "build.cell.capacity_ah", tr("Cell capacity"), q.notation(Quantity::cell_capacity), 50,
            [](const Build& x) { return x.cell.capacity_ah; }, [](Build& x, double v) { x.cell.capacity_ah = v; }),
        bench_number(
            b, "build.cell.mass_kg", tr("Cell mass"), {1000.0, tr("g"), 1}, 1,
            [](const Build& x) { return x.cell.mass_kg; }, [](Build& x, double v) { x.cell.mass_kg = v; }),
        bench_number(
            b, "build.cell.resistance_ohm", tr("Cell resistance"), q.notation(Quantity::cell_resistance), 1,
            [](const Build& x) { return x.cell.resistance_ohm.value_or(0.0); },
            [](Build& x, double v) { x.cell.resistance_ohm = open_or(v); }, tr("0: assumed by chemistry and size")),
        bench_number(
            b, "build.cell.rated_current_a", tr("Cell rated current"), amps, 1,
            [](const Build& x) { return x.cell.rated_current_a.value_or(0.0); },
            [](Build& x, double v) { x.cell.rated_current_a = open_or(v); }, tr("0: usual for such cells")),
        bench_number(
            b, "build.cell.length_m", tr("Diameter, or width"), millimetres, 0.5,
            [](const Build& x) { return x.cell.size.length_m; },
            [](Build& x, double v) { x.cell.size.length_m = x.cell.size.width_m = v; }),
        bench_number(
            b, "build.cell.height_m", tr("Height"), millimetres, 0.5,
            [](const Build& x) { return x.cell.size.height_m; },
            [](Build& x, double v) { x.cell.size.height_m = v; }),
        bench_number(
            b, "build.cell.price", tr("Cell price"), {1.0, {}, 2}, 0.5,
            [](const Build& x) { return x.cell.price.value_or(0.0); },
            [](Build& x, double v) { x.cell.price = open_or(v); }, tr("0: not known; only for comparing")),
    };
}

std::vector<RequestField> PackBuilderPage::joiningFields() const {
    const Notation millimetres{1000.0, tr("mm"), 2};
    const Notation count{1.0, {}, 0};
    const auto b = build_;
    const auto whole = [](RequestField field) {
        field.whole = true;
        return field;
    };
    return {
        whole(bench_number(
            b, "build.series", tr("In series"), count, 1, [](const Build& x) { return double(x.series); },
            [](Build& x, double v) { x.series = int(v); })),
        whole(bench_number(
            b, "build.parallel", tr("In parallel"), count, 1, [](const Build& x) { return double(x.parallel); },
            [](Build& x, double v) { x.parallel = int(v); })),
        whole(bench_number(
            b, "build.columns", tr("Side by side"), count, 1, [](const Build& x) { return double(x.columns); },
            [](Build& x, double v) { x.columns = int(v); }, tr("0: all in one layer"))),
        bench_choice(
            b, "build.strip", tr("Strip"), {tr("pure nickel"), tr("plated steel"), tr("copper")},
            [](const Build& x) { return int(x.strip); },
            [](Build& x, int i) { x.strip = battery::StripMaterial(i); }),
        bench_number(
            b, "build.strip_width_m", tr("Strip width"), millimetres, 0.5,
            [](const Build& x) { return x.strip_width_m; }, [](Build& x, double v) { x.strip_width_m = v; }),
        bench_number(
            b, "build.strip_thickness_m", tr("Strip thickness"), millimetres, 0.05,
            [](const Build& x) { return x.strip_thickness_m; },
            [](Build& x, double v) { x.strip_thickness_m = v; }),
        whole(bench_number(
            b, "build.strip_layers", tr("Strip layers"), count, 1,
            [](const Build& x) { return double(x.strip_layers); },
            [](Build& x, double v) { x.strip_layers = int(v); }, tr("welded on top of each other"))),
        bench_number(
            b, "build.lead_length_m", tr("Lead length"), {1000.0, tr("mm"), 0}, 10,
            [](const Build& x) { return x.lead_length_m; }, [](Build& x, double v) { x.lead_length_m = v; }),
        bench_number(
            b, "build.lead_area_m2", tr("Lead cross-section"), {1e6, tr("mm²"), 1}, 0.5,
            [](const Build& x) { return x.lead_area_m2; }, [](Build& x, double v) { x.lead_area_m2 = v; }),
        bench_number(
            b, "build.extras_kg", tr("Connector, wrap, balance lead"), {1000.0, tr("g"), 0}, 1,
            [](const Build& x) { return x.extras_kg; }, [](Build& x, double v) { x.extras_kg = v; }),
    };
}

std::vector<RequestField> PackBuilderPage::testFields() const {
    const auto& q = Look::instance().quantities();
    const auto t = test_;
    return {
        bench_number(
            t, "flown_s", tr("Flown"), {1.0 / units::seconds_per_minute, tr("min"), 1}, 1,
            [](const battery::PartialTest& x) { return x.flown_s; },
            [](battery::PartialTest& x, double v) { x.flown_s = v; }),
        bench_number(
            t, "recharged_ah", tr("Put back by the charger"), q.notation(Quantity::recharged_charge), 10,
            [](const battery::PartialTest& x) { return x.recharged_ah; },
            [](battery::PartialTest& x, double v) { x.recharged_ah = v; }),
        bench_number(
            t, "share_of_rated", tr("A full flight uses"), {100.0, tr("%"), 0}, 5,
            [](const battery::PartialTest& x) { return x.share_of_rated; },
            [](battery::PartialTest& x, double v) { x.share_of_rated = v; },
            tr("of the rated charge; 80 % is the usual rule")),
    };
}

/// Made anew when the units change.
void PackBuilderPage::makeForms() {
    makeBuildForms();
    makeTestForm();
    showBuilt();
    showTest();
}

void PackBuilderPage::makeBuildForms() {
    const Look& look = Look::instance();
    const FormSubject subject{[] { return PlanRequest(); },
                              [this](const PlanRequest&) -> std::optional<units::Error> {
                                  if (auto made = battery::built(*build_); !made) {
                                      *build_ = taken_;
                                      return made.error();
                                  }
                                  taken_ = *build_;
                                  showBuilt();
                                  return std::nullopt;
                              }};
    clear(build_forms_);
    auto* row = new QHBoxLayout(build_forms_);
    row->setContentsMargins(0, 0, 0, 0);
    row->setSpacing(look.scaled(32));
    auto* cell = new FieldForm(cellFields(), subject);
    // A size that is chosen fills in sides and mass.
    connect(cell, &FieldForm::edited, cell, &FieldForm::refresh);
    row->addWidget(cell, 1, Qt::AlignTop);
    row->addWidget(new FieldForm(joiningFields(), subject), 1, Qt::AlignTop);
}

void PackBuilderPage::makeTestForm() {
    const FormSubject test_subject{[] { return PlanRequest(); },
                                   [this](const PlanRequest&) -> std::optional<units::Error> {
                                       if (tested_) {
                                           const battery::PackModel pack(
                                               workspace_.library().packs.at(*tested_).pack);
                                           if (auto result = battery::partial_test(pack, *test_); !result) {
                                               *test_ = taken_test_;
                                               return result.error();
                                           }
                                       }
                                       taken_test_ = *test_;
                                       showTest();
                                       return std::nullopt;
                                   }};
    clear(test_form_);
    auto* test_column = new QVBoxLayout(test_form_);
    test_column->setContentsMargins(0, 0, 0, 0);
    test_column->addWidget(new FieldForm(testFields(), test_subject));
}

void PackBuilderPage::showBuilt() {
    const auto& q = Look::instance().quantities();
    made_ = *battery::built(*build_);
    const battery::Size& size = *made_.pack.size;
    const Notation millimetres{1000.0, {}, 0};
    built_sentence_->setWords(
        tr("A %1 of <b>%2</b>, %3 × %4 × %5 mm, good for <b>%6</b> continuous.", "build, mass, sides, current")
            .arg(wording::build(made_.pack), q.text(Quantity::pack_mass, {made_.pack.mass_kg, 0.0}),
                 wording::written(size.length_m, 0.0, millimetres),
                 wording::written(size.width_m, 0.0, millimetres),
                 wording::written(size.height_m, 0.0, millimetres),
                 wording::written(battery::continuous_current_a(made_.pack), 0.0, {1.0, tr("A"), 0})));
    const std::pair<Quantity, QString> figures[] = {{Quantity::pack_mass, tr("mass")},
                                                    {Quantity::rated_charge, tr("rated")},
                                                    {Quantity::energy_density, tr("rated specific energy")},
                                                    {Quantity::pack_resistance, tr("resistance")},
                                                    {Quantity::cruise_current, tr("continuous")}};
    for (std::size_t i = 0; i < std::size(figures); ++i)
        built_figures_->figures()[i]->setExplanation(battery::explain(*build_, made_, figures[i].first),
                                                     figures[i].second);
    built_figures_->layOutAgain();
    const auto mass = [&](double kg) {
        return pack_builder_cell(wording::written(kg, 0.0, {1000.0, tr("g"), 1}), true);
    };
    const auto ohm = [&](double value) {
        return pack_builder_cell(wording::written(value, 0.0, {1000.0, tr("mΩ"), 1}), true);
    };
    const auto current = [&](double value) {
        return pack_builder_cell(wording::written(value, 0.0, {1.0, tr("A"), 0}), true);
    };
    const auto none = [] { return pack_builder_cell(QStringLiteral("–"), true); };
    parts_->setCells(
        {tr("part"), tr("mass"), tr("resistance"), tr("continuous")},
        {{pack_builder_cell(tr("cells"), false), mass(made_.cells_kg), ohm(made_.cells_resistance_ohm),
          current(made_.cells_current_a)},
         {pack_builder_cell(tr("strips"), false), mass(made_.strips_kg), ohm(made_.strip_resistance_ohm),
          current(made_.strips_current_a)},
         {pack_builder_cell(tr("leads"), false), mass(made_.leads_kg), ohm(made_.leads_resistance_ohm), none()},
         {pack_builder_cell(tr("the rest"), false), mass(made_.extras_kg), none(), none()}});
    parts_table_->fitColumns();
    showDrawing();
}

/// In the bay of the aircraft of the open plan, where all three of its sides are known.
void PackBuilderPage::showDrawing() {
    const auto& aircraft = plan_session_.request().aircraft;
    std::optional<battery::Size> bay;
    if (aircraft.bay_length_m && aircraft.bay_width_m && aircraft.bay_height_m)
        bay = battery::Size{*aircraft.bay_length_m, *aircraft.bay_width_m, *aircraft.bay_height_m};
    drawing_->setBuild(*build_, bay, wording::title(aircraft));
}

void PackBuilderPage::showTest() {
    const auto known = tested_ ? workspace_.library().packs.find(*tested_) : workspace_.library().packs.end();
    test_figures_->setVisible(known != workspace_.library().packs.end());
    if (known == workspace_.library().packs.end()) {
        test_sentence_->setWords(
            tr("Select a pack in the list first: its chemistry and rated capacity are needed."));
        return;
    }
    const battery::PackModel pack(known->second.pack);
    const auto result = battery::partial_test(pack, *test_);
    const QString title = wording::title(known->second.pack);
    if (!result) {
        test_sentence_->setWords(
            tr("%1: no charger puts that back after such a flight; correct the charge.").arg(title));
        test_figures_->hide();
        return;
    }
    test_sentence_->setWords(
        tr("%1, %2, full flight:", "pack, build").arg(title, wording::build(known->second.pack)));
    test_figures_->figures()[0]->setExplanation(battery::explain(pack, *test_, *result, false), tr("by charge"));
    test_figures_->figures()[1]->setExplanation(battery::explain(pack, *test_, *result, true),
                                                tr("at the same power"));
    test_figures_->layOutAgain();
}

void PackBuilderPage::setTested(std::optional<session::Id> id) {
    if (id == tested_) return;
    tested_ = id;
    const auto known = id ? workspace_.library().packs.find(*id) : workspace_.library().packs.end();
    if (known != workspace_.library().packs.end()) {
        // Something that this pack can have done, to be replaced.
        *test_ = battery::ordinary_test(known->second.pack);
        taken_test_ = *test_;
        for (FieldForm* form : test_form_->findChildren<FieldForm*>()) form->refresh();
    }
    showTest();
}

void PackBuilderPage::shelve() {
    book::KeptPack kept{made_.pack, {}, false};
    kept.pack.name = tr("built %1", "a pack on paper").arg(wording::build(made_.pack)).toStdString();
    if (const auto id = workspace_.put(logbook::EditKind::add_pack, std::nullopt, kept)) emit shelved(*id);
}

} // namespace sobremesa::app
