#include "app/dialogs/find_value_dialog.h"

#include "app/dialogs/outcome_curve.h"
#include "app/document/document.h"
#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "app/theme/theme.h"
#include "core/formula/names.h"
#include "core/study/model/fault_explanation.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QPushButton>

#include <cmath>

namespace ledgefall {

FindValueDialog::FindValueDialog(const Study& study, const HeldValue& held, const ResultsPtr& results, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , held_(held.id)
    , name_(QString::fromStdString(held.name))
    , offered_(outcomes_of(study, held.id))
    , outcome_(new QComboBox(this))
    , wanted_(new QLineEdit(QStringLiteral("0"), this))
    , from_(new QLineEdit(this))
    , to_(new QLineEdit(this))
    , curve_(new OutcomeCurve(this))
    , told_(new QLabel(this)) {
    setWindowTitle(tr("Find the value of %1").arg(name_));
    outcome_->setEditable(true);
    outcome_->setInsertPolicy(QComboBox::NoInsert);
    for (const Outcome& outcome : offered_) {
        outcome_->addItem(QString::fromStdString(outcome.formula));
    }
    const Value now = results->single(held.id);
    const double value = now.plain() && now.kind() == Kind::number ? now.number() : 1;
    const double size = value == 0 ? 1 : std::fabs(value);
    from_->setText(field_text(held.slider ? held.slider->from : value - size));
    to_->setText(field_text(held.slider ? held.slider->to : value + size));
    told_->setWordWrap(true);
    told_->setTextFormat(Qt::PlainText);
    told_->setMinimumHeight(2 * fontMetrics().lineSpacing());
    auto* form = new QFormLayout(this);
    form->addRow(tr("For which &outcome"), outcome_);
    form->addRow(tr("&Equals"), wanted_);
    form->addRow(tr("Search &from"), from_);
    form->addRow(tr("&To"), to_);
    form->addRow(curve_);
    form->addRow(told_);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    take_ = buttons->addButton(tr("Hold this value"), QDialogButtonBox::AcceptRole);
    keep_live_ = buttons->addButton(tr("Hold the search, to keep it up to date"), QDialogButtonBox::AcceptRole);
    take_->setDefault(true);
    form->addRow(buttons);
    connect(take_, &QPushButton::clicked, this, &QDialog::accept);
    connect(keep_live_, &QPushButton::clicked, this, [this] {
        live_ = true;
        accept();
    });
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    constexpr int moment = 250; // while somebody types
    soon_.setSingleShot(true);
    soon_.setInterval(moment);
    connect(&soon_, &QTimer::timeout, this, &FindValueDialog::search);
    for (QLineEdit* line : {wanted_, from_, to_}) {
        connect(line, &QLineEdit::textChanged, this, &FindValueDialog::ask_anew);
    }
    connect(outcome_, &QComboBox::editTextChanged, this, &FindValueDialog::ask_anew);
    connect(&computer_, &Computer::finished, this, &FindValueDialog::show_results);
    computer_.begin_from(results);
    resize(theme().px(560), sizeHint().height());
    outcome_->setFocus();
    search();
}

std::string FindValueDialog::outcome_formula() const {
    return outcome_->currentText().trimmed().toStdString();
}

std::string FindValueDialog::formula() const {
    return root_formula(study_, held_, outcome_formula(), typed_number(wanted_->text()).value_or(0),
                        typed_number(from_->text()).value_or(0), typed_number(to_->text()).value_or(0));
}

/// What was found belongs to another question from now on.
void FindValueDialog::ask_anew() {
    found_.reset();
    take_->setEnabled(false);
    keep_live_->setEnabled(false);
    soon_.start();
}

void FindValueDialog::search() {
    constexpr int steps = 60;
    found_.reset();
    take_->setEnabled(false);
    keep_live_->setEnabled(false);
    const auto from = typed_number(from_->text());
    const auto to = typed_number(to_->text());
    if (outcome_formula().empty() || !typed_number(wanted_->text()) || !from || !to || !(*from < *to)) {
        computer_.stop();
        curve_->show_curve({}, 0, std::nullopt);
        told_->setText(outcome_formula().empty() ? tr("Write an outcome, such as max(Path.r).")
                                                 : tr("Enter numbers, with the smaller end of the range first."));
        return;
    }
    TrialRequest request;
    request.held = held_;
    request.outcomes = {{"outcome", outcome_formula()}};
    for (int step = 0; step <= steps; ++step) {
        request.values.push_back(*from + (*to - *from) * step / steps);
    }
    Result<Study> with = trial_table(study_, request, &trials_);
    if (with) {
        const std::string name =
            free_name("found", [&](const std::string& one) { return name_refused(*with, nullptr, one).has_value(); });
        with = hold(*with, Id(), name + " = " + formula(), &search_);
    }
    if (!with) {
        curve_->show_curve({}, 0, std::nullopt);
        told_->setText(Document::translated(with.refusal()));
        return;
    }
    asked_ = *with;
    told_->setText(tr("Searching the range…"));
    computer_.ask(asked_);
}

void FindValueDialog::show_results(const ResultsPtr& results) {
    const Table* trials = asked_.table(trials_);
    if (!results || computer_.busy() || soon_.isActive() || trials == nullptr || trials->columns.size() < 2) {
        return;
    }
    const Value root = results->single(search_);
    if (root.plain()) {
        found_ = root.number();
    }
    std::vector<OutcomeCurve::Point> points;
    for (std::size_t row = 0; row < results->rows(trials_); ++row) {
        const Value outcome = results->cell(trials->columns[1]->id, row);
        if (outcome.plain() && outcome.kind() == Kind::number) {
            points.push_back({trials->columns[0]->cells->at(row).number(), outcome.number()});
        }
    }
    curve_->show_curve(std::move(points), typed_number(wanted_->text()).value_or(0), found_);
    take_->setEnabled(found_.has_value());
    keep_live_->setEnabled(found_.has_value());
    told_->setText(found_            ? tr("%1 = %2").arg(name_, told_text(Value::number(*found_)))
                   : root.is_fault() ? Document::translated(explain(asked_, *results, root.fault()))
                                     : tr("The outcome is missing somewhere in this range."));
}

} // namespace ledgefall
