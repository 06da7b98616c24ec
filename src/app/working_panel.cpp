#include "app/working_panel.h"

#include "app/look.h"
#include "app/number_text.h"
#include "core/engine/explain.h"
#include "core/engine/plan.h"
#include "core/study/edits.h"

#include <QVBoxLayout>

#include <set>

namespace ledgefall {
namespace {

constexpr int most_listed = 12; ///< overrides, by their rows

/// A label says a text, or is not there where the text is empty. What it says already costs nothing.
void say(QLabel* label, const QString& text) {
    if (label->text() != text) {
        label->setText(text);
    }
    label->setVisible(!text.isEmpty());
}

QString coloured(const QString& text, const QColor& colour) {
    return QStringLiteral("<span style='color:%1'>%2</span>").arg(colour.name(), text);
}

} // namespace

WorkingPanel::WorkingPanel(Document& document, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , heading_(new QLabel(this))
    , value_(new QLabel(this))
    , fault_(new QLabel(this))
    , notes_(new QLabel(this))
    , uses_(new QLabel(this))
    , used_by_(new QLabel(this))
    , overrides_(new QLabel(this))
    , paper_(new WorkingPaper(this)) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    for (QWidget* part : {static_cast<QWidget*>(heading_), static_cast<QWidget*>(value_), static_cast<QWidget*>(fault_),
                          static_cast<QWidget*>(paper_), static_cast<QWidget*>(notes_), static_cast<QWidget*>(uses_),
                          static_cast<QWidget*>(used_by_), static_cast<QWidget*>(overrides_)}) {
        layout->addWidget(part);
    }
    for (QLabel* label : {heading_, value_, fault_, notes_, uses_, used_by_, overrides_}) {
        label->setWordWrap(true);
        label->setTextFormat(Qt::RichText);
        label->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::LinksAccessibleByMouse |
                                       Qt::LinksAccessibleByKeyboard);
        connect(label, &QLabel::linkActivated, this, &WorkingPanel::follow);
    }
    connect(&document, &Document::results_changed, this, &WorkingPanel::refresh);
    connect(&document, &Document::study_changed, this, &WorkingPanel::refresh);
}

void WorkingPanel::show_place(const WorkingPlace& place) {
    place_ = place;
    refresh();
}

WorkingPanel::Subject WorkingPanel::subject() const {
    const Study& study = document_.study();
    const Results& results = document_.results();
    Subject out;
    const std::string& text = place_.definition.str();
    const std::string line_id = text.substr(0, text.find('/'));
    const std::string under = text.find('/') == std::string::npos ? "" : text.substr(text.find('/') + 1);
    const auto take_held = [&](const std::vector<Shared<HeldValue>>& ledge, const Table* table) {
        for (const auto& held : ledge) {
            if (held->id == place_.definition) {
                out = {table,
                       nullptr,
                       &*held,
                       nullptr,
                       nullptr,
                       held->formula.empty() ? nullptr : &held->formula,
                       results.single(held->id),
                       held->format,
                       held->unit,
                       held->note,
                       QString::fromStdString(held->left_side())};
            }
        }
    };
    take_held(study.ledge, nullptr);
    for (const auto& table : study.tables) {
        take_held(table->ledge, &*table);
        for (std::size_t at = 0; at < table->columns.size() && place_.row > 0; ++at) {
            const ColumnDefinition& column = *table->columns[at];
            if (column.id == place_.definition && place_.row <= results.rows(table->id)) {
                const std::size_t row = place_.row - 1;
                out = {&*table,
                       &column,
                       nullptr,
                       nullptr,
                       nullptr,
                       column.worked() ? &column.pieces.front().formula : nullptr,
                       column.worked() ? results.cell(column.id, row) : column.cells->at(row),
                       column.format,
                       column.unit,
                       column.note,
                       tr("%1, row %2").arg(QString::fromStdString(column.shown_label())).arg(place_.row)};
            }
        }
        for (const auto& line : table->foot) {
            const ColumnDefinition* column = line->id.str() == line_id ? table->column(Id(under)) : nullptr;
            if (column != nullptr) {
                out = {&*table,
                       column,
                       nullptr,
                       &*line,
                       nullptr,
                       &line->formula,
                       results.foot(line->id, column->id),
                       line->format,
                       column->unit,
                       {},
                       tr("%1 under %2")
                           .arg(QString::fromStdString(line->label), QString::fromStdString(column->shown_label()))};
            }
        }
    }
    for (const auto& check : study.checks) {
        if (check->id == place_.definition) {
            out = {check->table.empty() ? nullptr : study.table(check->table),
                   nullptr,
                   nullptr,
                   nullptr,
                   &*check,
                   &check->condition,
                   results.single(check->id),
                   {},
                   {},
                   check->message,
                   QString::fromStdString(check->label)};
        }
    }
    return out;
}

