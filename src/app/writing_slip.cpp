#include "app/writing_slip.h"

#include "app/formula_text.h"
#include "app/number_text.h"
#include "core/engine/plan.h"
#include "core/study/edits.h"

#include <QKeyEvent>
#include <QLabel>
#include <QVBoxLayout>

namespace ledgefall {

class WritingSlip::Highlighter : public QSyntaxHighlighter {
  public:
    using QSyntaxHighlighter::QSyntaxHighlighter;
    QList<QTextLayout::FormatRange> ranges;

  protected:
    void highlightBlock(const QString&) override {
        for (const auto& range : ranges) {
            setFormat(range.start, range.length, range.format);
        }
    }
};

WritingSlip::WritingSlip(Document& document, QWidget* parent)
    : QFrame(parent)
    , document_(document)
    , line_(new QPlainTextEdit(this))
    , highlighter_(new Highlighter(line_->document()))
    , message_(new QLabel(this))
    , preview_(new QLabel(this)) {
    setObjectName(QStringLiteral("slip"));
    setAutoFillBackground(true);
    setStyleSheet(QStringLiteral("#slip { background: %1; border: 1px solid %2; border-top: 4px solid %2; }")
                      .arg(look().stone_light.name(), look().stone_edge.name()));
    line_->setFrameShape(QFrame::NoFrame);
    line_->setFont(look().text(12));
    line_->setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
    line_->setTabChangesFocus(true);
    line_->setAccessibleName(tr("Formula"));
    line_->setPlaceholderText(tr("dev = x − mean(x)"));
    line_->installEventFilter(this);
    message_->setWordWrap(true);
    message_->setAccessibleName(tr("What is wrong with the formula"));
    preview_->setWordWrap(true);
    preview_->setStyleSheet(QStringLiteral("color: %1;").arg(look().follows.name()));
    auto* hint = new QLabel(
        tr("Enter fills the column · Escape leaves it · click a heading or a held value to put its name in"), this);
    hint->setFont(look().text(8.5));
    hint->setStyleSheet(QStringLiteral("color: %1;").arg(look().faint_ink.name()));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(14, 8, 14, 8);
    layout->setSpacing(4);
    for (QWidget* part : {static_cast<QWidget*>(line_), static_cast<QWidget*>(message_),
                          static_cast<QWidget*>(preview_), static_cast<QWidget*>(hint)}) {
        layout->addWidget(part);
    }
    line_->setFixedHeight(line_height());
    connect(line_, &QPlainTextEdit::textChanged, this, &WritingSlip::look_over);
    connect(&trial_, &Computer::finished, this, &WritingSlip::show_preview);
    hide();
}

int WritingSlip::line_height() const {
    const int lines = std::clamp(static_cast<int>(line_->document()->size().height()), 1, 4);
    return lines * QFontMetrics(line_->font()).lineSpacing() + 12;
}

void WritingSlip::write(Id table, Id column, const QString& text) {
    table_ = table;
    column_ = column;
    preview_->clear();
    line_->setPlainText(text);
    show();
    line_->setFocus();
    line_->moveCursor(QTextCursor::End);
    look_over();
}

void WritingSlip::insert_name(const QString& name) {
    line_->insertPlainText(name);
    line_->setFocus();
}

Result<Study> WritingSlip::written(Id* column) const {
    const std::string text = line_->toPlainText().toStdString();
    if (column_.empty()) {
        return write_column(document_.study(), table_, text, column);
    }
    *column = column_;
    return rewrite_column(document_.study(), column_, text);
}

void WritingSlip::look_over() {
    sound_ = false;
    message_->hide();
    highlighter_->ranges.clear();
    line_->setFixedHeight(line_height());
    const std::string text = line_->toPlainText().toStdString();
    const ParsedDefinition parsed = parse_definition(text, column_.empty());
    const Table* table = document_.study().table(table_);
    if (parsed.mistake) {
        preview_->clear();
        const QString written = line_->toPlainText().trimmed();
        const bool begun = written.size() > 1 && !written.endsWith(QLatin1Char('='));
        if (begun) {
            show_mistake(parsed.mistake->what, position_of(text, parsed.mistake->span.from),
                         position_of(text, parsed.mistake->span.to));
        }
    } else {
        const std::string formula = parsed.definition.formula_text();
        const int offset = position_of(text, parsed.definition.formula_from);
        highlighter_->ranges =
            reference_formats(formula, marks_of(*parsed.definition.formula, document_.study(), table));
        for (auto& range : highlighter_->ranges) {
            range.start += offset;
        }
        const Result<Study> next = written(&tried_column_);
        if (!next) {
            show_mistake(next.refusal(), 0, static_cast<int>(parsed.definition.name.size()));
        } else {
            const Plan plan = make_plan(*next);
            const PlannedDefinition* planned = plan.find(tried_column_);
            if (planned != nullptr && planned->fault) {
                const FaultSite& site = Fault{*planned->fault, 0}.at();
                show_mistake(site.what, offset + position_of(formula, site.from),
                             offset + position_of(formula, site.to));
            } else {
                sound_ = true;
                show_warning(hint_for(*parsed.definition.formula, document_.study(), table));
                tried_ = *next;
                trial_.ask(tried_);
            }
        }
    }
    const QSignalBlocker quiet(line_);
    highlighter_->rehighlight();
}

/// What is allowed and rarely meant; and that a formula takes the place of what was typed, before it happens.
void WritingSlip::show_warning(const std::optional<Hint>& hint) {
    if (hint) {
        message_->setStyleSheet(QStringLiteral("color: %1;").arg(look().stays.name()));
        message_->setText(Document::translated(hint->what));
        message_->show();
        return;
    }
    const Table* table = document_.study().table(table_);
    const ColumnDefinition* before = table == nullptr ? nullptr : table->column(tried_column_);
    if (before == nullptr || before->worked() || before->cells->empty()) {
        return;
    }
    message_->setStyleSheet(QStringLiteral("color: %1;").arg(look().stays.name()));
    message_->setText(tr("Entering this takes the place of the typed values of %1 (%2 rows); Undo brings them back.")
                          .arg(QString::fromStdString(before->name))
                          .arg(before->cells->size()));
    message_->show();
}

void WritingSlip::show_mistake(const Sentence& what, int from, int to) {
    message_->setStyleSheet(QStringLiteral("color: %1;").arg(look().fault.name()));
    message_->setText(Document::translated(what));
    message_->show();
    const int size = static_cast<int>(line_->toPlainText().size());
    QTextLayout::FormatRange wave;
    wave.start = std::min(from, std::max(0, size - 1));
    wave.length = std::max(1, to - from);
    wave.format.setUnderlineStyle(QTextCharFormat::WaveUnderline);
    wave.format.setUnderlineColor(look().fault);
    wave.format.setForeground(look().fault);
    highlighter_->ranges.append(wave);
    preview_->clear();
}

void WritingSlip::show_preview(const ResultsPtr& results) {
    const Column* cells = results && sound_ ? results->column(tried_column_) : nullptr;
    if (cells == nullptr || !isVisible()) {
        return;
    }
    const Format format = settled_format({}, *cells);
    QStringList rows;
    for (const std::size_t row : {std::size_t{0}, cells->size() / 2, cells->size() - 1}) {
        const bool again = !rows.isEmpty() && row < static_cast<std::size_t>(rows.size());
        if (row < cells->size() && !again) {
            const Value value = cells->at(row);
            const QString shown = value.is_missing() ? tr("missing") : value_text(value, format);
            rows << tr("row %1: %2").arg(row + 1).arg(shown);
        }
    }
    preview_->setText(rows.join(QStringLiteral("   ·   ")));
}

void WritingSlip::fill() {
    if (!sound_) {
        if (message_->text().isEmpty() || message_->isHidden()) {
            message_->setText(tr("Write a name, then = and the formula, as in dev = x − mean(x)."));
            message_->show();
        }
        return;
    }
    Id column;
    const Result<Study> next = written(&column);
    const QString name = QString::fromStdString(parse_definition(line_->toPlainText().toStdString()).definition.name);
    if (document_.perform(name.isEmpty() ? tr("formula") : tr("formula of %1").arg(name), next)) {
        hide();
        Q_EMIT filled(column);
    }
}

void WritingSlip::leave() {
    trial_.stop();
    hide();
    Q_EMIT left();
}

bool WritingSlip::eventFilter(QObject* watched, QEvent* event) {
    if (watched == line_ && event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Return || key == Qt::Key_Enter) {
            fill();
            return true;
        }
        if (key == Qt::Key_Escape) {
            leave();
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

} // namespace ledgefall
