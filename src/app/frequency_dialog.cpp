#include "app/frequency_dialog.h"

#include "app/document.h"
#include "app/look.h"
#include "app/number_text.h"
#include "core/value/decimals.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QHBoxLayout>

namespace ledgefall {

FrequencyDialog::FrequencyDialog(std::shared_ptr<const Column> cells, const QString& name, QWidget* parent)
    : QDialog(parent)
    , cells_(std::move(cells))
    , rule_(new QComboBox(this))
    , closed_(new QComboBox(this))
    , start_(new QLineEdit(this))
    , width_(new QLineEdit(this))
    , preview_(new ClassPreview(this))
    , told_(new QLabel(this)) {
    setWindowTitle(tr("Frequency table of %1").arg(name));
    rule_->addItems({tr("about eight"), tr("by Sturges: 1 + log₂ n"), tr("by the square root of n"),
                     tr("by Freedman and Diaconis: from the quartiles"), tr("one for each whole number")});
    closed_->addItems({tr("on the left: 10 ≤ x < 20"), tr("on the right: 10 < x ≤ 20")});
    open_first_ = box(tr("a further class below"), false);
    open_last_ = box(tr("a further class above"), false);
    middle_ = box(tr("middle"), true);
    relative_ = box(tr("share"), true);
    percent_ = box(tr("per cent"), false);
    cumulative_ = box(tr("up to here"), true);
    cumulative_share_ = box(tr("share up to here"), true);
    down_ = box(tr("from here on"), false);
    density_ = box(tr("density"), false);
    measures_ = box(tr("mean, variance and median from the classes"), true);
    auto* form = new QFormLayout;
    form->addRow(tr("&Number of classes"), rule_);
    auto* limits = new QHBoxLayout;
    limits->addWidget(start_);
    auto* wide = new QLabel(tr("each &wide"), this);
    wide->setBuddy(width_);
    limits->addWidget(wide);
    limits->addWidget(width_);
    auto* beginning = new QLabel(tr("&Beginning at"), this);
    beginning->setBuddy(start_);
    form->addRow(beginning, limits);
    form->addRow(tr("&Closed"), closed_);
    auto* ends = new QHBoxLayout;
    ends->addWidget(open_first_);
    ends->addWidget(open_last_);
    form->addRow(tr("Open ends"), ends);
    auto* columns = new QGridLayout;
    int place = 0;
    for (QCheckBox* one : {middle_, relative_, percent_, cumulative_, cumulative_share_, down_, density_}) {
        columns->addWidget(one, place / 4, place % 4);
        ++place;
    }
    columns->addWidget(measures_, 2, 0, 1, 4);
    form->addRow(tr("With"), columns);
    told_->setWordWrap(true);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    make_ = buttons->addButton(tr("Make the table"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(preview_, 1);
    layout->addWidget(told_);
    layout->addWidget(buttons);
    connect(rule_, &QComboBox::currentIndexChanged, this, &FrequencyDialog::propose);
    connect(closed_, &QComboBox::currentIndexChanged, this, &FrequencyDialog::look_over);
    connect(start_, &QLineEdit::textChanged, this, &FrequencyDialog::look_over);
    connect(width_, &QLineEdit::textChanged, this, &FrequencyDialog::look_over);
    // What is dragged snaps to a twentieth of a class, so that limits stay numbers that can be said.
    connect(preview_, &ClassPreview::start_dragged, this, [this](double start) {
        const double step = convenient_width(read_number(width_->text().toStdString()).value_or(1) / 20);
        start_->setText(QString::fromStdString(shortest(stepped(0, step, std::round(start / step)))));
    });
    connect(preview_, &ClassPreview::width_dragged, this, [this](double width) {
        const double step = convenient_width(width / 20);
        width_->setText(QString::fromStdString(shortest(stepped(0, step, std::max(1.0, std::round(width / step))))));
    });
    connect(preview_, &ClassPreview::drag_ended, this, &FrequencyDialog::look_over);
    propose();
}

QCheckBox* FrequencyDialog::box(const QString& text, bool on) {
    auto* made = new QCheckBox(text, this);
    made->setChecked(on);
    connect(made, &QCheckBox::toggled, this, &FrequencyDialog::look_over);
    return made;
}

void FrequencyDialog::propose() {
    const auto proposal = propose_classes(*cells_, static_cast<ClassRule>(rule_->currentIndex()));
    if (proposal) {
        const QSignalBlocker quiet(start_);
        start_->setText(QString::fromStdString(shortest(proposal->start)));
        width_->setText(QString::fromStdString(shortest(proposal->width)));
    }
    look_over();
}

void FrequencyDialog::look_over() {
    const auto start = read_number(start_->text().toStdString());
    const auto width = read_number(width_->text().toStdString());
    const bool closed_left = closed_->currentIndex() == 0;
    const auto covered = cover_with_classes(*cells_, start.value_or(0), start && width ? *width : 0, closed_left);
    sound_ = static_cast<bool>(covered);
    make_->setEnabled(sound_);
    limits_ = covered ? limits_of(*covered) : std::vector<double>();
    if (!covered) {
        told_->setStyleSheet(QStringLiteral("color: %1;").arg(look().fault.name()));
        told_->setText(Document::translated(covered.refusal()));
        return preview_->show_classes({}, {});
    }
    const ClassCounts shown = count_in_classes(*cells_, limits_, closed_left, false, false);
    const ClassCounts counts =
        count_in_classes(*cells_, limits_, closed_left, open_first_->isChecked(), open_last_->isChecked());
    preview_->show_classes(limits_, shown.counts);
    QString text = tr("Classes: %1.").arg(counts.counts.size());
    if (counts.outside > 0) { // never lost without a word
        text += QStringLiteral(" ") + tr("In no class: %1.").arg(counts.outside);
    }
    if (counts.no_number > 0) {
        text += QStringLiteral(" ") + tr("Empty or no number: %1.").arg(counts.no_number);
    }
    told_->setStyleSheet(
        QStringLiteral("color: %1;").arg((counts.outside > 0 ? look().fault : look().faint_ink).name()));
    told_->setText(text);
}

Classes FrequencyDialog::classes() const {
    Classes classes;
    classes.boundaries = limits_;
    classes.closed_left = closed_->currentIndex() == 0;
    classes.open_below = open_first_->isChecked();
    classes.open_above = open_last_->isChecked();
    return classes;
}

FrequencyParts FrequencyDialog::parts() const {
    return {middle_->isChecked(),           relative_->isChecked(), percent_->isChecked(), cumulative_->isChecked(),
            cumulative_share_->isChecked(), down_->isChecked(),     density_->isChecked(), measures_->isChecked()};
}

} // namespace ledgefall
