#include "app/writing_slip.h"

#include "app/ask.h"
#include "app/formula_text.h"
#include "app/look.h"
#include "app/number_text.h"
#include "core/formula/names.h"
#include "core/study/edits.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QScrollBar>
#include <QSyntaxHighlighter>
#include <QTextDocumentFragment>
#include <QVBoxLayout>

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

QString coloured(const QString& text, const QColor& colour) {
    return QStringLiteral("<span style='color:%1'>%2</span>").arg(colour.name(), text.toHtmlEscaped());
}

} // namespace

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

WritingSlip::WritingSlip(Document& document, Pen& pen, QWidget* parent)
    : QFrame(parent)
    , document_(document)
    , pen_(pen)
    , draft_(document)
    , line_(new QPlainTextEdit(this))
    , highlighter_(new Highlighter(line_->document()))
    , aid_(new QLabel(this))
    , message_(new QLabel(this))
    , preview_(new QLabel(this))
    , hint_(new QLabel(this))
    , turn_(new QToolButton(this))
    , lift_(new QToolButton(this))
    , mend_(new QToolButton(this))
    , list_(new CompletionList(parent)) {
    setObjectName(QStringLiteral("slip"));
    setAutoFillBackground(true);
    line_->setFrameShape(QFrame::NoFrame);
    line_->setVerticalScrollBarPolicy(Qt::ScrollBarAsNeeded);
    line_->setTabChangesFocus(true);
    line_->setAccessibleName(tr("Formula"));
    line_->setPlaceholderText(tr("dev = x − mean(x)"));
    line_->installEventFilter(this);
    aid_->setTextFormat(Qt::RichText);
    aid_->setAccessibleName(tr("What stands at the cursor"));
    message_->setWordWrap(true);
    message_->setAccessibleName(tr("What is wrong with the formula"));
    preview_->setTextFormat(Qt::RichText);
    preview_->setAccessibleName(tr("The first, a middle and the last row"));
    aid_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    preview_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    hint_->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Preferred);
    for (QToolButton* button : {turn_, lift_, mend_}) {
        button->setFocusPolicy(Qt::NoFocus);
        button->hide();
    }
    connect(turn_, &QToolButton::clicked, this, &WritingSlip::turn);
    connect(lift_, &QToolButton::clicked, this, &WritingSlip::lift);
    connect(mend_, &QToolButton::clicked, this, &WritingSlip::mend);
    auto* aids = new QHBoxLayout;
    aids->addWidget(aid_, 1);
    aids->addWidget(turn_);
    aids->addWidget(lift_);
    auto* troubles = new QHBoxLayout;
    troubles->addWidget(message_, 1);
    troubles->addWidget(mend_);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(14, 8, 14, 8);
    layout->setSpacing(4);
    layout->addWidget(line_);
    layout->addLayout(aids);
    layout->addLayout(troubles);
    layout->addWidget(preview_);
    layout->addWidget(hint_);
    connect(line_, &QPlainTextEdit::textChanged, this, &WritingSlip::look_over);
    connect(line_, &QPlainTextEdit::cursorPositionChanged, this, &WritingSlip::show_aid);
    connect(&draft_, &FormulaDraft::worked_out, this, &WritingSlip::show_preview);
    connect(list_, &CompletionList::taken, this, &WritingSlip::take_completion);
    connect(&look_news(), &LookNews::changed, this, &WritingSlip::dress);
    dress();
    hide();
}

WritingSlip::~WritingSlip() {
    pen_.lay_down(this);
}

void WritingSlip::dress() {
    setStyleSheet(
        QStringLiteral("#slip { background: %1; border: 1px solid %2; border-top: 4px solid %2; }"
                       "#slip QPlainTextEdit { background: %3; color: %4; }")
            .arg(look().stone_light.name(), look().stone_edge.name(), look().paper.name(), look().ink.name()));
    line_->setFont(look().text(12));
    preview_->setFont(look().text(9.5));
    aid_->setFont(look().text(9));
    aid_->setMinimumHeight(QFontMetrics(look().text(9)).height() + look().px(8)); // it comes and goes: nothing jumps
    preview_->setMinimumHeight(3 * QFontMetrics(look().text(9.5)).lineSpacing());
    hint_->setFont(look().text(8.5));
    hint_->setStyleSheet(QStringLiteral("color: %1;").arg(look().faint_ink.name()));
    if (is_open()) {
        look_over();
    }
}

QString WritingSlip::preview() const {
    return QTextDocumentFragment::fromHtml(preview_->text()).toPlainText();
}

QString WritingSlip::aid() const {
    return QTextDocumentFragment::fromHtml(aid_->text()).toPlainText();
}

int WritingSlip::line_height() const {
    const int lines = std::clamp(static_cast<int>(line_->document()->size().height()), 1, 4);
    return lines * QFontMetrics(line_->font()).lineSpacing() + 12;
}

void WritingSlip::write(Id table, Id column, const QString& text, std::size_t row) {
    draft_.begin(table, column);
    hint_->setText(
        tr("Enter fills the column · Escape leaves it · click a heading, a cell, a foot line or a held value "
           "to put it in, or Alt and an arrow"));
    open(text, row);
}

