#include "app/formula_editor/formula_editor.h"

#include "app/dialogs/prompts.h"
#include "app/formula_editor/formula_highlighter.h"
#include "app/numbers/formula_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/formula/names.h"
#include "core/study/edits/edits.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QScrollBar>
#include <QSyntaxHighlighter>
#include <QTextDocumentFragment>
#include <QVBoxLayout>

#include <set>

namespace ledgefall {
FormulaEditor::FormulaEditor(Document& document, ActiveEditor& active_editor, QWidget* parent)
    : QFrame(parent)
    , document_(document)
    , active_editor_(&active_editor)
    , draft_(document)
    , line_(new QPlainTextEdit(this))
    , highlighter_(new FormulaHighlighter(line_->document()))
    , aid_(new QLabel(this))
    , message_(new QLabel(this))
    , preview_(new QLabel(this))
    , hint_(new QLabel(this))
    , under_(new QScrollArea(this))
    , turn_(new QToolButton(this))
    , lift_(new QToolButton(this))
    , correction_(new QToolButton(this))
    , other_(new QToolButton(this))
    , list_(new CompletionList(parent)) {
    setObjectName(QStringLiteral("formula_editor"));
    setAutoFillBackground(true);
    line_->setFrameShape(QFrame::NoFrame);
    line_->setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
    line_->setTabChangesFocus(true);
    line_->setAccessibleName(tr("Formula"));
    line_->setPlaceholderText(tr("dev = x − mean(x)"));
    line_->installEventFilter(this);
    aid_->setTextFormat(Qt::RichText);
    message_->setWordWrap(true);
    preview_->setTextFormat(Qt::RichText);
    aid_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    preview_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    hint_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    for (QToolButton* button : {turn_, lift_, correction_, other_}) {
        button->setFocusPolicy(Qt::NoFocus);
        button->hide();
    }
    connect(turn_, &QToolButton::clicked, this, &FormulaEditor::turn);
    connect(lift_, &QToolButton::clicked, this, &FormulaEditor::lift);
    connect(correction_, &QToolButton::clicked, this, &FormulaEditor::correction);
    connect(other_, &QToolButton::clicked, this, &FormulaEditor::other_correction);
    lay_out();
    connect(line_, &QPlainTextEdit::textChanged, this, &FormulaEditor::look_over);
    connect(line_, &QPlainTextEdit::cursorPositionChanged, this, [this] {
        const int block = line_->textCursor().blockNumber();
        if (draft_.several() && std::exchange(block_, block) != block && !replacing_) {
            look_over(); // another definition than that which was looked at
        } else {
            show_trouble(); // the cursor may have left what was only begun
            show_aid();
        }
    });
    connect(&draft_, &FormulaDraft::computed, this, &FormulaEditor::show_preview);
    connect(list_, &CompletionList::taken, this, &FormulaEditor::take_completion);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &FormulaEditor::apply_theme);
    apply_theme();
    hide();
}

/// The text, what stands at the cursor, and below them a message, results and the hint, which share their height.
void FormulaEditor::lay_out() {
    auto* aids = new QHBoxLayout;
    aids->addWidget(aid_, 1);
    aids->addWidget(turn_);
    aids->addWidget(lift_);
    auto* troubles = new QHBoxLayout;
    troubles->addWidget(message_, 1);
    troubles->addWidget(correction_);
    troubles->addWidget(other_);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(14, 8, 14, 8);
    layout->setSpacing(4);
    layout->addWidget(line_);
    layout->addLayout(aids);
    layout->addWidget(under_);
    auto* shared = new QWidget(under_);
    auto* parts = new QVBoxLayout(shared);
    parts->setContentsMargins(0, 0, 0, 0);
    parts->setSpacing(2);
    parts->addLayout(troubles);
    parts->addWidget(preview_);
    parts->addWidget(hint_);
    parts->addStretch(1);
    under_->setWidget(shared);
    under_->setWidgetResizable(true);
    under_->setFrameShape(QFrame::NoFrame);
    under_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    under_->setFocusPolicy(Qt::NoFocus);
    under_->viewport()->setAutoFillBackground(false);
    shared->setAutoFillBackground(false);
}

/// A page that is closed is deleted later, when the active editor may have been deleted already.
FormulaEditor::~FormulaEditor() {
    if (active_editor_ != nullptr) {
        active_editor_->close(this);
    }
}

