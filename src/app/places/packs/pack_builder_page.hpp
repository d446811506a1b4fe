#pragma once

#include <memory>

#include <QWidget>

#include "core/battery/pack_builder.hpp"
#include "core/battery/partial_test.hpp"
#include "session/plan_session.hpp"
#include "session/workspace.hpp"

namespace sobremesa::app {

class CellModel;
class FieldForm;
struct RequestField;
class FigureRow;
class TextLabel;
class DataTable;
class PackDrawing;

/// The pack builder of the Packs place: a pack built from cells on paper, and a whole flight told from a part of
/// it.
class PackBuilderPage : public QWidget {
    Q_OBJECT
public:
    PackBuilderPage(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent = nullptr);

    const battery::Build& build() const { return *build_; }
    const battery::Built& made() const { return made_; }
    const battery::PartialTest& test() const { return *test_; }
    /// The pack that a part of a flight was flown on.
    void setTested(std::optional<session::Id> id);

    /// What can be typed of the cell, and of how cells are joined.
    std::vector<RequestField> cellFields() const;
    std::vector<RequestField> joiningFields() const;

signals:
    /// A built pack is on the list.
    void shelved(session::Id id);

private:
    QWidget* makeBuild();
    QWidget* makeTest();
    void makeForms();
    void makeBuildForms();
    void makeTestForm();
    std::vector<RequestField> testFields() const;
    void showBuilt();
    void showDrawing();
    void showTest();
    void shelve();

    session::Workspace& workspace_;
    session::PlanSession& plan_session_;
    PackDrawing* drawing_ = nullptr;
    std::shared_ptr<battery::Build> build_;
    battery::Build taken_;
    battery::Built made_;
    std::shared_ptr<battery::PartialTest> test_;
    battery::PartialTest taken_test_;
    std::optional<session::Id> tested_;
    QWidget* build_forms_;
    QWidget* test_form_;
    TextLabel* built_sentence_;
    FigureRow* built_figures_;
    CellModel* parts_;
    DataTable* parts_table_;
    TextLabel* test_sentence_;
    FigureRow* test_figures_;
};

} // namespace sobremesa::app
