#include "app/document/run_text.h"

#include "app/numbers/number_text.h"
#include "core/runs/formulas_mark.h"
#include "core/runs/run_titles.h"

#include <QCoreApplication>

namespace ledgefall {
namespace {

QString told(const std::string& name, const Value& value, const std::string& unit) {
    const QString shown = value.is_missing() ? QStringLiteral("—") : value_text(value, {});
    return QString::fromStdString(name) + QStringLiteral(" = ") + shown +
           (unit.empty() ? QString() : QStringLiteral(" ") + QString::fromStdString(unit));
}

} // namespace

QStringList run_names(const Study& study) {
    QStringList names;
    const std::vector<RunTitle> titles = run_titles(study);
    for (std::size_t at = 0; at < study.runs.size(); ++at) {
        names << QString::fromStdString(
            title_text(titles[at], [](const Value& value) { return value_text(value, {}).toStdString(); }));
    }
    return names;
}

QString run_name(const Study& study, Id run) {
    for (std::size_t at = 0; at < study.runs.size(); ++at) {
        if (study.runs[at]->id == run) {
            return run_names(study)[static_cast<qsizetype>(at)];
        }
    }
    return {};
}

QStringList run_described(const Study& study, Id id) {
    const Run* run = study.run(id);
    QStringList lines;
    if (run == nullptr) {
        return lines;
    }
    for (const RunSetting& setting : run->settings) {
        lines << told(setting.name, setting.value, setting.unit);
    }
    for (const RunOutcome& outcome : run->outcomes) {
        lines << told(outcome.name, outcome.value, outcome.unit);
    }
    QStringList gone;
    for (const RunColumn& column : run->columns) {
        if (study.table(column.table) == nullptr) {
            gone << QString::fromStdString(column.name.substr(0, column.name.find('.')));
        }
    }
    gone.removeDuplicates();
    if (!gone.isEmpty()) {
        lines << QCoreApplication::translate("Runs",
                                             "The table %1 that it was kept of has gone: what came out can be read "
                                             "here, but not drawn.")
                     .arg(gone.join(QStringLiteral(", ")));
    } else if (formulas_have_changed(study, *run)) {
        lines << QCoreApplication::translate("Runs", "The study's formulas have changed since this run was kept.");
    }
    return lines;
}

} // namespace ledgefall