void WritingSlip::spread(Id table, std::vector<Id> columns, const QString& text) {
    const auto count = columns.size();
    draft_.begin(table, Id(), std::move(columns));
    hint_->setText(
        tr("Enter writes a column for each of the %1 chosen ones; each stands for the one · Escape leaves it")
            .arg(count));
    open(text, 1);
}

void WritingSlip::open(const QString& text, std::size_t row) {
    row_ = std::max<std::size_t>(1, row);
    pointed_from_ = pointed_to_ = -1;
    preview_->clear();
    line_->setPlainText(text);
    show();
    line_->setFocus();
    line_->moveCursor(QTextCursor::End);
    pen_.take_up(this);
    look_over();
}

void WritingSlip::close() {
    draft_.end();
    teller_.forget();
    list_->hide();
    hide();
    pen_.lay_down(this);
    Q_EMIT tried(nullptr);
}

void WritingSlip::replace(int from, int to, const QString& text) {
    QTextCursor cursor = line_->textCursor();
    cursor.setPosition(from);
    cursor.setPosition(to, QTextCursor::KeepAnchor);
    cursor.insertText(text);
    line_->setTextCursor(cursor);
}

void WritingSlip::point_at(const QString& reference) {
    replacing_ = true;
    QTextCursor cursor = line_->textCursor();
    const bool again = pointed_to_ >= 0 && cursor.position() == pointed_to_ && !cursor.hasSelection();
    const int from = again ? pointed_from_ : cursor.selectionStart();
    replace(from, again ? pointed_to_ : cursor.selectionEnd(), reference);
    pointed_from_ = from;
    pointed_to_ = from + static_cast<int>(reference.size());
    replacing_ = false;
    list_->hide();
    line_->setFocus();
    show_aid();
}

void WritingSlip::look_over() {
    if (!replacing_) {
        pointed_from_ = pointed_to_ = -1;
    }
    line_->setFixedHeight(line_height());
    draft_.set_text(line_->toPlainText());
    show_trouble();
    if (!draft_.sound()) {
        preview_->clear();
        teller_.forget();
        Q_EMIT tried(nullptr);
    }
    const QSignalBlocker quiet(line_);
    highlighter_->rehighlight();
    complete();
    show_aid();
    Q_EMIT drafted();
}

void WritingSlip::show_trouble() {
    highlighter_->ranges = draft_.formats();
    message_->hide();
    mend_->hide();
    const auto& trouble = draft_.trouble();
    if (!trouble) {
        message_->setStyleSheet(QStringLiteral("color: %1;").arg(look().stays.name()));
        message_->setText(draft_.warning());
        message_->setVisible(!draft_.warning().isEmpty());
        return;
    }
    message_->setStyleSheet(QStringLiteral("color: %1;").arg(look().fault.name()));
    message_->setText(trouble->what);
    message_->show();
    const int size = static_cast<int>(line_->toPlainText().size());
    QTextLayout::FormatRange wave;
    wave.start = std::min(trouble->from, std::max(0, size - 1));
    wave.length = std::max(1, trouble->to - trouble->from);
    wave.format.setUnderlineStyle(QTextCharFormat::WaveUnderline);
    wave.format.setUnderlineColor(look().fault);
    wave.format.setForeground(look().fault);
    highlighter_->ranges.append(wave);
    const QString keys = QStringLiteral("Ctrl+Enter");
    if (!trouble->hold.empty()) {
        mend_->setText(tr("Hold %1 (%2)").arg(QString::fromStdString(trouble->hold), keys));
        mend_->show();
    } else if (trouble->mend) {
        const QString text = QString::fromStdString(trouble->mend->text).trimmed();
        mend_->setText(text.isEmpty() ? tr("Take it out (%1)").arg(keys) : tr("Write %1 (%2)").arg(text, keys));
        mend_->show();
    }
}

void WritingSlip::mend() {
    const auto trouble = draft_.trouble();
    if (!trouble || mend_->isHidden()) {
        return;
    }
    if (!trouble->hold.empty()) {
        draft_.hold_too(trouble->hold, true);
        look_over();
        return;
    }
    const std::string text = line_->toPlainText().toStdString();
    replace(position_of(text, trouble->mend->span.from), position_of(text, trouble->mend->span.to),
            QString::fromStdString(trouble->mend->text));
    line_->moveCursor(QTextCursor::End);
}

