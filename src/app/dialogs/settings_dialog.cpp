#include "app/dialogs/settings_dialog.h"

#include "app/document/document.h"
#include "app/numbers/locale_text.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/stats/quantile.h"
#include "core/study/edits/edits.h"

#include <QDialogButtonBox>
#include <QFormLayout>

#include <cmath>

namespace ledgefall {
namespace {

const QDate epoch(1970, 1, 1);

} // namespace

SettingsDialog::SettingsDialog(const Study& study, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , title_(new QLineEdit(QString::fromStdString(study.title), this))
    , note_(new QPlainTextEdit(QString::fromStdString(study.note), this))
    , method_(new QComboBox(this))
    , values_(new ValuesBox(this))
    , tolerance_(new QLineEdit(field_text(study.settings.tolerance), this))
    , fixed_day_(new QCheckBox(tr("Fixed date"), this))
    , day_(new QDateEdit(this))
    , seed_(new QLineEdit(QString::number(study.settings.seed), this))
    , decimal_sign_(new QComboBox(this))
    , grouping_(new QComboBox(this))
    , angles_(new QComboBox(this))
    , refusal_(new QLabel(this)) {
    setWindowTitle(tr("Study settings"));
    note_->setMaximumHeight(theme().px(60));
    note_->setTabChangesFocus(true);
    for (std::size_t type = 1; type <= quantile_methods.size(); ++type) {
        method_->addItem(tr("%1 — type %2").arg(Document::translated(quantile_methods[type - 1])).arg(type));
    }
    method_->setCurrentIndex(study.settings.quantile_type - 1);
    values_->begin_with(study.settings.values);
    decimal_sign_->addItems({tr("As on this computer"), tr("Point: 1234.5"), tr("Comma: 1234,5")});
    decimal_sign_->setCurrentIndex(static_cast<int>(study.settings.decimal_sign));
    grouping_->addItems({tr("No grouping: 1234567"), tr("Space: 1 234 567"), tr("Opposite of the decimal sign")});
    grouping_->setCurrentIndex(static_cast<int>(study.settings.grouping));
    angles_->addItems(
        {tr("Radians, unchanged: 0.785"), tr("Degrees: 45.0°"), tr("Degrees, minutes, seconds: 45°0′0″")});
    angles_->setCurrentIndex(static_cast<int>(study.settings.angles));
    fixed_day_->setChecked(study.settings.as_of.has_value());
    day_->setDisplayFormat(QStringLiteral("yyyy-MM-dd"));
    day_->setCalendarPopup(true);
    day_->setDateRange(QDate(1, 1, 1), QDate(9999, 12, 31));
    day_->setDate(study.settings.as_of ? epoch.addDays(static_cast<qint64>(std::floor(*study.settings.as_of)))
                                       : QDate::currentDate());
    day_->setEnabled(fixed_day_->isChecked());
    connect(fixed_day_, &QCheckBox::toggled, day_, &QWidget::setEnabled);
    refusal_->setWordWrap(true);
    refusal_->setStyleSheet(QStringLiteral("color: %1;").arg(theme().fault.name()));
    auto* day = new QWidget(this);
    auto* day_row = new QHBoxLayout(day);
    day_row->setContentsMargins(0, 0, 0, 0);
    day_row->addWidget(fixed_day_);
    day_row->addWidget(day_, 1);
    name_field(*day_, tr("As-of day"));
    auto* form = new QFormLayout(this);
    form->addRow(tr("&Title"), title_);
    form->addRow(tr("&Note"), note_);
    form->addRow(tr("&Quantiles"), method_);
    form->addRow(tr("The &values are"), values_);
    form->addRow(tr("Tolerance of &≈"), tolerance_);
    form->addRow(tr("Toda&y is"), day);
    form->addRow(tr("&Seed of random numbers"), seed_);
    form->addRow(tr("&Decimal sign"), decimal_sign_);
    form->addRow(tr("T&housands"), grouping_);
    form->addRow(tr("An&gles with unit rad"), angles_);
    decimal_sign_->setToolTip(tr("Used to show and read numbers in the window; formulas always use a point"));
    angles_->setToolTip(tr("Only the display changes: the values stay in radians"));
    method_->setToolTip(tr("How quartiles, the median and other quantiles are placed between two values"));
    tolerance_->setToolTip(
        tr("≈ holds where two sides differ by no more than this fraction of the size of their terms"));
    fixed_day_->setToolTip(tr("Otherwise, today() is the current date"));
    seed_->setToolTip(tr("The same seed gives the same random numbers"));
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Ok | QDialogButtonBox::Cancel, this);
    form->addRow(refusal_);
    form->addRow(buttons);
    refusal_->hide();
    connect(buttons, &QDialogButtonBox::accepted, this, &SettingsDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    resize(theme().px(560), sizeHint().height());
}

Settings SettingsDialog::settings() const {
    Settings settings = study_.settings;
    settings.quantile_type = method_->currentIndex() + 1;
    const bool answered = study_.settings.values != Settings::Values::not_asked;
    settings.values = answered || values_->values() != Settings::Values::sample ? values_->values() : settings.values;
    settings.tolerance = typed_number(tolerance_->text()).value_or(0);
    settings.as_of =
        fixed_day_->isChecked() ? std::optional(static_cast<double>(epoch.daysTo(day_->date()))) : std::nullopt;
    settings.decimal_sign = static_cast<Settings::DecimalSign>(decimal_sign_->currentIndex());
    settings.grouping = static_cast<Settings::Grouping>(grouping_->currentIndex());
    settings.angles = static_cast<Settings::Angles>(angles_->currentIndex());
    bool whole = false;
    settings.seed = seed_->text().trimmed().toULongLong(&whole);
    settings.seed = whole ? settings.seed : ~std::uint64_t{0}; // refused
    return settings;
}

Study SettingsDialog::study() const {
    Study study = study_;
    study.title = title_->text().trimmed().toStdString();
    study.note = note_->toPlainText().trimmed().toStdString();
    study.settings = settings();
    return study;
}

void SettingsDialog::accept() {
    const Result<Study> possible = set_settings(study_, settings());
    if (!possible) {
        refusal_->setText(Document::translated(possible.refusal()));
        refusal_->show();
        return;
    }
    QDialog::accept();
}

} // namespace ledgefall