void WorkingPanel::refresh() {
    const Subject shown = subject();
    setVisible(shown.found());
    if (!shown.found()) {
        teller_.forget();
        paper_->clear();
        for (QLabel* label : {heading_, value_, fault_, notes_, uses_, used_by_, overrides_}) {
            label->clear();
        }
        return;
    }
    heading_->setFont(look().text(11, true));
    say(heading_, shown.name.toHtmlEscaped());
    show_value(shown);
    show_fault(shown);
    show_notes(shown);
    show_links(shown);
    show_overrides(shown);
    paper_->setVisible(shown.formula != nullptr);
    if (shown.formula == nullptr) {
        teller_.forget();
        paper_->clear();
        return;
    }
    teller_.ask(document_.study(), document_.snapshot(), {place_}, [this](const WorkingTeller::Workings& workings) {
        const Subject now = subject();
        if (!workings.front() || !now.found()) {
            paper_->clear();
            return;
        }
        paper_->show_working(*workings.front(), document_.study(), now.table,
                             now.line == nullptr ? nullptr : now.column);
    });
}

void WorkingPanel::show_value(const Subject& shown) {
    QString text;
    if (shown.held != nullptr && shown.held->is_function()) {
        text = coloured(tr("a function: it is worked out where it is called"), look().faint_ink);
    } else if (shown.value.plain() || shown.value.state() == State::odd) {
        text = QStringLiteral("<span style='font-size:large'>%1</span> %2")
                   .arg(exact_text(shown.value).toHtmlEscaped(), QString::fromStdString(shown.unit).toHtmlEscaped());
        const QString rounded = value_text(shown.value, shown.format);
        if (shown.format.style != Format::Style::automatic && rounded != exact_text(shown.value)) {
            text += QStringLiteral("<br>") + coloured(tr("shown as %1").arg(rounded.toHtmlEscaped()), look().faint_ink);
        }
    } else if (shown.value.is_missing()) {
        text = coloured(tr("missing"), look().faint_ink);
    }
    say(value_, text);
}

void WorkingPanel::show_fault(const Subject& shown) {
    QString text;
    if (shown.value.is_fault()) {
        const Fault fault = shown.value.fault();
        text = coloured(Document::translated(explain(document_.study(), fault)).toHtmlEscaped(), look().fault);
        const Id origin = fault.at().definition;
        const bool elsewhere = !(origin == place_.definition) || fault.row != place_.row;
        if (elsewhere && !origin.empty()) {
            text += QStringLiteral("<br>") + link_to(origin, fault.row, tr("Go to where it began"), look().follows);
        }
    } else if (shown.value.state() == State::odd) {
        const Kind kind = shown.column->worked() ? Kind::number : shown.column->cells->kind();
        text =
            coloured(Document::translated(explain_odd(kind, shown.value.text().str())).toHtmlEscaped(), look().fault);
    }
    say(fault_, text);
}

