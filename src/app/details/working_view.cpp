#include "app/details/working_view.h"

#include "app/document/document.h"
#include "app/theme/theme.h"
#include "core/engine/functions/catalogue.h"
#include "core/formula/latex.h"

#include <QApplication>
#include <QClipboard>
#include <QContextMenuEvent>
#include <QKeyEvent>
#include <QMenu>
#include <QPainter>

namespace ledgefall {
namespace {

constexpr double points = 11.0;
constexpr std::size_t longest_formula = 600; ///< characters; beyond that it is no picture but a text

bool wants_latex(const QKeyEvent& key) {
    return key.key() == Qt::Key_C && key.modifiers() == (Qt::ControlModifier | Qt::ShiftModifier);
}

/// What is computed: `dev[3]`, or a measure as mathematics.
Mathematics name_of_lead(const QString& what) {
    const ParsedFormula parsed = parse_formula(what.toStdString());
    return parsed.tree ? mathematics_of(*parsed.tree, &typesetting_of)
                       : Mathematics{Mathematics::Form::number, what.toStdString(), {}, {}};
}

/// What a line begins with: that and an equals sign, or the equals sign alone.
Mathematics lead_of(const QString& what) {
    Mathematics row{Mathematics::Form::row, {}, {}, {}};
    if (!what.isEmpty()) {
        row.parts.push_back(name_of_lead(what));
    }
    row.parts.push_back({Mathematics::Form::sign, "=", {}, {}});
    return row;
}

/// A text in words that can be broken between them.
Mathematics words(const QString& text) {
    Mathematics row{Mathematics::Form::row, {}, {}, {}};
    for (const QString& one : text.split(u' ', Qt::SkipEmptyParts)) {
        if (!row.parts.empty()) {
            row.parts.push_back({Mathematics::Form::sign, {}, {}, {}});
        }
        row.parts.push_back({Mathematics::Form::number, one.toStdString(), {}, {}});
    }
    return row;
}

} // namespace

WorkingView::WorkingView(QWidget* parent)
    : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Working"));
    QSizePolicy policy(QSizePolicy::Preferred, QSizePolicy::Minimum);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, [this] { laid_out_.clear(); });
}

void WorkingView::clear() {
    lines_.clear();
    text_.clear();
    laid_out_.clear();
    updateGeometry();
    update();
}

void WorkingView::show_working(const Working& working, const Study& study, const Table* own,
                               const ColumnDefinition* each) {
    lines_.clear();
    add(working, study, own, each, 0);
    text_ = QString::fromStdString(working_text(working));
    setAccessibleDescription(text_);
    laid_out_.clear();
    updateGeometry();
    update();
}

void WorkingView::add(const Working& working, const Study& study, const Table* own, const ColumnDefinition* each,
                      int depth) {
    for (std::size_t at = 0; at < working.lines.size(); ++at) {
        Line line;
        line.depth = depth;
        line.lead = at == 0 ? QString::fromStdString(working.what) : QString();
        line.leads = true;
        line.formula = working.lines[at];
        ParsedFormula parsed = line.formula.size() > longest_formula ? ParsedFormula() : parse_formula(line.formula);
        line.tree = std::move(parsed.tree);
        if (line.tree) {
            line.marks = marks_of(*line.tree, study, own, each);
        } else {
            line.text = QString::fromStdString(line.formula);
        }
        lines_.push_back(std::move(line));
    }
    for (const Sentence& note : working.notes) {
        Line line;
        line.depth = depth;
        line.quiet = true;
        line.text = Document::translated(note);
        lines_.push_back(std::move(line));
    }
    for (const Working& part : working.parts) {
        add(part, study, own, each, depth + 1);
    }
}

const WorkingView::LaidOut& WorkingView::laid_out(int width) const {
    constexpr std::size_t most_kept = 4;
    if (zoom_ != theme().zoom || (laid_out_.size() >= most_kept && !laid_out_.contains(width))) {
        laid_out_.clear();
        zoom_ = theme().zoom;
    }
    const auto [it, is_new] = laid_out_.try_emplace(width);
    if (is_new) {
        it->second = lay_out(width);
    }
    return it->second;
}

