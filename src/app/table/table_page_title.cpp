// The line over a table: its title, which is written in place, and what is said of its rows.

#include "app/table/table_page.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "core/study/model/fault_explanation.h"

#include <QKeyEvent>
#include <QLineEdit>

#include <utility>

namespace ledgefall {

QString TablePage::state_line() const {
    const Table* table = model_->table();
    QStringList parts;
    if (const auto fault = document_.results().fault_of_rows(table_)) {
        return Document::translated(explain(document_.study(), document_.results(), *fault));
    }
    if (document_.shows_old()) {
        parts << (document_.computing() ? tr("values from before the last change")
                                        : tr("computing was stopped: old values"));
    }
    if (table->two_way()) {
        const auto length = [this](const Axis& axis) { return document_.results().rows((*axis.column)->id); };
        parts << tr("rows: %1, columns: %2").arg(length(table->axis)).arg(length(*table->across));
    }
    const Formula* counted = table->axis.source->count();
    const bool shown =
        table->two_way() || (counted != nullptr && counted->text() == std::to_string(model_->table_rows()));
    if (!shown) { // else it stands in the field beside
        parts << tr("rows: %1").arg(model_->table_rows());
    }
    const auto name_of = [this](Id id) { return display_name(document_.study(), id); };
    for (const Sentence& about : table->two_way() ? std::vector<Sentence>() : table->axis.source->in_words(name_of)) {
        parts << Document::translated(about);
    }
    std::size_t faults = 0;
    for (const auto& column : table->columns) {
        const Results::Entry* entry = document_.results().find(column->id);
        const bool waits = entry != nullptr && entry->faults > 0 && !entry->first_fault.at().waits_for.empty();
        faults += entry == nullptr || waits ? 0 : entry->faults;
    }
    if (faults > 0) {
        parts << tr("errors: %1").arg(faults);
    }
    int holding = 0;
    int broken = 0;
    for (const auto& check : document_.study().checks) {
        if (check->table == table_) {
            const Document::CheckState state = document_.check_state(check->id);
            holding += state == Document::CheckState::holds ? 1 : 0;
            broken += state == Document::CheckState::fails ? 1 : 0;
        }
    }
    if (holding > 0) {
        parts << tr("checks that hold: %1").arg(holding);
    }
    if (broken > 0) {
        parts << tr("failing checks: %1").arg(broken);
    }
    if (!table->note.empty()) {
        parts << QString::fromStdString(table->note);
    }
    return parts.join(QStringLiteral("  ·  "));
}

bool TablePage::eventFilter(QObject* watched, QEvent* event) {
    if (watched == title_ && event->type() == QEvent::MouseButtonDblClick) {
        edit_title();
        return true;
    }
    if (title_line_ != nullptr && watched == title_line_ && event->type() == QEvent::KeyPress &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
        take_title(false);
        return true;
    }
    return QWidget::eventFilter(watched, event);
}

/// The title becomes a line that is written in; Enter or a click elsewhere takes it, Escape leaves it.
void TablePage::edit_title() {
    title_line_ = new QLineEdit(QString::fromStdString(model_->table()->shown_label()), this);
    title_line_->setAccessibleName(tr("Title of the table"));
    title_line_->setFont(title_->font());
    title_line_->setMinimumWidth(theme().px(180));
    line_->insertWidget(0, title_line_);
    title_->hide();
    title_line_->installEventFilter(this);
    title_line_->setFocus();
    title_line_->selectAll();
    connect(title_line_, &QLineEdit::editingFinished, this, [this] { take_title(true); });
}

void TablePage::take_title(bool take) {
    QLineEdit* line = std::exchange(title_line_, nullptr);
    if (line == nullptr) {
        return;
    }
    const QString title = line->text().trimmed();
    line->hide();
    line->deleteLater();
    title_->show();
    view_->setFocus();
    if (take && !title.isEmpty() && title != title_->text()) {
        document_.perform(tr("title"), retitle_table(document_.study(), table_, title.toStdString()));
    }
}

void TablePage::refresh_title() {
    const Table* table = model_->table();
    if (table == nullptr) {
        return;
    }
    title_->setFont(theme().text(14, true));
    if (const QString label = QString::fromStdString(table->shown_label()); label != title_->text()) {
        title_->setText(label);
        name_panel(*this, label);
        view_->setAccessibleName(tr("Table %1").arg(label));
        foot_->setAccessibleName(tr("Foot of %1").arg(label));
    }
    state_->setFont(theme().text(9));
    QPalette quiet = state_->palette();
    quiet.setColor(QPalette::WindowText, theme().faint_ink);
    state_->setPalette(quiet);
    if (const QString state = state_line(); state != told_state_) {
        told_state_ = state;
        fit_state();
        state_->setToolTip(state);
    }
}

} // namespace ledgefall
