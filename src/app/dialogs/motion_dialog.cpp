#include "app/dialogs/motion_dialog.h"

#include "app/document/document.h"
#include "app/numbers/locale_text.h"
#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>

#include <cmath>

namespace ledgefall {
namespace {

struct Example {
    const char* name;
    bool two_directions;
    const char *ax, *ay;
    double x, y, vx, vy, step, end;
    const char *conserved, *crossing;
};

const Example examples[] = {
    {QT_TRANSLATE_NOOP("ledgefall::MotionDialog", "Fall with drag"), false, "-9.81 - 0.02 * abs(vx) * vx", "0", 20, 0,
     0, 0, 0.02, 3, "", "x"},
    {QT_TRANSLATE_NOOP("ledgefall::MotionDialog", "Throw with drag"), true, "-0.02 * hypot(vx, vy) * vx",
     "-9.81 - 0.02 * hypot(vx, vy) * vy", 0, 1.5, 9, 8, 0.02, 3, "", "y"},
    {QT_TRANSLATE_NOOP("ledgefall::MotionDialog", "Swing on a spring"), false, "-4 * x", "0", 0.1, 0, 0, 0, 0.02, 6.3,
     "vx^2 / 2 + 4 * x^2 / 2", ""},
    {QT_TRANSLATE_NOOP("ledgefall::MotionDialog", "Pendulum at a large angle"), false, "-9.81 / 1.2 * sin(x)", "0", 2,
     0, 0, 0, 0.02, 6, "vx^2 / 2 - 9.81 / 1.2 * cos(x)", ""},
    {QT_TRANSLATE_NOOP("ledgefall::MotionDialog", "Orbit round a centre"), true, "-x / hypot(x, y)^3",
     "-y / hypot(x, y)^3", 1, 0, 0, 1.1, 0.02, 12, "(vx^2 + vy^2) / 2 - 1 / hypot(x, y)", ""},
};

} // namespace

MotionDialog::MotionDialog(const Study& study, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , begin_(new QComboBox(this))
    , directions_(new QComboBox(this))
    , method_(new QComboBox(this))
    , stop_(new QCheckBox(tr("&Stop there"), this))
    , draw_(new QCheckBox(tr("Draw a &chart"), this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("Motion in steps"));
    for (const Example& one : examples) {
        begin_->addItem(tr(one.name));
    }
    directions_->addItems({tr("One: x"), tr("Two: x and y")});
    for (const StepMethodKind& one : step_methods()) {
        const QString stable =
            one.oscillation > 0
                ? tr("stable for step × rate below %1").arg(with_decimal_sign(QString::number(one.oscillation)))
                : tr("lets every oscillation grow");
        method_->addItem(tr("%1: order %2, %3").arg(Document::translated(one.name)).arg(one.order).arg(stable));
    }
    method_->setCurrentIndex(static_cast<int>(StepMethod::velocity_verlet));
    ax_ = add_line("ax", tr("Acceleration along x"));
    ay_ = add_line("ay", tr("Acceleration along y"));
    x_ = add_line("x", tr("x at the start"));
    vx_ = add_line("vx", tr("Velocity along x at the start"));
    y_ = add_line("y", tr("y at the start"));
    vy_ = add_line("vy", tr("Velocity along y at the start"));
    step_ = add_line("step", tr("Time step"));
    end_ = add_line("end", tr("Time of the last row"));
    conserved_ = add_line("conserved", tr("Conserved quantity"));
    crossing_ = add_line("crossing", tr("Event"));
    conserved_->setPlaceholderText(tr("optional, such as vx^2 / 2 + 9.81 * x"));
    crossing_->setPlaceholderText(tr("optional: what becomes 0, such as y"));
    draw_->setChecked(true);
    message_->setWordWrap(true);
    auto* form = new QFormLayout(this);
    const auto side_by_side = [this, form](const QString& text, QWidget* first, QWidget* second) {
        auto* row = new QHBoxLayout;
        row->addWidget(first);
        row->addWidget(second);
        auto* label = new QLabel(text, this);
        label->setBuddy(first);
        form->addRow(label, row);
    };
    form->addRow(tr("&Begin with"), begin_);
    form->addRow(tr("&Directions"), directions_);
    form->addRow(tr("&Acceleration along x"), ax_);
    form->addRow(tr("A&cceleration along y"), ay_);
    side_by_side(tr("Start: &x and its velocity"), x_, vx_);
    side_by_side(tr("Start: &y and its velocity"), y_, vy_);
    side_by_side(tr("&Time step and end"), step_, end_);
    form->addRow(tr("&Method"), method_);
    form->addRow(tr("Conserved &quantity"), conserved_);
    side_by_side(tr("&Event where this is 0"), crossing_, stop_);
    form->addRow(QString(), draw_);
    form->addRow(message_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    make_ = buttons->addButton(tr("Make table"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    form->addRow(buttons);
    setMinimumWidth(theme().px(560));
    connect(begin_, &QComboBox::currentIndexChanged, this, &MotionDialog::begin_with);
    connect(directions_, &QComboBox::currentIndexChanged, this, &MotionDialog::look_over);
    connect(method_, &QComboBox::currentIndexChanged, this, &MotionDialog::look_over);
    begin_with(0);
}

QLineEdit* MotionDialog::add_line(const char* name, const QString& text) {
    auto* line = new QLineEdit(this);
    line->setObjectName(QLatin1String(name));
    line->setAccessibleName(text);
    line->setToolTip(text);
    connect(line, &QLineEdit::textChanged, this, &MotionDialog::look_over);
    return line;
}

void MotionDialog::begin_with(int example) {
    const Example& one = examples[example];
    directions_->setCurrentIndex(one.two_directions ? 1 : 0);
    ax_->setText(QLatin1String(one.ax));
    ay_->setText(QLatin1String(one.ay));
    const std::pair<QLineEdit*, double> numbers[] = {{x_, one.x},   {y_, one.y},       {vx_, one.vx},
                                                     {vy_, one.vy}, {step_, one.step}, {end_, one.end}};
    for (const auto& [line, number] : numbers) {
        line->setText(field_text(number));
    }
    conserved_->setText(QLatin1String(one.conserved));
    crossing_->setText(QLatin1String(one.crossing));
    stop_->setChecked(*one.crossing != '\0');
}

double MotionDialog::number(const QLineEdit* line) const {
    return typed_number(line->text()).value_or(std::nan(""));
}

MotionRequest MotionDialog::request() const {
    MotionRequest request;
    request.label = begin_->currentText().toStdString();
    request.two_directions = directions_->currentIndex() == 1;
    request.ax = ax_->text().trimmed().toStdString();
    request.ay = ay_->text().trimmed().toStdString();
    request.x = number(x_);
    request.y = number(y_);
    request.vx = number(vx_);
    request.vy = number(vy_);
    request.step = number(step_);
    request.end = number(end_);
    request.method = static_cast<StepMethod>(method_->currentIndex());
    request.conserved = conserved_->text().trimmed().toStdString();
    request.crossing = crossing_->text().trimmed().toStdString();
    request.stops_there = stop_->isChecked();
    return request;
}

Result<Study> MotionDialog::made(Id* table) const {
    return motion_table(study_, request(), table);
}

void MotionDialog::look_over() {
    const bool two = directions_->currentIndex() == 1;
    for (QLineEdit* line : {ay_, y_, vy_}) {
        line->setEnabled(two);
    }
    stop_->setEnabled(!crossing_->text().trimmed().isEmpty());
    const Result<Study> tried = made();
    make_->setEnabled(static_cast<bool>(tried));
    message_->setStyleSheet(QStringLiteral("color: %1;").arg((tried ? theme().faint_ink : theme().fault).name()));
    message_->setText(tried ? (two ? tr("Formulas may use x, vx, y, vy and t.") : tr("Formulas may use x, vx and t."))
                            : Document::translated(tried.refusal()));
}

} // namespace ledgefall
