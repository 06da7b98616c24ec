#include "app/shell/destinations.h"

#include "app/help/help_reader.h"

#include <QCoreApplication>

namespace ledgefall {
namespace {

class Destinations {
    Q_DECLARE_TR_FUNCTIONS(Destinations)
  public:
    void add_commands(const Commands& commands) {
        for (const auto& [command, action] : commands.all()) {
            if (action->isEnabled()) {
                all.append({bare_text(*action),
                            commands.path(command) + QStringLiteral("  ") + action->shortcut().toString(), action, Id(),
                            command.words, commands.why_not(command).isEmpty()});
            }
        }
    }

    void add_names(const Study& study) {
        add_held(study.ledge, tr("the study's"));
        for (const auto& table : study.tables) {
            const QString label = QString::fromStdString(table->shown_label());
            add(table->shown_label(), tr("table"), table->id);
            add_held(table->ledge, label);
            for (const auto& column : table->columns) {
                add(column->shown_label(), tr("column %1 of %2").arg(QString::fromStdString(column->name), label),
                    column->id);
            }
        }
        for (const auto& chart : study.charts) {
            add(chart->label, tr("chart"), chart->id);
        }
        for (const auto& check : study.checks) {
            add(check->label, tr("check"), check->id);
        }
    }

    void add_help() {
        for (const HelpTopic& topic : HelpReader::topics()) {
            CommandFinder::Destination one;
            one.text = topic.title;
            one.about = tr("help");
            one.known_as = topic.words;
            one.help = topic.place;
            one.fits = false; // what can be done comes first
            all.append(one);
        }
    }

    QList<CommandFinder::Destination> all;

  private:
    void add(const std::string& name, const QString& about, Id place) {
        all.append({QString::fromStdString(name), about, nullptr, place});
    }

    void add_held(const std::vector<Shared<HeldValue>>& ledge, const QString& where) {
        for (const auto& held : ledge) {
            add(held->name, tr("held value, %1").arg(where), held->id);
        }
    }
};

} // namespace

QList<CommandFinder::Destination> destinations(const Study& study, const Commands& commands) {
    Destinations out;
    out.add_commands(commands);
    out.add_names(study);
    out.add_help();
    return out.all;
}

} // namespace ledgefall
