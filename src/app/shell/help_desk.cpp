#include "app/shell/help_desk.h"

#include "app/numbers/cause_info.h"

#include <QApplication>

namespace ledgefall {
namespace {

/// The function whose name or brackets a cursor stands in or behind; empty for none.
QString function_at(const QPlainTextEdit& line) {
    const QString text = line.toPlainText();
    qsizetype at = line.textCursor().position();
    const auto in_name = [&](qsizetype place) {
        return place >= 0 && place < text.size() && (text[place].isLetterOrNumber() || text[place] == QLatin1Char('_'));
    };
    const auto name_around = [&](qsizetype place) {
        qsizetype from = place;
        while (in_name(from - 1)) {
            --from;
        }
        qsizetype to = place;
        while (in_name(to)) {
            ++to;
        }
        return text.mid(from, to - from);
    };
    if (find_function(name_around(at).toStdString()) != nullptr) {
        return name_around(at);
    }
    int open = 0;
    while (--at >= 0) { // outwards through the brackets
        open += text[at] == QLatin1Char(')') ? 1 : text[at] == QLatin1Char('(') ? -1 : 0;
        if (open < 0) {
            if (find_function(name_around(at).toStdString()) != nullptr) {
                return name_around(at);
            }
            open = 0;
        }
    }
    return {};
}

} // namespace

HelpDesk::HelpDesk(const Parts& parts, QWidget* window)
    : QObject(window)
    , parts_(parts)
    , reader_(new HelpReader(window)) {
    connect(reader_, &HelpReader::closed, this, &HelpDesk::close);
    connect(reader_, &HelpReader::first_steps_wanted, this, &HelpDesk::first_steps_wanted);
}

QString HelpDesk::topic_in_focus() const {
    const QWidget* focus = QApplication::focusWidget();
    const auto within = [focus](const QWidget* widget) {
        return widget != nullptr && focus != nullptr && (widget == focus || widget->isAncestorOf(focus));
    };
    TablePage* page = parts_.pages.page();
    if (page == nullptr) {
        return QStringLiteral("index");
    }
    if (page->editor().is_open()) {
        const QString function = function_at(page->editor().line());
        return function.isEmpty() ? QStringLiteral("formulas") : QStringLiteral("functions#") + function;
    }
    if (within(&parts_.ledge) || within(&parts_.ledge_list)) {
        return QStringLiteral("ledge");
    }
    if (within(parts_.pages.chart_page())) {
        return QStringLiteral("charts");
    }
    if (within(&parts_.contents)) {
        return QStringLiteral("shares");
    }
    if (within(&parts_.details)) {
        return QStringLiteral("unfolding");
    }
    if (within(&page->foot())) {
        return QStringLiteral("foot");
    }
    return topic_of_cell();
}

QString HelpDesk::topic_of_cell() const {
    TablePage* page = parts_.pages.page();
    const QModelIndex at = page->view().current();
    const Value value = at.isValid() ? page->model().value(at.row(), at.column()) : Value::missing();
    if (value.is_fault()) {
        return cause_help_topic(value.fault().at().cause);
    }
    if (page->model().two_way()) {
        return QStringLiteral("two-way");
    }
    const ColumnDefinition* column = at.isValid() ? page->model().column(at.column()) : nullptr;
    if (column != nullptr && column->computed()) {
        const std::string& text = column->pieces.front().formula.text();
        return text.rfind("first", 0) == 0 ? QStringLiteral("steps") : QStringLiteral("formulas");
    }
    return QStringLiteral("first-table");
}

void HelpDesk::open(const QString& topic) {
    if (reader_->isHidden()) {
        before_ = QApplication::focusWidget();
        parts_.details.hide();
        reader_->show();
        parts_.panels.fit_widths();
    }
    Q_EMIT about_to_open();
    reader_->open(topic);
}

void HelpDesk::close() {
    reader_->hide();
    parts_.details.show();
    parts_.panels.fit_widths();
    if (before_ != nullptr) {
        before_->setFocus();
    }
}

} // namespace ledgefall
