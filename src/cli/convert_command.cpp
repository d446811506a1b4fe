#include "cli/convert_command.hpp"

#include <ostream>

#include "cli/columns_command.hpp"
#include "cli/command_line.hpp"
#include "cli/printed.hpp"
#include "cli/said.hpp"
#include "io/log_file.hpp"
#include "io/text_file.hpp"

namespace sobremesa::cli {

int convert(const ConvertOptions& options, std::ostream& out, std::ostream& err) {
    const auto columns = columns_from(options.columns);
    if (!columns) return unusable(columns.error(), err);
    if (const auto error = misplaced_column(options.log, *columns)) return unusable(*error, err);
    const auto log = io::read_log(options.log, {{}, {}, *columns});
    if (!log) return unusable(log.error(), err);
    const auto text = io::log_as(**log, options.target, {options.hide_home_m});
    if (!text) return unusable(text.error(), err);
    if (const auto written = io::write_text_file(options.target, *text); !written)
        return unusable(written.error(), err);
    out << Printed::tr("rows written to %2: %1")
               .arg((*log)->rows())
               .arg(QString::fromStdString(options.target))
               .toStdString()
        << "\n";
    return exit_done;
}

} // namespace sobremesa::cli
