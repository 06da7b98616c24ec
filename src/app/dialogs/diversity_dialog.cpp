#include "app/dialogs/diversity_dialog.h"

#include "app/dialogs/ticked_list.h"
#include "app/document/document.h"
#include "app/theme/theme.h"

#include <QDialogButtonBox>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QVBoxLayout>

#include <algorithm>

namespace ledgefall {
namespace {

constexpr double bases[] = {0, 2, 10};

std::vector<std::string> different_texts(const Column& cells) {
    std::vector<std::string> out;
    for (std::size_t row = 0; row < cells.size(); ++row) {
        const Value value = cells.at(row);
        const std::string text = value.plain() ? write_cell(value) : "";
        if (!text.empty() && std::find(out.begin(), out.end(), text) == out.end()) {
            out.push_back(text);
        }
    }
    return out;
}

void choose(QComboBox* box, int index) {
    box->setCurrentIndex(std::min(index, box->count() - 1));
}

} // namespace

DiversityDialog::DiversityDialog(const Study& study, const Results& results, Id table, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , table_(*study_.table(table))
    , form_(new QComboBox(this))
    , site_(new QComboBox(this))
    , species_(new QComboBox(this))
    , number_(new QComboBox(this))
    , base_(new QComboBox(this))
    , matrix_(new QComboBox(this))
    , counts_(new QListWidget(this))
    , indices_(new QListWidget(this))
    , rarefied_(new QCheckBox(tr("&Rarefied to the smallest N, with its standard deviation"), this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("Diversity of sites"));
    find_columns(results);
    for (const SiteIndex& index : site_indices()) {
        add_ticked(indices_, Document::translated(index.label), QString::fromStdString(index.name), index.usual);
    }
    base_->addItems({tr("e: natural logarithm"), tr("2"), tr("10")});
    matrix_->addItem(tr("None"), QString());
    for (const SitePairIndex& index : pair_indices()) {
        matrix_->addItem(Document::translated(index.label), QString::fromStdString(index.name));
    }
    curves_[0] = new QCheckBox(tr("Rare&faction curves"), this);
    curves_[1] = new QCheckBox(tr("&Hill profile"), this);
    curves_[2] = new QCheckBox(tr("Ran&k–abundance"), this);
    message_->setWordWrap(true);
    counts_->setAccessibleName(tr("Columns of counts"));
    counts_->setMaximumHeight(theme().px(92));
    indices_->setAccessibleName(tr("Indices"));
    auto* form = new QFormLayout;
    form->addRow(tr("The &table has"), form_);
    form->addRow(tr("S&ites"), site_);
    form->addRow(tr("S&pecies"), species_);
    form->addRow(tr("&Numbers"), number_);
    form->addRow(tr("&Columns of counts"), counts_);
    form->addRow(tr("In&dices"), indices_);
    form->addRow(tr("&Base of Shannon's H′"), base_);
    form->addRow(QString(), rarefied_);
    form->addRow(tr("&Matrix of all pairs"), matrix_);
    auto* charts = new QHBoxLayout;
    for (QCheckBox* one : curves_) {
        charts->addWidget(one);
        connect(one, &QCheckBox::toggled, this, &DiversityDialog::look_over);
    }
    form->addRow(tr("Charts"), charts);
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    make_ = buttons->addButton(tr("Make tables"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &QDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* layout = new QVBoxLayout(this);
    layout->addLayout(form);
    layout->addWidget(message_);
    layout->addWidget(buttons);
    setMinimumWidth(theme().px(560));
    for (QComboBox* box : {form_, site_, species_, number_, matrix_}) {
        connect(box, &QComboBox::currentIndexChanged, this, &DiversityDialog::look_over);
    }
    for (QListWidget* list : {counts_, indices_}) {
        connect(list, &QListWidget::itemChanged, this, &DiversityDialog::look_over);
    }
    look_over();
}

/// What the table can be read as, the likeliest first.
void DiversityDialog::find_columns(const Results& results) {
    const auto add_form = [this](const QString& text, SiteCounts::Form form) {
        form_->addItem(text, static_cast<int>(form));
    };
    for (const auto& column : table_.columns) {
        const Results::Entry* entry = results.find(column->id);
        const QString label = QString::fromStdString(column->shown_label());
        const QString id = QString::fromStdString(column->id.str());
        if (entry != nullptr && entry->kind == Kind::text) {
            site_->addItem(label, id);
            species_->addItem(label, id);
            texts_.push_back({column->id, different_texts(*entry->cells)});
        } else if (entry != nullptr && entry->kind == Kind::number) {
            number_->addItem(label, id);
            add_ticked(counts_, label, id, !column->computed());
        }
    }
    if (table_.two_way()) {
        const Results::Entry* axis = results.find((*table_.across->column)->id);
        across_ = axis == nullptr ? std::vector<std::string>() : different_texts(*axis->cells);
        return add_form(tr("Species down and sites across"), SiteCounts::Form::layer);
    }
    const QString list = tr("A row for each find: site, species, number");
    const QString in_columns = tr("A row for each species, a column for each site");
    const QString in_rows = tr("A row for each site, a column for each species");
    const bool names_sites =
        site_->count() > 0 && (site_->itemText(0).contains(tr("site"), Qt::CaseInsensitive) ||
                               site_->itemText(0).contains(QStringLiteral("site"), Qt::CaseInsensitive));
    if (site_->count() > 1) {
        add_form(list, SiteCounts::Form::list);
        choose(names_sites ? species_ : site_, 1);
    }
    add_form(names_sites ? in_rows : in_columns,
             names_sites ? SiteCounts::Form::sites_in_rows : SiteCounts::Form::sites_in_columns);
    add_form(names_sites ? in_columns : in_rows,
             names_sites ? SiteCounts::Form::sites_in_columns : SiteCounts::Form::sites_in_rows);
}

SiteCounts DiversityDialog::counts() const {
    const auto chosen = [](const QComboBox* box) { return Id(box->currentData().toString().toStdString()); };
    SiteCounts counts;
    counts.form = static_cast<SiteCounts::Form>(form_->currentData().toInt());
    counts.table = table_.id;
    counts.site = chosen(site_);
    counts.species = chosen(species_);
    counts.number = chosen(number_);
    for (const std::string& id : ticked(counts_)) {
        counts.counts.emplace_back(id);
    }
    return counts;
}

/// In the order in which they stand across.
std::vector<std::string> DiversityDialog::site_names() const {
    const SiteCounts chosen = counts();
    if (chosen.form == SiteCounts::Form::layer) {
        return across_;
    }
    std::vector<std::string> names;
    if (chosen.form == SiteCounts::Form::sites_in_columns) {
        for (const Id id : chosen.counts) {
            names.push_back(table_.column(id)->shown_label());
        }
        return names;
    }
    const auto of = std::find_if(texts_.begin(), texts_.end(), [&](const Texts& one) { return one.id == chosen.site; });
    return of == texts_.end() ? names : of->values;
}

Result<Study> DiversityDialog::made(Id* table, Id* chart) const {
    Id layer;
    Id first;
    Id drawn;
    Result<Study> study = species_by_site(study_, counts(), &layer);
    const auto took = [&first](Id made) { first = first.empty() ? made : first; };
    const IndexRequest request{ticked(indices_), bases[base_->currentIndex()], rarefied_->isChecked()};
    if (study && (!request.indices.empty() || request.rarefied)) {
        Id made;
        study = index_table(*study, layer, request, &made);
        took(made);
    }
    const std::string pairs = matrix_->currentData().toString().toStdString();
    if (study && !pairs.empty()) {
        Id made;
        study = pair_matrix(*study, layer, pairs, &made);
        took(made);
    }
    for (std::size_t at = 0; at < std::size(curves_); ++at) {
        if (study && curves_[at]->isChecked()) {
            Id made;
            study = site_curves(*study, layer, site_names(), static_cast<SiteCurves>(at), &made, &drawn);
            took(made);
        }
    }
    if (study && first.empty()) {
        return Sentence{N_("Choose an index, a matrix of pairs or a chart."), {}};
    }
    if (table != nullptr) {
        *table = first;
    }
    if (chart != nullptr) {
        *chart = drawn;
    }
    return study;
}

void DiversityDialog::look_over() {
    const auto form = static_cast<SiteCounts::Form>(form_->currentData().toInt());
    const bool list = form == SiteCounts::Form::list;
    site_->setEnabled(list || form == SiteCounts::Form::sites_in_rows);
    species_->setEnabled(list || form == SiteCounts::Form::sites_in_columns);
    number_->setEnabled(list || form == SiteCounts::Form::layer);
    counts_->setEnabled(form == SiteCounts::Form::sites_in_rows || form == SiteCounts::Form::sites_in_columns);
    const Result<Study> tried = made();
    make_->setEnabled(static_cast<bool>(tried));
    message_->setStyleSheet(QStringLiteral("color: %1;").arg((tried ? theme().faint_ink : theme().fault).name()));
    const std::vector<std::string> sites = site_names();
    QStringList named;
    for (std::size_t at = 0; at < std::min<std::size_t>(sites.size(), 6); ++at) {
        named << QString::fromStdString(sites[at]);
    }
    message_->setText(tried ? tr("Sites: %1. %2%3")
                                  .arg(sites.size())
                                  .arg(named.join(QStringLiteral(", ")), sites.size() > 6 ? tr(", …") : QString())
                            : Document::translated(tried.refusal()));
}

} // namespace ledgefall