void FormulaEditor::apply_theme() {
    setStyleSheet(
        QStringLiteral("#formula_editor { background: %1; border: 1px solid %2; border-top: 4px solid %2; }"
                       "#formula_editor QPlainTextEdit { background: %3; color: %4; }")
            .arg(theme().stone_light.name(), theme().stone_edge.name(), theme().paper.name(), theme().ink.name()));
    line_->setFont(theme().text(12));
    preview_->setFont(theme().text(9.5));
    aid_->setFont(theme().text(9));
    aid_->setMinimumHeight(QFontMetrics(theme().text(9)).height() + theme().px(8)); // it comes and goes: nothing jumps
    hint_->setFont(theme().text(8.5));
    hint_->setStyleSheet(QStringLiteral("color: %1;").arg(theme().faint_ink.name()));
    if (is_open()) {
        reserve_height();
        look_over();
    }
}

QString FormulaEditor::preview() const {
    return QTextDocumentFragment::fromHtml(preview_->text()).toPlainText();
}

QString FormulaEditor::aid() const {
    return QTextDocumentFragment::fromHtml(aid_->text()).toPlainText();
}

/// As high as it will be while it is open, so that nothing under it moves while somebody points there: two lines, or as
/// many as it is opened with, and below them a message, three results or the hint. What is more scrolls.
void FormulaEditor::reserve_height() {
    constexpr int least_lines = 2;
    constexpr int most_lines = 10;
    const int lines = std::clamp(static_cast<int>(line_->document()->size().height()), least_lines, most_lines);
    line_->setFixedHeight(lines * QFontMetrics(line_->font()).lineSpacing() + 12);
    under_->setFixedHeight(3 * QFontMetrics(preview_->font()).lineSpacing() +
                           QFontMetrics(hint_->font()).lineSpacing() + theme().px(12));
}

void FormulaEditor::write(Id table, Id column, const QString& text, std::size_t row) {
    draft_.begin(table, column);
    hint_->setText(tr("Enter fills the column · Shift+Enter adds another definition · Escape cancels · Click a "
                      "heading, cell, foot line or held value to insert it, or press Alt and an arrow key"));
    open(text, row);
}

void FormulaEditor::spread(Id table, std::vector<Id> columns, const QString& text) {
    const auto count = columns.size();
    draft_.begin(table, Id(), std::move(columns));
    hint_->setText(
        tr("Enter writes a formula for each of the %1 selected columns; each stands for that column · Escape cancels")
            .arg(count));
    open(text, 1);
}

void FormulaEditor::open(const QString& text, std::size_t row) {
    row_ = std::max<std::size_t>(1, row);
    begun_ = text;
    confirmed_.clear();
    pointed_from_ = pointed_to_ = -1;
    preview_->clear();
    line_->setPlainText(text);
    show();
    reserve_height();
    line_->setFocus();
    line_->moveCursor(QTextCursor::End);
    active_editor_->open(this);
    look_over();
}

void FormulaEditor::close() {
    draft_.end();
    working_computer_.forget();
    list_->hide();
    hide();
    active_editor_->close(this);
    Q_EMIT tried(nullptr);
}

void FormulaEditor::replace(int from, int to, const QString& text) {
    QTextCursor cursor = line_->textCursor();
    cursor.setPosition(from);
    cursor.setPosition(to, QTextCursor::KeepAnchor);
    cursor.insertText(text);
    line_->setTextCursor(cursor);
}

void FormulaEditor::point_at(const QString& reference, Pointing how) {
    replacing_ = true;
    QTextCursor cursor = line_->textCursor();
    const bool again = pointed_to_ >= 0 && cursor.position() == pointed_to_ && !cursor.hasSelection();
    const bool adds = again && how == Pointing::adds;
    const QString comma = adds ? QStringLiteral(", ") : QString();
    const int from = adds ? pointed_to_ : again ? pointed_from_ : cursor.selectionStart();
    replace(from, again ? pointed_to_ : cursor.selectionEnd(), comma + reference);
    pointed_from_ = from + static_cast<int>(comma.size());
    pointed_to_ = pointed_from_ + static_cast<int>(reference.size());
    replacing_ = false;
    list_->hide();
    line_->setFocus();
    show_aid();
}

