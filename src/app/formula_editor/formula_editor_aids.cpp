// What a editor does for the one who writes on it: tells what is wrong and mends it, says what stands at the cursor,
// turns it, puts it on the ledge, completes names, shows results with their numbers put in.

#include "app/dialogs/prompts.h"
#include "app/formula_editor/formula_editor.h"
#include "app/formula_editor/formula_highlighter.h"
#include "app/numbers/formula_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/formula/names.h"
#include "core/study/edits/edits.h"
#include "core/study/model/study_part.h"

#include <set>

namespace ledgefall {
namespace {

constexpr std::size_t most_texts = 200; ///< of a text column, for completing
constexpr std::size_t most_searched = 100'000;

/// The different texts of a given column, in the order of the alphabet.
std::vector<std::string> texts_of(const ColumnDefinition& column) {
    std::set<std::string> texts;
    if (column.cells->kind() == Kind::text) {
        for (std::size_t row = 0; row < std::min(column.cells->size(), most_searched); ++row) {
            const Value value = column.cells->at(row);
            if (value.plain() && texts.size() < most_texts) {
                texts.insert(value.text().str());
            }
        }
    }
    return {texts.begin(), texts.end()};
}

QString shortened(const std::string& correction) {
    constexpr qsizetype most = 48;
    const QString text = QString::fromStdString(correction).trimmed();
    return text.size() > most ? text.left(most - 1) + QStringLiteral("…") : text;
}

QString coloured(const QString& text, const QColor& colour) {
    return QStringLiteral("<span style='color:%1'>%2</span>").arg(colour.name(), text.toHtmlEscaped());
}

} // namespace

bool FormulaEditor::only_begun() const {
    const bool typed = has_changes() && line_->textCursor().atEnd();
    return typed && !insisted_ && !draft_.trouble()->follows.isEmpty();
}

void FormulaEditor::show_trouble() {
    mark_trouble();
    message_->hide();
    correction_->hide();
    other_->hide();
    const auto& trouble = draft_.trouble();
    if (!trouble) {
        message_->setStyleSheet(QStringLiteral("color: %1;").arg(theme().stays.name()));
        message_->setText(draft_.warning());
        message_->setVisible(!draft_.warning().isEmpty());
        return;
    }
    const bool waits = !trouble->waits_for.empty();
    const bool begun = only_begun();
    message_->setStyleSheet(QStringLiteral("color: %1;")
                                .arg((begun   ? theme().faint_ink
                                      : waits ? theme().stays
                                              : theme().fault)
                                         .name()));
    message_->setText(begun   ? trouble->follows
                      : waits ? trouble->what + u' ' +
                                    tr("Enter accepts the formula as it is. It waits for %1.")
                                        .arg(QString::fromStdString(trouble->waits_for))
                              : trouble->what);
    message_->show();
    if (!begun && message_->text() != announced_) {
        announced_ = message_->text();
        announce(*message_);
    }
    const QString keys = QStringLiteral("Ctrl+Enter");
    if (!trouble->hold.empty()) {
        correction_->setText(tr("Hold %1 (%2)").arg(QString::fromStdString(trouble->hold), keys));
        correction_->show();
    } else if (!trouble->text_column.empty()) {
        const ColumnDefinition* column = find_part(draft_.tried(), trouble->text_column).column;
        const QString name = QString::fromStdString(column->name);
        correction_->setText((trouble->as.kind == Kind::number   ? tr("Read %1 as numbers (%2)")
                              : trouble->as.spelling.month_first ? tr("Read %1 as dates, month first (%2)")
                                                                 : tr("Read %1 as dates, day first (%2)"))
                                 .arg(name, keys));
        correction_->show();
    } else if (trouble->correction) {
        const QString text = shortened(trouble->correction->text);
        correction_->setText(text.isEmpty() ? tr("Remove (%1)").arg(keys) : tr("Write %1 (%2)").arg(text, keys));
        correction_->show();
        if (trouble->other) {
            other_->setText(tr("Write %1").arg(shortened(trouble->other->text)));
            other_->show();
        }
    }
}

/// What is wrong has a wave under it: red, or sandstone where it is only waited for; none where it is only begun.
void FormulaEditor::mark_trouble() {
    QList<QTextLayout::FormatRange> ranges = draft_.formats();
    const auto& trouble = draft_.trouble();
    if (trouble && !only_begun()) {
        const int size = static_cast<int>(line_->toPlainText().size());
        const QColor colour = trouble->waits_for.empty() ? theme().fault : theme().stays;
        QTextLayout::FormatRange wave;
        wave.start = std::min(trouble->from, std::max(0, size - 1));
        wave.length = std::max(1, trouble->to - trouble->from);
        wave.format.setUnderlineStyle(QTextCharFormat::WaveUnderline);
        wave.format.setUnderlineColor(colour);
        wave.format.setForeground(colour);
        ranges.append(wave);
    }
    if (ranges != highlighter_->ranges) {
        highlighter_->ranges = std::move(ranges);
        const QSignalBlocker quiet(line_);
        highlighter_->rehighlight();
    }
}

void FormulaEditor::correction() {
    const auto trouble = draft_.trouble();
    if (!trouble || correction_->isHidden()) {
        return;
    }
    if (!trouble->hold.empty()) {
        draft_.hold_too(trouble->hold, true);
        look_over();
        return;
    }
    if (!trouble->text_column.empty()) {
        if (document_.perform(tr("reading text again"), set_kind(document_.study(), trouble->text_column,
                                                                 trouble->as.kind, trouble->as.spelling))) {
            look_over();
        }
        return;
    }
    take_correction(*trouble->correction);
}

void FormulaEditor::other_correction() {
    const auto trouble = draft_.trouble();
    if (trouble && trouble->other) {
        take_correction(*trouble->other);
    }
}

void FormulaEditor::take_correction(const SuggestedCorrection& correction) {
    const std::string text = line_->toPlainText().toStdString();
    replace(position_of(text, correction.span.from), position_of(text, correction.span.to),
            QString::fromStdString(correction.text));
    line_->moveCursor(QTextCursor::End);
}

void FormulaEditor::show_aid() {
    if (!is_open()) {
        return;
    }
    const int place = line_->textCursor().position();
    const auto turning = draft_.turning_at(place, row_);
    const auto liftable = draft_.liftable_at(place);
    QString text;
    if (turning) {
        const QString said = turning->manner == Manner::stays     ? tr("%1 stays put")
                             : turning->manner == Manner::follows ? tr("%1 follows the row")
                             : turning->manner == Manner::across  ? tr("%1 follows the column")
                                                                  : tr("%1 follows the row and the column");
        text = coloured(said.arg(QString::fromStdString(turning->now)), colour_of(turning->manner));
    }
    const QString before = line_->toPlainText().mid(draft_.formula_from(), place - draft_.formula_from());
    if (const auto call = open_call(before.toStdString(), document_.study(), draft_.table())) {
        QStringList arguments;
        QString explained;
        if (call->function != nullptr) {
            const auto& all = call->function->arguments;
            for (std::size_t at = 0; at < all.size(); ++at) {
                const QString name =
                    QString::fromUtf8(all[at].name.data(), static_cast<qsizetype>(all[at].name.size()));
                const bool now = at == std::min(call->argument, all.size() - 1);
                arguments << (now ? QStringLiteral("<b>%1</b>").arg(name) : name);
                if (now) {
                    explained = all[at].role == Role::sample   ? tr("%1 runs over the rows").arg(name)
                                : all[at].role == Role::paired ? tr("%1 runs along with it").arg(name)
                                                               : tr("%1 is a single value").arg(name);
                }
            }
            explained += QStringLiteral(" — ") + Document::translated(call->function->purpose);
        } else {
            for (std::size_t at = 0; at < call->held->parameters.size(); ++at) {
                const QString name = QString::fromStdString(call->held->parameters[at]);
                arguments << (at == call->argument ? QStringLiteral("<b>%1</b>").arg(name) : name);
            }
            explained = QString::fromStdString(call->held->note);
        }
        text +=
            (text.isEmpty() ? QString() : QStringLiteral(" &nbsp;·&nbsp; ")) +
            QStringLiteral("%1(%2) ").arg(QString::fromStdString(call->name), arguments.join(QStringLiteral(", "))) +
            coloured(explained, theme().faint_ink);
    }
    aid_->setText(text);
    const bool turns = turning && !turning->turned.empty();
    turn_->setVisible(turns);
    if (turns) {
        turn_->setText(tr("Change to %1 (Ctrl+L)").arg(QString::fromStdString(turning->turned)));
    }
    lift_->setVisible(liftable.has_value());
    lift_->setText(tr("Hold on the ledge… (Ctrl+Shift+L)"));
}

void FormulaEditor::turn() {
    const auto turning = draft_.turning_at(line_->textCursor().position(), row_);
    if (!turning || turning->turned.empty()) {
        return;
    }
    const std::string text = line_->toPlainText().toStdString();
    replacing_ = true;
    const int from = position_of(text, turning->span.from);
    replace(from, position_of(text, turning->span.to), QString::fromStdString(turning->turned));
    pointed_from_ = pointed_to_ >= 0 ? from : -1;
    pointed_to_ = pointed_to_ >= 0 ? from + static_cast<int>(turning->turned.size()) : -1;
    replacing_ = false;
    list_->hide();
    line_->setFocus();
    show_aid();
}

void FormulaEditor::lift() {
    if (!draft_.liftable_at(line_->textCursor().position())) {
        return;
    }
    const auto name = ask_text(this, tr("Hold on the ledge"), tr("Name of the held value:"), {});
    if (name && !name->isEmpty()) {
        lift_as(*name);
    }
    line_->setFocus();
}

void FormulaEditor::lift_as(const QString& name) {
    const auto span = draft_.liftable_at(line_->textCursor().position());
    if (!span) {
        return;
    }
    const std::string text = line_->toPlainText().toStdString();
    const std::string value = text.substr(span->from, span->to - span->from);
    const bool cell = begins_name(code_point_at(value, 0).value); // of a table, on whose ledge it stands
    if (const auto refused = draft_.hold_too(name.toStdString() + " = " + value, cell)) {
        document_.refuse(Sentence(refused->toStdString()));
        return;
    }
    replace(position_of(text, span->from), position_of(text, span->to), name);
    look_over(); // where the text is the same, its meaning is not
}

void FormulaEditor::complete() {
    const QTextCursor cursor = line_->textCursor();
    if (!is_open() || replacing_ || cursor.hasSelection() || cursor.position() < draft_.formula_from()) {
        list_->hide();
        return;
    }
    const QString before = line_->toPlainText().left(cursor.position());
    const std::string formula = before.mid(draft_.formula_from()).toStdString();
    const Completions completions =
        completions_for(formula, document_.study(), draft_.table(), texts_of, draft_.column());
    const QRect caret = line_->cursorRect();
    list_->offer(completions.all,
                 list_->parentWidget()->mapFromGlobal(line_->viewport()->mapToGlobal(caret.bottomLeft())) +
                     QPoint(-theme().px(8), theme().px(4)));
}

void FormulaEditor::take_completion() {
    const Completion* chosen = list_->chosen();
    if (chosen == nullptr) {
        return;
    }
    const int place = line_->textCursor().position();
    const QString before = line_->toPlainText().left(place).mid(draft_.formula_from());
    const std::string formula = before.toStdString();
    const Completions completions =
        completions_for(formula, document_.study(), draft_.table(), texts_of, draft_.column());
    const int from = draft_.formula_from() + position_of(formula, completions.from);
    const QString text = QString::fromStdString(chosen->text);
    list_->hide();
    replace(from, place, text);
    line_->setFocus();
}

void FormulaEditor::show_preview(const ResultsPtr& results) {
    const Id column = draft_.tried_column();
    const Column* cells = results->column(column);
    if (cells == nullptr || !is_open()) {
        return;
    }
    Q_EMIT tried(results);
    std::vector<WorkingPlace> places;
    for (const std::size_t row : {std::size_t{0}, cells->size() / 2, cells->size() == 0 ? 0 : cells->size() - 1}) {
        const bool again = !places.empty() && places.back().row >= row + 1;
        if (row < cells->size() && !again) {
            places.push_back({column, row + 1});
        }
    }
    working_computer_.ask(
        draft_.tried(), results, places, [this, places, results](const WorkingComputer::Workings& workings) {
            QStringList lines;
            for (std::size_t at = 0; at < workings.size(); ++at) {
                if (!workings[at]) {
                    continue;
                }
                const Working& working = *workings[at];
                const Value value = working.result;
                const QString shown = value.is_missing() ? tr("missing") : told_text(value);
                QString put_in = working.lines.size() > 2 ? QString::fromStdString(working.lines[1]) : QString();
                put_in = put_in.size() > 70 ? put_in.left(68) + QStringLiteral("…") : put_in;
                const std::size_t columns = columns_of_grid(draft_.tried(), *results, draft_.table_id());
                lines << tr("%1: %2").arg(place_in_words(places[at].row, columns),
                                          coloured(shown, value.is_fault() ? theme().fault : theme().follows)) +
                             (put_in.isEmpty() ? QString()
                                               : coloured(QStringLiteral("  =  ") + put_in, theme().faint_ink));
            }
            preview_->setText(lines.join(QStringLiteral("<br>")));
        });
}

} // namespace ledgefall