WorkingView::LaidOut WorkingView::lay_out(double width) const {
    LaidOut out;
    const double size = points;
    double y = 2;
    int depth = 0;
    for (const Line& line : lines_) {
        if (line.depth != depth || (&line != &lines_.front() && !line.lead.isEmpty())) {
            y += theme().px(8);
        }
        depth = line.depth;
        const double left = theme().px(10) * std::min(line.depth, 3);
        Placed one;
        one.lead = line.leads ? MathPicture(lead_of(line.lead), {}, size, width) : MathPicture();
        const bool own_line = one.lead.width() > width * 0.4; // a long name stands above what it is equal to
        one.formula_x = left + (own_line ? theme().px(14) : one.lead.width());
        const double room = std::max(60.0, width - one.formula_x - 2);
        one.formula = MathPicture(line.tree ? mathematics_of(*line.tree, &typesetting_of) : words(line.text),
                                  line.marks, line.quiet ? size * 0.88 : size, room);
        if (own_line) {
            Placed above = one;
            above.formula = MathPicture();
            above.at = {left, y};
            out.placed.push_back(above);
            y += one.lead.height();
            one.lead = MathPicture();
        }
        one.at = {left, y};
        y += std::max(one.lead.height(), one.formula.height()) + theme().px(3);
        out.placed.push_back(std::move(one));
    }
    out.height = y + 2;
    return out;
}

QSize WorkingView::sizeHint() const {
    return {200, heightForWidth(std::max(width(), 150))};
}

int WorkingView::heightForWidth(int width) const {
    return lines_.empty() ? 0 : static_cast<int>(std::ceil(laid_out(width).height));
}

void WorkingView::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    for (const Placed& one : laid_out(width()).placed) {
        const double up = std::max(one.lead.up(), one.formula.up());
        one.lead.paint(painter, one.at + QPointF(0, up - one.lead.up()));
        one.formula.paint(painter, QPointF(one.formula_x, one.at.y() + up - one.formula.up()));
    }
    if (hasFocus()) {
        painter.setPen(QPen(theme().follows, 1, Qt::DotLine));
        painter.drawRect(rect().adjusted(0, 0, -1, -1));
    }
}

void WorkingView::copy() const {
    QApplication::clipboard()->setText(text_);
}

/// A block of aligned lines for each working, words as text.
QString WorkingView::latex() const {
    std::string out;
    bool open = false;
    for (const Line& line : lines_) {
        if (!line.lead.isEmpty() && open) {
            out += "\n\\end{align*}\n";
            open = false;
        }
        out += open ? " \\\\\n  " : "\\begin{align*}\n  ";
        open = true;
        const std::string formula = line.tree ? latex_of(mathematics_of(*line.tree, &typesetting_of))
                                              : "\\text{" + text_for_latex(line.text.toStdString()) + "}";
        out +=
            (line.leads ? (line.lead.isEmpty() ? "&= " : latex_of(name_of_lead(line.lead)) + " &= ") : "& ") + formula;
    }
    return QString::fromStdString(open ? out + "\n\\end{align*}\n" : out);
}

void WorkingView::copy_latex() const {
    QApplication::clipboard()->setText(latex());
}

/// The keys of copying are its own while it has the focus, not the table's.
bool WorkingView::event(QEvent* event) {
    if (event->type() == QEvent::ShortcutOverride) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if (key->matches(QKeySequence::Copy) || wants_latex(*key)) {
            event->accept();
            return true;
        }
    }
    return QWidget::event(event);
}

void WorkingView::keyPressEvent(QKeyEvent* event) {
    wants_latex(*event) ? copy_latex() : event->matches(QKeySequence::Copy) ? copy() : QWidget::keyPressEvent(event);
}

void WorkingView::contextMenuEvent(QContextMenuEvent* event) {
    QMenu menu(this);
    menu.addAction(tr("Copy working"), QKeySequence(QKeySequence::Copy), this, &WorkingView::copy);
    menu.addAction(tr("Copy as LaTeX"), QKeySequence(Qt::CTRL | Qt::SHIFT | Qt::Key_C), this, &WorkingView::copy_latex);
    menu.exec(event->globalPos());
}

} // namespace ledgefall