void FormulaEditor::look_over() {
    if (!replacing_) {
        pointed_from_ = pointed_to_ = -1;
    }
    insisted_ = false;
    draft_.set_text(line_->toPlainText(), line_->textCursor().position());
    show_trouble();
    if (!draft_.is_valid()) {
        preview_->clear();
        working_computer_.forget();
        Q_EMIT tried(nullptr);
    }
    complete();
    show_aid();
    Q_EMIT drafted();
}

void FormulaEditor::fill() {
    if (!draft_.takeable()) {
        insisted_ = true;
        show_trouble();
        if (message_->text().isEmpty() || message_->isHidden()) {
            message_->setText(tr("Write a name, then = and the formula, as in dev = x − mean(x)."));
            message_->show();
        }
        return;
    }
    if (draft_.giving_way() > 0 && confirmed_ != line_->toPlainText()) { // typed values go only at the second Enter
        confirmed_ = line_->toPlainText();
        message_->setText(draft_.warning() + u' ' + tr("Press Enter again to continue. Undo brings them back."));
        message_->show();
        return;
    }
    Id column;
    const Result<Study> next = draft_.written(&column);
    const QString name = draft_.name();
    if (document_.perform(name.isEmpty() ? tr("formula") : tr("formula of %1").arg(name), next)) {
        close();
        Q_EMIT filled(column);
    }
}

std::optional<QString> FormulaEditor::finish() {
    if (line_->toPlainText().trimmed() == begun_.trimmed()) {
        leave();
        return std::nullopt;
    }
    fill();
    return is_open() ? std::optional(message()) : std::nullopt;
}

void FormulaEditor::leave() {
    close();
    Q_EMIT left();
}

/// What a key does on the editor; false for those that the line itself takes.
bool FormulaEditor::handle_key(int key, Qt::KeyboardModifiers modifiers) {
    const bool control = modifiers.testFlag(Qt::ControlModifier);
    const bool listed = !list_->isHidden();
    switch (key) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        if (modifiers.testFlag(Qt::ShiftModifier)) { // another definition in the next line
            list_->hide();
            line_->insertPlainText(QStringLiteral("\n"));
            return true;
        }
        control ? correction() : listed && list_->stepped() ? take_completion() : fill();
        return true;
    case Qt::Key_Escape:
        listed ? list_->hide() : leave();
        return true;
    case Qt::Key_Tab:
        listed ? take_completion() : void();
        return listed;
    case Qt::Key_Up:
    case Qt::Key_Down:
        if (modifiers.testFlag(Qt::AltModifier)) {
            Q_EMIT pointer_moved(key == Qt::Key_Down ? 1 : -1, 0);
        } else if (listed) {
            list_->step(key == Qt::Key_Down ? 1 : -1);
        }
        return listed || modifiers.testFlag(Qt::AltModifier);
    case Qt::Key_Left:
    case Qt::Key_Right:
        if (modifiers.testFlag(Qt::AltModifier)) {
            Q_EMIT pointer_moved(0, key == Qt::Key_Right ? 1 : -1);
            return true;
        }
        return false;
    case Qt::Key_Home:
    case Qt::Key_End:
    case Qt::Key_PageUp:
    case Qt::Key_PageDown:
        if (modifiers.testFlag(Qt::AltModifier)) {
            Q_EMIT pointer_jumped(static_cast<Qt::Key>(key));
        }
        return modifiers.testFlag(Qt::AltModifier);
    case Qt::Key_L:
        if (control) {
            modifiers.testFlag(Qt::ShiftModifier) ? lift() : turn();
        }
        return control;
    default:
        return false;
    }
}

bool FormulaEditor::eventFilter(QObject* watched, QEvent* event) {
    if (watched == line_ && event->type() == QEvent::ShortcutOverride) { // keys that mean something here come here
        const auto* key = static_cast<QKeyEvent*>(event);
        const bool own =
            (key->key() == Qt::Key_L && key->modifiers().testFlag(Qt::ControlModifier)) ||
            (key->modifiers().testFlag(Qt::AltModifier) && key->key() >= Qt::Key_Left && key->key() <= Qt::Key_Down);
        if (own) {
            event->accept();
            return true;
        }
    }
    if (watched == line_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (handle_key(key->key(), key->modifiers())) {
            return true;
        }
    }
    if (watched == line_ && event->type() == QEvent::FocusOut) {
        list_->hide();
    }
    return QFrame::eventFilter(watched, event);
}

} // namespace ledgefall
