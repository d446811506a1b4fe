#include "app/fields/field_makers.hpp"

namespace sobremesa::app {

using mission::PlanRequest;
using wording::Notation;

RequestField number(const char* path, const QString& label, const Notation& notation, double step, Get get, Set set,
                    const QString& hint) {
    RequestField field;
    field.path = path;
    field.label = label;
    field.notation = notation;
    field.step = step;
    field.number = std::move(get);
    field.setNumber = std::move(set);
    field.hint = hint;
    return field;
}

RequestField open_number(const char* path, const QString& label, const Notation& notation, double step, Get get,
                         const std::function<std::optional<double>&(PlanRequest&)>& place, const QString& hint) {
    RequestField field = number(
        path, label, notation, step, std::move(get), [place](PlanRequest& r, double v) { place(r) = v; }, hint);
    field.isOpen = [place](const PlanRequest& r) { return !place(const_cast<PlanRequest&>(r)).has_value(); };
    field.leaveOpen = [place](PlanRequest& r) { place(r).reset(); };
    return field;
}

RequestField text(const char* path, const QString& label, std::function<QString(const PlanRequest&)> get,
                  std::function<void(PlanRequest&, const QString&)> set) {
    RequestField field;
    field.kind = RequestField::Kind::text;
    field.path = path;
    field.label = label;
    field.text = std::move(get);
    field.setText = std::move(set);
    return field;
}

RequestField choice(const char* path, const QString& label, const QStringList& choices,
                    std::function<int(const PlanRequest&)> get, std::function<void(PlanRequest&, int)> set) {
    RequestField field;
    field.kind = RequestField::Kind::choice;
    field.path = path;
    field.label = label;
    field.choices = choices;
    field.choice = std::move(get);
    field.setChoice = std::move(set);
    return field;
}

Notation typed(Notation notation, int decimals) {
    notation.decimals = decimals;
    return notation;
}

} // namespace sobremesa::app