void WritingSlip::show_aid() {
    if (!is_open()) {
        return;
    }
    const int place = line_->textCursor().position();
    const auto turning = draft_.turning_at(place, row_);
    const auto liftable = draft_.liftable_at(place);
    QString text;
    if (turning) {
        const bool stays = turning->manner == Manner::stays;
        const QString name = QString::fromStdString(turning->now);
        text = stays ? coloured(tr("%1 stays put").arg(name), look().stays)
                     : coloured(tr("%1 follows the row").arg(name), look().follows);
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
                                : all[at].role == Role::paired ? tr("%1 runs together with it").arg(name)
                                                               : tr("%1 is one value").arg(name);
                }
            }
            const std::string_view purpose = call->function->purpose;
            explained +=
                QStringLiteral(" — ") + QString::fromUtf8(purpose.data(), static_cast<qsizetype>(purpose.size()));
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
            coloured(explained, look().faint_ink);
    }
    aid_->setText(text);
    const bool turns = turning && !turning->turned.empty();
    turn_->setVisible(turns);
    if (turns) {
        turn_->setText(tr("Turn into %1 (Ctrl+L)").arg(QString::fromStdString(turning->turned)));
    }
    lift_->setVisible(liftable.has_value());
    lift_->setText(tr("Onto the ledge… (Ctrl+Shift+L)"));
}

void WritingSlip::turn() {
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

void WritingSlip::lift() {
    if (!draft_.liftable_at(line_->textCursor().position())) {
        return;
    }
    const auto name = ask_text(this, tr("Onto the ledge"), tr("The name under which it is to stay put:"), {});
    if (name && !name->isEmpty()) {
        lift_as(*name);
    }
    line_->setFocus();
}

void WritingSlip::lift_as(const QString& name) {
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

void WritingSlip::complete() {
    const QTextCursor cursor = line_->textCursor();
    if (!is_open() || replacing_ || cursor.hasSelection() || cursor.position() < draft_.formula_from()) {
        list_->hide();
        return;
    }
    const QString before = line_->toPlainText().left(cursor.position());
    const std::string formula = before.mid(draft_.formula_from()).toStdString();
    const Completions found = completions_for(formula, document_.study(), draft_.table(), texts_of);
    const QRect caret = line_->cursorRect();
    list_->offer(found.all, list_->parentWidget()->mapFromGlobal(line_->viewport()->mapToGlobal(caret.bottomLeft())) +
                                QPoint(-look().px(8), look().px(4)));
}

void WritingSlip::take_completion() {
    const Completion* chosen = list_->chosen();
    if (chosen == nullptr) {
        return;
    }
    const int place = line_->textCursor().position();
    const QString before = line_->toPlainText().left(place).mid(draft_.formula_from());
    const std::string formula = before.toStdString();
    const Completions found = completions_for(formula, document_.study(), draft_.table(), texts_of);
    const int from = draft_.formula_from() + position_of(formula, found.from);
    const QString text = QString::fromStdString(chosen->text);
    list_->hide();
    replace(from, place, text);
    line_->setFocus();
}

void WritingSlip::show_preview(const ResultsPtr& results) {
    const Id column = draft_.tried_column();
    const Column* cells = results->column(column);
    if (cells == nullptr || !is_open()) {
        return;
    }
    Q_EMIT tried(results);
    const Format format = settled_format({}, *cells);
    std::vector<WorkingPlace> places;
    for (const std::size_t row : {std::size_t{0}, cells->size() / 2, cells->size() == 0 ? 0 : cells->size() - 1}) {
        const bool again = !places.empty() && places.back().row >= row + 1;
        if (row < cells->size() && !again) {
            places.push_back({column, row + 1});
        }
    }
    teller_.ask(draft_.tried(), results, places, [this, places, format](const WorkingTeller::Workings& workings) {
        QStringList lines;
        for (std::size_t at = 0; at < workings.size(); ++at) {
            if (!workings[at]) {
                continue;
            }
            const Working& working = *workings[at];
            const Value value = working.result;
            const QString shown = value.is_missing() ? tr("missing") : value_text(value, format);
            QString put_in = working.lines.size() > 2 ? QString::fromStdString(working.lines[1]) : QString();
            put_in = put_in.size() > 70 ? put_in.left(68) + QStringLiteral("…") : put_in;
            lines << tr("row %1: %2")
                             .arg(places[at].row)
                             .arg(coloured(shown, value.is_fault() ? look().fault : look().follows)) +
                         (put_in.isEmpty() ? QString() : coloured(QStringLiteral("  =  ") + put_in, look().faint_ink));
        }
        preview_->setText(lines.join(QStringLiteral("<br>")));
    });
}

void WritingSlip::fill() {
    if (!draft_.sound()) {
        if (message_->text().isEmpty() || message_->isHidden()) {
            message_->setText(tr("Write a name, then = and the formula, as in dev = x − mean(x)."));
            message_->show();
        }
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

void WritingSlip::leave() {
    close();
    Q_EMIT left();
}

/// What a key does on the slip; false for those that the line itself takes.
bool WritingSlip::handle_key(int key, Qt::KeyboardModifiers modifiers) {
    const bool control = modifiers.testFlag(Qt::ControlModifier);
    const bool listed = !list_->isHidden();
    switch (key) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        control ? mend() : listed && list_->stepped() ? take_completion() : fill();
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
    case Qt::Key_L:
        if (control) {
            modifiers.testFlag(Qt::ShiftModifier) ? lift() : turn();
        }
        return control;
    default:
        return false;
    }
}

bool WritingSlip::eventFilter(QObject* watched, QEvent* event) {
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