void WorkingPanel::show_notes(const Subject& shown) {
    QStringList notes;
    if (shown.column != nullptr && shown.line == nullptr && !shown.column->worked()) {
        notes << coloured(tr("given"), look().faint_ink);
    }
    if (shown.held != nullptr && shown.formula == nullptr) {
        notes << coloured(tr("given: it stays put until it is changed"), look().faint_ink);
    }
    if (!shown.note.empty()) {
        notes << QString::fromStdString(shown.note).toHtmlEscaped();
    }
    say(notes_, notes.join(QStringLiteral("<br>")));
}

QString WorkingPanel::link_to(Id definition, std::size_t row, const QString& text, const QColor& colour) const {
    return QStringLiteral("<a href='go:%1:%2' style='color:%3'>%4</a>")
        .arg(QString::fromStdString(definition.str()))
        .arg(row)
        .arg(colour.name(), text.toHtmlEscaped());
}

void WorkingPanel::show_links(const Subject& shown) {
    const Study& study = document_.study();
    QStringList uses;
    std::set<std::string> told;
    if (shown.formula != nullptr && shown.formula->tree()) {
        for (const Mark& mark :
             marks_of(*shown.formula->tree(), study, shown.table, shown.line == nullptr ? nullptr : shown.column)) {
            if (!mark.id.empty() && told.insert(mark.id.str()).second) {
                const bool stays = mark.manner == Manner::stays;
                uses << link_to(mark.id, place_.row, QString::fromStdString(called(study, mark.id)),
                                stays ? look().stays : look().follows);
            }
        }
    }
    say(uses_, uses.isEmpty() ? QString() : tr("Uses %1").arg(uses.join(QStringLiteral(", "))));
    QStringList users;
    if (shown.line == nullptr && shown.check == nullptr) {
        for (const User& user : parts_using(study, place_.definition)) {
            users << link_to(user.id, place_.row, QString::fromStdString(user.called), look().ink);
        }
    }
    say(used_by_, users.isEmpty() ? QString() : tr("Used by %1").arg(users.join(QStringLiteral(", "))));
}

/// The typed-over cells of the column, each with a way to it and a way back to its formula.
void WorkingPanel::show_overrides(const Subject& shown) {
    QString text;
    if (shown.column != nullptr && shown.line == nullptr && !shown.column->overrides->empty()) {
        QStringList rows;
        for (const auto& [id, value] : *shown.column->overrides) {
            const Axis& axis = shown.table->axis;
            const auto row = axis.source == RowSource::typed ? axis.ids.row_of(id) : std::optional<std::size_t>(id - 1);
            if (row && rows.size() < most_listed) {
                rows << link_to(shown.column->id, *row + 1, tr("row %1").arg(*row + 1), look().stays) +
                            QStringLiteral(" = %1, <a href='back:%2'>%3</a>")
                                .arg(value_text(value, {}).toHtmlEscaped())
                                .arg(*row)
                                .arg(tr("give back"));
            }
        }
        const auto all = static_cast<qsizetype>(shown.column->overrides->size());
        text = tr("Typed over: %1").arg(all) + QStringLiteral("<br>") + rows.join(QStringLiteral("<br>"));
        if (all > rows.size()) {
            text += QStringLiteral("<br>") + tr("and %1 more").arg(all - rows.size());
        }
        if (all > 1) {
            text += QStringLiteral("<br><a href='back:all'>%1</a>").arg(tr("Give all back to the formula"));
        }
    }
    say(overrides_, text);
}

void WorkingPanel::follow(const QString& link) {
    const QStringList parts = link.split(u':');
    if (parts[0] == QStringLiteral("go") && parts.size() == 3) {
        Q_EMIT place_wanted(Id(parts[1].toStdString()), parts[2].toULongLong());
    } else if (parts[0] == QStringLiteral("back") && parts.size() == 2) {
        const bool all = parts[1] == QStringLiteral("all");
        document_.perform(all ? tr("giving cells back") : tr("giving a cell back"),
                          give_back(document_.study(), place_.definition,
                                    all ? std::nullopt : std::optional<std::size_t>(parts[1].toULongLong())));
    }
}

} // namespace ledgefall
