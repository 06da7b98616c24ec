#include "app/dialogs/frequency_dialog.h"

#include "app/document/document.h"
#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/value/decimals.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QGridLayout>
#include <QHBoxLayout>
#include <QRegularExpression>

#include <cmath>

namespace ledgefall {

FrequencyDialog::FrequencyDialog(std::shared_ptr<const Column> cells, const QString& name, QWidget* parent)
    : QDialog(parent)
    , cells_(std::move(cells))
    , rule_(new QComboBox(this))
    , closed_(new QComboBox(this))
    , by_(new QComboBox(this))
    , values_are_(new ValuesBox(this))
    , recorded_to_(new QLineEdit(this))
    , start_(new QLineEdit(this))
    , width_(new QLineEdit(this))
    , own_limits_(new QLineEdit(this))
    , preview_(new ClassPreview(this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("Frequency table of %1").arg(name));
    rule_->addItems({tr("About eight"), tr("Sturges: 1 + log₂ n"), tr("Square root of n"),
                     tr("Freedman and Diaconis: from the quartiles"), tr("One for each recorded value")});
    closed_->addItems({tr("On the left: 10 ≤ x < 20"), tr("On the right: 10 < x ≤ 20")});
    open_first_ = box(tr("Open class below"), false);
    open_last_ = box(tr("Open class above"), false);
    middle_ = box(tr("Midpoint"), true);
    relative_ = box(tr("Share"), true);
    percent_ = box(tr("Per cent"), false);
    cumulative_ = box(tr("Cumulative"), true);
    cumulative_share_ = box(tr("Cumulative share"), true);
    down_ = box(tr("Cumulative from above"), false);
    density_ = box(tr("Relative frequency density"), false);
    tally_ = box(tr("Tally"), false);
    draw_ = box(tr("Draw a &histogram"), true);
    measures_ = box(tr("Mean, spread and quartiles from the classes"), true);
    mode_ = box(tr("Modal class and mode"), false);
    auto* form = new QFormLayout;
    recorded_to_->setText(field_text(proposed_recording_unit(*cells_)));
    recorded_to_->setToolTip(tr("1 for whole numbers, 0.5 for halves, and 0 where every number is possible. The "
                                "boundaries of the classes lie half of it beyond their limits."));
    form->addRow(tr("&Recorded to the nearest"), recorded_to_);
    form->addRow(tr("&Number of classes"), rule_);
    auto* limits = new QHBoxLayout;
    limits->addWidget(start_);
    auto* wide = new QLabel(tr("&Width"), this);
    wide->setBuddy(width_);
    limits->addWidget(wide);
    limits->addWidget(width_);
    auto* beginning = new QLabel(tr("&Start"), this);
    beginning->setBuddy(start_);
    form->addRow(beginning, limits);
    own_limits_->setPlaceholderText(tr("any widths, such as 0, 10, 20, 40, 80"));
    form->addRow(tr("Cust&om limits"), own_limits_);
    form->addRow(tr("&Closed"), closed_);
    auto* ends = new QHBoxLayout;
    ends->addWidget(open_first_);
    ends->addWidget(open_last_);
    form->addRow(tr("Open ends"), ends);
    auto* columns = new QGridLayout;
    int place = 0;
    for (QCheckBox* one : {middle_, relative_, percent_, cumulative_, cumulative_share_, down_, density_, tally_}) {
        columns->addWidget(one, place / 4, place % 4);
        ++place;
    }
    columns->addWidget(measures_, 2, 0, 1, 2);
    columns->addWidget(mode_, 2, 2, 1, 2);
    with_ = new QLabel(tr("Include"), this);
    by_->addItem(tr("All values together"));
    by_->setEnabled(false);
    by_->setAccessibleName(tr("Counts for"));
    auto* kinds = new QHBoxLayout;
    kinds->addWidget(by_, 1);
    kinds->addWidget(values_are_, 1);
    auto* kinds_label = new QLabel(tr("Counts &for, and values"), this);
    kinds_label->setBuddy(by_);
    form->addRow(kinds_label, kinds);
    form->addRow(with_, columns);
    form->addRow(QString(), draw_);
    message_->setWordWrap(true);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    make_ = buttons->addButton(tr("Make table"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(preview_, 1);
    layout->addWidget(message_);
    layout->addWidget(buttons);
    connect(rule_, &QComboBox::currentIndexChanged, this, &FrequencyDialog::propose);
    for (QLineEdit* line : {start_, width_}) {
        connect(line, &QLineEdit::textEdited, this, [this] { chosen_ = true; });
    }
    connect(recorded_to_, &QLineEdit::textEdited, this, [this] {
        if (chosen_) {
            return look_over();
        }
        propose();
    });
    connect(closed_, &QComboBox::currentIndexChanged, this, &FrequencyDialog::look_over);
    connect(start_, &QLineEdit::textChanged, this, &FrequencyDialog::look_over);
    connect(width_, &QLineEdit::textChanged, this, &FrequencyDialog::look_over);
    connect(own_limits_, &QLineEdit::textChanged, this, &FrequencyDialog::look_over);
    // What is dragged snaps to a twentieth of a class, so that limits stay numbers that can be said.
    connect(preview_, &ClassPreview::start_dragged, this, [this](double start) {
        const double step = in_units(convenient_width(typed_number(width_->text()).value_or(1) / 20));
        chosen_ = true;
        const double limit = stepped(start, recorded_to() / 2, 1);
        start_->setText(field_text(stepped(0, step, std::round(limit / step))));
    });
    connect(preview_, &ClassPreview::width_dragged, this, [this](double width) {
        const double step = in_units(convenient_width(width / 20));
        chosen_ = true;
        width_->setText(QString::fromStdString(shortest(stepped(0, step, std::max(1.0, std::round(width / step))))));
    });
    connect(preview_, &ClassPreview::drag_ended, this, &FrequencyDialog::look_over);
    setTabOrder(start_, width_);
    propose();
    start_->setFocus();
    start_->selectAll();
}

QCheckBox* FrequencyDialog::box(const QString& text, bool on) {
    auto* result = new QCheckBox(text, this);
    result->setChecked(on);
    connect(result, &QCheckBox::toggled, this, &FrequencyDialog::look_over);
    return result;
}

void FrequencyDialog::propose() {
    const auto proposal = propose_classes(*cells_, static_cast<ClassRule>(rule_->currentIndex()), recorded_to());
    if (proposal && own_limits_->text().trimmed().isEmpty()) {
        const QSignalBlocker quiet(start_);
        start_->setText(field_text(proposal->start));
        width_->setText(field_text(proposal->width));
    }
    look_over();
}

void FrequencyDialog::begin_with(const Classes& classes) {
    for (QWidget* one :
         std::initializer_list<QWidget*>{by_, values_are_, with_, middle_, relative_, percent_, cumulative_,
                                         cumulative_share_, down_, density_, tally_, measures_, mode_, draw_}) {
        one->hide();
    }
    described_density_ = true;
    chosen_ = true;
    make_->setText(tr("Change classes"));
    recorded_to_->setText(field_text(classes.recorded_to));
    closed_->setCurrentIndex(classes.closed_left ? 0 : 1);
    open_first_->setChecked(classes.open_below);
    open_last_->setChecked(classes.open_above);
    std::vector<double> limits = classes.boundaries;
    for (double& limit : limits) {
        limit = stepped(limit, classes.recorded_to / 2, 1);
    }
    const double width = limits[1] - limits[0];
    bool even = true;
    QStringList texts;
    for (std::size_t at = 0; at < limits.size(); ++at) {
        texts << field_text(limits[at]);
        even = even && stepped(limits[0], width, static_cast<double>(at)) == limits[at];
    }
    start_->setText(texts.front());
    width_->setText(field_text(width));
    own_limits_->setText(
        even ? QString()
             : texts.join(field_text(0.5).contains(QLatin1Char(',')) ? QStringLiteral("; ") : QStringLiteral(", ")));
    look_over();
}

void FrequencyDialog::offer_groups(const std::vector<GroupOffer>& offers) {
    offers_ = offers;
    for (const GroupOffer& one : offers) {
        by_->addItem(tr("Each value of %1").arg(one.label));
    }
    by_->setEnabled(!offers.empty());
}

/// The nearest multiple of what values are recorded to, at least one.
double FrequencyDialog::in_units(double width) const {
    const double unit = recorded_to();
    return unit > 0 ? stepped(0, unit, std::max(1.0, std::round(width / unit))) : width;
}

double FrequencyDialog::recorded_to() const {
    const double typed = typed_number(recorded_to_->text()).value_or(0);
    return std::isfinite(typed) ? std::max(0.0, typed) : 0;
}

/// The boundaries of the limits that are written out, or of equal classes from where they begin.
Result<std::vector<double>> FrequencyDialog::wanted_boundaries() const {
    if (const auto unit = typed_number(recorded_to_->text()); !unit || !(*unit >= 0) || !std::isfinite(*unit)) {
        return Sentence{N_("Values are recorded to the nearest 1, 0.5 or another number above 0, or 0 for any number."),
                        {}};
    }
    const bool closed_left = closed_->currentIndex() == 0;
    if (own_limits_->text().trimmed().isEmpty()) {
        const auto start = typed_number(start_->text());
        const auto width = typed_number(width_->text());
        const auto covered =
            cover_with_classes(*cells_, start.value_or(0), start && width ? *width : 0, closed_left, recorded_to());
        return covered ? Result<std::vector<double>>(boundaries_of(*covered))
                       : Result<std::vector<double>>(covered.refusal());
    }
    // Where a comma is the decimal sign, numbers are told apart by other signs.
    static const QRegularExpression with_comma(QStringLiteral("[,;\\s]+"));
    static const QRegularExpression without_comma(QStringLiteral("[;\\s]+"));
    const QRegularExpression& between = field_text(0.5).contains(QLatin1Char(',')) ? without_comma : with_comma;
    std::vector<double> boundaries;
    for (const QString& one : own_limits_->text().split(between, Qt::SkipEmptyParts)) {
        const auto number = typed_number(one);
        if (!number || !std::isfinite(*number) ||
            (!boundaries.empty() && boundary_below(*number, recorded_to()) <= boundaries.back())) {
            return Sentence{N_("%1 cannot be a limit here. Limits are numbers, each above the one before."),
                            {one.toStdString()}};
        }
        boundaries.push_back(boundary_below(*number, recorded_to()));
    }
    if (boundaries.size() < 2) {
        return Sentence{
            N_("Custom limits need at least two numbers: where the first class starts, and where the next one would."),
            {}};
    }
    return boundaries;
}

void FrequencyDialog::look_over() {
    const bool own = !own_limits_->text().trimmed().isEmpty();
    for (QWidget* one : {static_cast<QWidget*>(start_), static_cast<QWidget*>(width_), static_cast<QWidget*>(rule_)}) {
        one->setEnabled(!own);
    }
    if (own && !described_density_) { // where widths differ, counts alone mislead
        described_density_ = true;
        density_->setChecked(true);
    }
    closed_->setEnabled(recorded_to() == 0); // else no value is on a boundary
    const auto boundaries = wanted_boundaries();
    sound_ = static_cast<bool>(boundaries);
    make_->setEnabled(sound_);
    boundaries_ = boundaries ? *boundaries : std::vector<double>();
    if (boundaries) {
        return count(boundaries_);
    }
    message_->setStyleSheet(QStringLiteral("color: %1;").arg(theme().fault.name()));
    message_->setText(Document::translated(boundaries.refusal()));
    preview_->show_classes({}, {});
}

/// Counts once; the classes with open ends stand before and after those that are drawn.
void FrequencyDialog::count(const std::vector<double>& boundaries) {
    const bool below = open_first_->isChecked();
    const bool above = open_last_->isChecked();
    const ClassCounts counts = count_in_classes(*cells_, boundaries, closed_->currentIndex() == 0, below, above);
    preview_->show_classes(boundaries,
                           {counts.counts.begin() + (below ? 1 : 0), counts.counts.end() - (above ? 1 : 0)});
    QString text = tr("Classes: %1.").arg(counts.counts.size());
    if (counts.outside > 0) { // never lost without a word
        text += QStringLiteral(" ") + tr("In no class: %1.").arg(counts.outside);
    }
    if (counts.no_number > 0) {
        text += QStringLiteral(" ") + tr("Empty or not a number: %1.").arg(counts.no_number);
    }
    message_->setStyleSheet(
        QStringLiteral("color: %1;").arg((counts.outside > 0 ? theme().fault : theme().faint_ink).name()));
    message_->setText(text);
}

Classes FrequencyDialog::classes() const {
    Classes classes;
    classes.boundaries = boundaries_;
    classes.recorded_to = recorded_to();
    classes.closed_left = closed_->currentIndex() == 0;
    classes.open_below = open_first_->isChecked();
    classes.open_above = open_last_->isChecked();
    return classes;
}

FrequencyParts FrequencyDialog::parts() const {
    FrequencyParts parts;
    parts.middle = middle_->isChecked();
    parts.relative = relative_->isChecked();
    parts.percent = percent_->isChecked();
    parts.cumulative = cumulative_->isChecked();
    parts.cumulative_share = cumulative_share_->isChecked();
    parts.cumulative_down = down_->isChecked();
    parts.density = density_->isChecked();
    parts.tally = tally_->isChecked();
    parts.measures = measures_->isChecked();
    parts.mode = mode_->isChecked();
    parts.population = values_are_->values() == Settings::Values::population;
    parts.rule = (own_limits_->text().trimmed().isEmpty() ? rule_->currentText() : tr("own limits")).toStdString();
    if (by_->currentIndex() > 0) {
        const GroupOffer& offer = offers_[static_cast<std::size_t>(by_->currentIndex()) - 1];
        parts.by = offer.column;
        parts.groups = offer.values;
    }
    return parts;
}

} // namespace ledgefall
