#include "app/table/row_count_field.h"

#include "app/theme/theme.h"
#include "core/study/edits/edits.h"

#include <QHBoxLayout>
#include <QKeyEvent>

namespace ledgefall {

RowCountField::RowCountField(Document& document, Id table, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , table_(table)
    , label_(new QLabel(tr("rows"), this))
    , line_(new QLineEdit(this))
    , fewer_(new QToolButton(this))
    , more_(new QToolButton(this)) {
    line_->setAccessibleName(tr("Number of rows"));
    line_->setToolTip(tr("The number of rows: a number, or a formula"));
    line_->installEventFilter(this);
    fewer_->setText(QStringLiteral("−"));
    fewer_->setToolTip(tr("One row fewer"));
    more_->setText(QStringLiteral("+"));
    more_->setToolTip(tr("One row more"));
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(3);
    layout->addWidget(label_);
    layout->addWidget(line_);
    for (QToolButton* button : {fewer_, more_}) {
        button->setAutoRaise(true);
        button->setAutoRepeat(true);
        layout->addWidget(button);
    }
    connect(line_, &QLineEdit::editingFinished, this, &RowCountField::take);
    connect(fewer_, &QToolButton::clicked, this, [this] { step(-1); });
    connect(more_, &QToolButton::clicked, this, [this] { step(1); });
    connect(&document, &Document::study_changed, this, &RowCountField::refresh);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &RowCountField::apply_theme);
    apply_theme();
    refresh();
}

void RowCountField::apply_theme() {
    for (QWidget* part : {static_cast<QWidget*>(label_), static_cast<QWidget*>(line_), static_cast<QWidget*>(fewer_),
                          static_cast<QWidget*>(more_)}) {
        part->setFont(theme().text(9));
    }
    line_->setFixedWidth(QFontMetrics(line_->font()).horizontalAdvance(QStringLiteral("00000000")) + theme().px(10));
}

const Formula* RowCountField::count() const {
    const Table* table = document_.study().table(table_);
    return table == nullptr ? nullptr : table->axis.source->count();
}

void RowCountField::refresh() {
    const Formula* formula = count();
    setVisible(formula != nullptr);
    if (formula != nullptr && !line_->hasFocus()) {
        line_->setText(QString::fromStdString(formula->text()));
    }
    const bool number = formula != nullptr && read_number(formula->text()).has_value();
    fewer_->setEnabled(number);
    more_->setEnabled(number);
}

void RowCountField::take() {
    const Formula* formula = count();
    const std::string typed = line_->text().trimmed().toStdString();
    if (formula == nullptr || typed == formula->text()) {
        return;
    }
    if (typed.empty() || !document_.perform(tr("number of rows"), count_rows(document_.study(), table_, typed))) {
        line_->setText(QString::fromStdString(formula->text()));
    }
}

void RowCountField::step(int by) {
    const Formula* formula = count();
    const auto number = formula == nullptr ? std::nullopt : read_number(formula->text());
    if (number && *number + by >= 0) {
        document_.slide(tr("number of rows"), count_rows(document_.study(), table_, shortest(*number + by)));
        line_->setText(QString::fromStdString(shortest(*number + by)));
    }
}

bool RowCountField::eventFilter(QObject* watched, QEvent* event) {
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        if (key == Qt::Key_Up || key == Qt::Key_Down) {
            step(key == Qt::Key_Up ? 1 : -1);
            return true;
        }
        if (key == Qt::Key_Escape) {
            line_->clearFocus();
            refresh();
            return true;
        }
    }
    return QWidget::eventFilter(watched, event);
}

} // namespace ledgefall
