#include "app/places/plan/turn_rules_model.hpp"

#include <algorithm>

#include <QFont>

#include "app/fields/request_field.hpp"
#include "app/theme/look.hpp"
#include "core/mission/explain.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

namespace {

bool binds(const mission::Plan& plan, const mission::RuleTurn& turn) {
    return plan.turn && plan.turn->turn_rule == turn.turn_rule;
}

QString cell_text(const mission::Plan& plan, const mission::RuleTurn& turn, int column) {
    const auto& q = Look::instance().quantities();
    if (column == TurnRulesModel::rule) return wording::name(turn.turn_rule, plan.request, q);
    if (!turn.reached) {
        if (column != TurnRulesModel::distance) return {};
        return turn.unmet_at_launch ? TurnRulesModel::tr("▲ not met") : TurnRulesModel::tr("never");
    }
    switch (column) {
    // Over a place it is the clock that says when.
    case TurnRulesModel::distance:
        return mission::stays(plan.request) ? q.duration(turn.time_s) : q.distance(turn.distance_m);
    case TurnRulesModel::used: return q.charge(turn.charge_used_ah);
    case TurnRulesModel::left: {
        const QString share =
            q.share(mission::explain_turn_rule(plan, turn, units::Quantity::landing_share_left)->value.value);
        return turn.too_late ? TurnRulesModel::tr("▲ %1").arg(share) : share;
    }
    default: return {};
    }
}

QString spoken(const mission::Plan& plan, const mission::RuleTurn& turn) {
    const auto& q = Look::instance().quantities();
    const QString rule = wording::name(turn.turn_rule, plan.request, q);
    if (turn.unmet_at_launch) return TurnRulesModel::tr("%1: not met, even at launch").arg(rule);
    if (!turn.reached) return TurnRulesModel::tr("%1: never on this flight").arg(rule);
    const QString where = TurnRulesModel::tr("%1: turn at %2, %3 used")
                              .arg(rule, q.distance(turn.distance_m), q.charge(turn.charge_used_ah));
    return turn.too_late ? TurnRulesModel::tr("%1; would not get home with the reserve").arg(where) : where;
}

} // namespace

TurnRulesModel::TurnRulesModel(QObject* parent) : QAbstractTableModel(parent) {}

void TurnRulesModel::setPlan(std::shared_ptr<const mission::Plan> plan) {
    const bool same_shape = plan_ && plan && plan_->turn_rules.size() == plan->turn_rules.size();
    if (!same_shape) beginResetModel();
    plan_ = std::move(plan);
    if (!same_shape) {
        endResetModel();
        return;
    }
    // Keeping the shape keeps focus and selection while something is dragged.
    emit dataChanged(index(0, 0), index(rowCount() - 1, column_count - 1));
}

std::optional<units::Explanation> TurnRulesModel::explanation(const QModelIndex& index) const {
    if (!plan_ || !index.isValid()) return std::nullopt;
    const auto& turn = plan_->turn_rules[std::size_t(index.row())];
    switch (index.column()) {
    case distance: return mission::explain_turn_rule(*plan_, turn, units::Quantity::turn_distance);
    case used: return mission::explain_turn_rule(*plan_, turn, units::Quantity::turn_charge);
    case left: return mission::explain_turn_rule(*plan_, turn, units::Quantity::landing_share_left);
    default: return std::nullopt;
    }
}

int TurnRulesModel::rowCount(const QModelIndex& parent) const {
    return parent.isValid() || !plan_ ? 0 : int(plan_->turn_rules.size());
}

int TurnRulesModel::columnCount(const QModelIndex& parent) const {
    return parent.isValid() ? 0 : column_count;
}

QVariant TurnRulesModel::data(const QModelIndex& index, int role) const {
    if (!plan_ || !index.isValid()) return {};
    const auto& turn = plan_->turn_rules[std::size_t(index.row())];
    const Look& look = Look::instance();
    switch (role) {
    case Qt::DisplayRole: return cell_text(*plan_, turn, index.column());
    case Qt::TextAlignmentRole:
        return int((index.column() == rule ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
    case Qt::FontRole:
        return look.font(Look::text_px, binds(*plan_, turn) ? Look::Weight::semibold : Look::Weight::regular);
    case Qt::ForegroundRole:
        if (index.column() == left && turn.too_late) return look.theme().warning;
        return turn.counted ? look.theme().ink : look.theme().soft_ink;
    case Qt::CheckStateRole:
        if (index.column() == rule) return turn.counted ? Qt::Checked : Qt::Unchecked;
        return {};
    case Qt::EditRole: {
        const auto field = turn_rule_field(turn.turn_rule, look.quantities());
        return index.column() == rule && field ? field->written(plan_->request) : QString();
    }
    case Qt::ToolTipRole:
        if (index.column() == rule && turn_rule_field(turn.turn_rule, look.quantities()))
            return tr("%1. F2 or a double click changes its figure.").arg(spoken(*plan_, turn));
        [[fallthrough]];
    case Qt::AccessibleTextRole: return spoken(*plan_, turn);
    default: return {};
    }
}

QVariant TurnRulesModel::headerData(int section, Qt::Orientation orientation, int role) const {
    if (orientation != Qt::Horizontal) return {};
    if (role == Qt::TextAlignmentRole)
        return int((section == rule ? Qt::AlignLeft : Qt::AlignRight) | Qt::AlignVCenter);
    if (role == Qt::FontRole) return Look::instance().font(Look::small_px);
    if (role != Qt::DisplayRole) return {};
    switch (section) {
    case rule: return tr("turn rule, and whether it counts");
    case distance: return tr("turn at");
    case used: return tr("used");
    case left: return tr("at home");
    default: return {};
    }
}

Qt::ItemFlags TurnRulesModel::flags(const QModelIndex& index) const {
    Qt::ItemFlags flags = Qt::ItemIsEnabled | Qt::ItemIsSelectable;
    if (index.column() == rule) flags |= Qt::ItemIsUserCheckable;
    if (plan_ && index.column() == rule &&
        turn_rule_field(plan_->turn_rules[std::size_t(index.row())].turn_rule, Look::instance().quantities()))
        flags |= Qt::ItemIsEditable;
    return flags;
}

bool TurnRulesModel::setData(const QModelIndex& index, const QVariant& value, int role) {
    if (!plan_ || index.column() != rule) return false;
    const mission::TurnRule turn_rule = plan_->turn_rules[std::size_t(index.row())].turn_rule;
    if (role == Qt::EditRole) {
        emit figureTyped(turn_rule, value.toString());
        return true;
    }
    if (role != Qt::CheckStateRole) return false;
    std::vector<mission::TurnRule> counted = plan_->request.turn.counted;
    std::erase(counted, turn_rule);
    if (value.toInt() == Qt::Checked) counted.push_back(turn_rule);
    // One rule must count, or there is no turn to speak of.
    if (counted.empty()) return false;
    emit countedChanged(counted);
    return true;
}

} // namespace sobremesa::app
