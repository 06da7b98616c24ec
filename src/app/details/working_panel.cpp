#include "app/details/working_panel.h"

#include "app/numbers/formula_text.h"
#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/engine/planning/plan.h"
#include "core/study/edits/edits.h"
#include "core/study/edits/offers.h"
#include "core/study/model/fault_explanation.h"
#include "core/study/model/grid_cells.h"
#include "core/study/model/study_part.h"

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
    , working_view_(new WorkingView(this)) {
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(6);
    for (QWidget* part :
         {static_cast<QWidget*>(heading_), static_cast<QWidget*>(value_), static_cast<QWidget*>(fault_),
          static_cast<QWidget*>(working_view_), static_cast<QWidget*>(notes_), static_cast<QWidget*>(uses_),
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
    const StudyPart part = find_part(document_.study(), place_.definition);
    Subject out;
    out.table = part.table;
    if (part.held != nullptr) {
        describe(out, *part.held);
    } else if (part.check != nullptr) {
        describe(out, *part.check);
    } else if (part.foot_line != nullptr && part.column != nullptr) {
        describe(out, *part.foot_line, *part.column);
    } else if (part.column != nullptr && !part.is_axis && place_.row > 0 &&
               place_.row <= document_.results().rows(part.table->id)) {
        describe(out, *part.column, place_.row);
    }
    return out;
}

void WorkingPanel::describe(Subject& out, const HeldValue& held) const {
    out.held = &held;
    out.formula = held.formula.empty() ? nullptr : &held.formula;
    out.value = document_.results().single(held.id);
    out.only_rounding = document_.results().only_rounding(held.id);
    out.format = held.format;
    out.unit = held.unit;
    out.note = held.note;
    out.name = QString::fromStdString(held.left_side());
}

void WorkingPanel::describe(Subject& out, const Check& check) const {
    out.check = &check;
    out.formula = &check.condition;
    out.value = document_.results().single(check.id);
    out.note = check.message;
    out.name = QString::fromStdString(check.label);
}

void WorkingPanel::describe(Subject& out, const FootLine& line, const ColumnDefinition& column) const {
    out.line = &line;
    out.column = &column;
    out.formula = &line.formula;
    out.value = document_.results().foot(line.id, column.id);
    out.only_rounding = document_.results().only_rounding(DefinitionId::foot_value(line.id, column.id));
    out.format = line.format;
    out.unit = column.unit;
    out.name = tr("%1 under %2").arg(QString::fromStdString(line.label), QString::fromStdString(column.shown_label()));
}

void WorkingPanel::describe(Subject& out, const ColumnDefinition& column, std::size_t row) const {
    out.column = &column;
    out.formula = column.computed() ? &column.pieces.front().formula : nullptr;
    const std::size_t columns =
        out.table == nullptr ? 0 : columns_of_grid(document_.study(), document_.results(), out.table->id);
    out.value =
        column.computed() || columns > 0 ? document_.results().cell(column.id, row - 1) : column.cells->at(row - 1);
    out.format = column.format;
    out.unit = column.unit;
    out.note = column.note;
    out.name = tr("%1, %2").arg(QString::fromStdString(column.shown_label()), place_in_words(row, columns));
}

void WorkingPanel::refresh() {
    const Subject shown = subject();
    targets_.clear();
    setVisible(shown.exists());
    if (!shown.exists()) {
        working_computer_.forget();
        working_view_->clear();
        for (QLabel* label : {heading_, value_, fault_, notes_, uses_, used_by_, overrides_}) {
            label->clear();
        }
        return;
    }
    heading_->setFont(theme().text(11, true));
    say(heading_, shown.name.toHtmlEscaped());
    show_value(shown);
    show_fault(shown);
    show_notes(shown);
    show_links(shown);
    show_overrides(shown);
    working_view_->setVisible(shown.formula != nullptr);
    if (shown.formula == nullptr) {
        working_computer_.forget();
        working_view_->clear();
        return;
    }
    working_computer_.ask(document_.study(), document_.snapshot(), {place_},
                          [this](const WorkingComputer::Workings& workings) {
                              const Subject now = subject();
                              if (!workings.front() || !now.exists()) {
                                  working_view_->clear();
                                  return;
                              }
                              working_view_->show_working(*workings.front(), document_.study(), now.table,
                                                          now.line == nullptr ? nullptr : now.column);
                          });
}

void WorkingPanel::show_value(const Subject& shown) {
    QString text;
    if (shown.held != nullptr && shown.held->is_function()) {
        text = coloured(tr("a function: computed where it is called"), theme().faint_ink);
    } else if (shown.value.plain() || shown.value.state() == State::unparsed) {
        text = QStringLiteral("<span style='font-size:large'>%1</span> %2")
                   .arg((shown.only_rounding ? rounded_to_zero_text({}) : told_text(shown.value)).toHtmlEscaped(),
                        QString::fromStdString(shown.unit).toHtmlEscaped());
        const QString rounded = value_text(shown.value, shown.format);
        if (!shown.format.automatic() && rounded != told_text(shown.value)) {
            text +=
                QStringLiteral("<br>") + coloured(tr("shown as %1").arg(rounded.toHtmlEscaped()), theme().faint_ink);
        }
    } else if (shown.value.is_missing()) {
        text = coloured(tr("missing"), theme().faint_ink);
    }
    say(value_, text);
    value_->setToolTip(shown.value.plain() ? tr("stored as %1").arg(exact_text(shown.value)) : QString());
}

void WorkingPanel::show_fault(const Subject& shown) {
    QString text;
    if (shown.value.is_fault()) {
        const Fault fault = shown.value.fault();
        text = coloured(Document::translated(explain(document_.study(), document_.results(), fault)).toHtmlEscaped(),
                        theme().fault);
        if (const QString name = waited_for(shown.value); !name.isEmpty()) {
            const auto link = [&name](const char* to, const QString& words) {
                return QStringLiteral("<a href='%1:%2' style='color:%3'>%4</a>")
                    .arg(QLatin1String(to), name.toHtmlEscaped(), theme().follows.name(), words.toHtmlEscaped());
            };
            text = coloured(tr("It waits for %1, which does not exist yet.").arg(name).toHtmlEscaped(), theme().stays) +
                   QStringLiteral("<br>") + link("column", tr("Make %1 a column").arg(name)) + QStringLiteral(" · ") +
                   link("hold", tr("Hold %1 on the ledge").arg(name));
        }
        const DefinitionId origin = fault.at().definition;
        const bool elsewhere = !(origin == place_.definition) || fault.row != place_.row;
        if (elsewhere && !origin.empty()) {
            text += QStringLiteral("<br>") + link_to(origin, fault.row, tr("Go to where it began"), theme().follows);
        }
    } else if (shown.value.state() == State::unparsed) {
        const Kind kind = shown.column->computed() ? Kind::number : shown.column->cells->kind();
        text =
            coloured(Document::translated(explain_odd(kind, shown.value.text().str())).toHtmlEscaped(), theme().fault);
    }
    say(fault_, text);
}

void WorkingPanel::show_notes(const Subject& shown) {
    QStringList notes;
    if (shown.column != nullptr && shown.line == nullptr && !shown.column->computed()) {
        notes << coloured(tr("given"), theme().faint_ink);
    }
    if (const auto other = shown.column == nullptr || shown.line != nullptr
                               ? std::nullopt
                               : other_kind_of(*shown.column, own_spelling())) {
        const QString words = other->kind == Kind::number ? tr("This text looks like numbers: read it as numbers")
                              : other->spelling.month_first
                                  ? tr("This text looks like dates: read it as dates, month first")
                                  : tr("This text looks like dates: read it as dates, day first");
        notes << QStringLiteral("<a href='read:kind' style='color:%1'>%2</a>")
                     .arg(theme().follows.name(), words.toHtmlEscaped());
    }
    if (shown.held != nullptr && shown.formula == nullptr) {
        notes << coloured(tr("given: it stays put until you change it"), theme().faint_ink);
    }
    if (!shown.note.empty()) {
        notes << QString::fromStdString(shown.note).toHtmlEscaped();
    }
    say(notes_, notes.join(QStringLiteral("<br>")));
}

/// A link to a place, by its number among the panel's targets.
QString WorkingPanel::link_to(const DefinitionId& definition, std::size_t row, const QString& text,
                              const QColor& colour) {
    targets_.push_back({definition, row});
    return QStringLiteral("<a href='go:%1' style='color:%2'>%3</a>")
        .arg(targets_.size() - 1)
        .arg(colour.name(), text.toHtmlEscaped());
}

void WorkingPanel::show_links(const Subject& shown) {
    const Study& study = document_.study();
    QStringList uses;
    std::set<std::string> names;
    if (shown.formula != nullptr && shown.formula->tree()) {
        for (const Mark& mark :
             marks_of(*shown.formula->tree(), study, shown.table, shown.line == nullptr ? nullptr : shown.column)) {
            if (!mark.id.empty() && names.insert(mark.id.str()).second) {
                uses << link_to(mark.id, place_.row, QString::fromStdString(display_name(study, mark.id)),
                                colour_of(mark.manner));
            }
        }
    }
    say(uses_, uses.isEmpty() ? QString() : tr("Uses %1").arg(uses.join(QStringLiteral(", "))));
    QStringList users;
    if (shown.line == nullptr && shown.check == nullptr) {
        for (const User& user : parts_using(study, place_.definition.object)) {
            users << link_to(user.id, place_.row, QString::fromStdString(user.display_name), theme().ink);
        }
    }
    say(used_by_, users.isEmpty() ? QString() : tr("Used by %1").arg(users.join(QStringLiteral(", "))));
}

/// The typed-over cells of the column, each with a way to it and a way back to its formula.
void WorkingPanel::show_overrides(const Subject& shown) {
    QString text;
    if (shown.column != nullptr && shown.line == nullptr && shown.column->computed() &&
        !shown.column->overrides->empty()) {
        QStringList rows;
        std::optional<GridCells> grid;
        if (shown.table->two_way()) {
            const Column* down = document_.results().column((*shown.table->axis.column)->id);
            const Column* across = document_.results().column((*shown.table->across->column)->id);
            if (down == nullptr || across == nullptr) { // not computed yet
                return say(overrides_, QString());
            }
            grid.emplace(*shown.table, *down, *across);
        }
        for (const auto& [id, value] : *shown.column->overrides) {
            const auto row = grid ? grid->place_of(id) : shown.table->axis.row_of(id);
            if (row && rows.size() < most_listed) {
                rows << link_to(shown.column->id, *row + 1, place_in_words(*row + 1, grid ? grid->columns() : 0),
                                theme().stays) +
                            QStringLiteral(" = %1, <a href='back:%2'>%3</a>")
                                .arg(value_text(value, {}).toHtmlEscaped())
                                .arg(*row)
                                .arg(tr("restore formula"));
            }
        }
        const auto all = static_cast<qsizetype>(shown.column->overrides->size());
        text = tr("Overridden: %1").arg(all) + QStringLiteral("<br>") + rows.join(QStringLiteral("<br>"));
        if (all > rows.size()) {
            text += QStringLiteral("<br>") + tr("and %1 more").arg(all - rows.size());
        }
        if (all > 1) {
            text += QStringLiteral("<br><a href='back:all'>%1</a>").arg(tr("Restore formula in all of them"));
        }
    }
    say(overrides_, text);
}

void WorkingPanel::follow(const QString& link) {
    const QStringList parts = link.split(u':');
    const Subject now = subject();
    if (parts[0] == QStringLiteral("read") && now.column != nullptr) {
        if (const auto other = other_kind_of(*now.column, own_spelling())) {
            document_.perform(tr("reading text again"),
                              set_kind(document_.study(), now.column->id, other->kind, other->spelling));
        }
    } else if ((parts[0] == QStringLiteral("column") || parts[0] == QStringLiteral("hold")) && parts.size() == 2) {
        Q_EMIT definition_wanted(parts[1], parts[0] == QStringLiteral("hold"));
    } else if (parts[0] == QStringLiteral("go") && parts.size() == 2 && parts[1].toULongLong() < targets_.size()) {
        const WorkingPlace target = targets_[parts[1].toULongLong()];
        Q_EMIT place_wanted(target.definition, target.row);
    } else if (parts[0] == QStringLiteral("back") && parts.size() == 2) {
        const bool all = parts[1] == QStringLiteral("all");
        const Id column = place_.definition.object;
        document_.perform(all ? tr("restoring formulas") : tr("restoring a formula"),
                          all ? give_back(document_.study(), column, std::nullopt)
                              : document_.with_formula_again(column, parts[1].toULongLong()));
    }
}

} // namespace ledgefall
