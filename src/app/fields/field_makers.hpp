#pragma once

#include "app/fields/request_field.hpp"

namespace sobremesa::app {

// The kinds of field that forms are made of.

using Get = std::function<double(const mission::PlanRequest&)>;
using Set = std::function<void(mission::PlanRequest&, double)>;

RequestField number(const char* path, const QString& label, const wording::Notation& notation, double step, Get get,
                    Set set, const QString& hint = {});
/// A number that may be left open; `get` answers with what is then assumed.
RequestField open_number(const char* path, const QString& label, const wording::Notation& notation, double step,
                         Get get, const std::function<std::optional<double>&(mission::PlanRequest&)>& place,
                         const QString& hint);
RequestField text(const char* path, const QString& label, std::function<QString(const mission::PlanRequest&)> get,
                  std::function<void(mission::PlanRequest&, const QString&)> set);
RequestField choice(const char* path, const QString& label, const QStringList& choices,
                    std::function<int(const mission::PlanRequest&)> get,
                    std::function<void(mission::PlanRequest&, int)> set);
/// The notation of a field: as many digits as one would type.
wording::Notation typed(wording::Notation notation, int decimals);

} // namespace sobremesa::app
