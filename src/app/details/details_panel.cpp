#include "app/details/details_panel.h"

#include "app/numbers/number_text.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/marking/marks_study.h"
#include "core/study/model/study_part.h"

#include <QVBoxLayout>

namespace ledgefall {
namespace {

constexpr std::size_t summed_at_once = 20'000; // cells

} // namespace

DetailsPanel::DetailsPanel(Document& document, QWidget* parent)
    : QScrollArea(parent)
    , document_(document)
    , class_(new QLabel(this))
    , working_(new WorkingPanel(document, this))
    , summary_heading_(new QLabel(tr("Selected cells"), this))
    , summary_(new NameValueList(this)) {
    name_panel(*this, tr("Details"));
    setFrameShape(QFrame::NoFrame);
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget(this);
    auto* layout = new QVBoxLayout(inside);
    layout->setContentsMargins(14, 12, 12, 12);
    layout->setSpacing(6);
    class_->setWordWrap(true);
    class_->setTextFormat(Qt::RichText);
    class_->setTextInteractionFlags(Qt::TextBrowserInteraction);
    class_->hide();
    connect(class_, &QLabel::linkActivated, this, &DetailsPanel::submission_wanted);
    layout->addWidget(class_);
    layout->addWidget(working_);
    layout->addSpacing(10);
    layout->addWidget(summary_heading_);
    layout->addWidget(summary_);
    summary_->setAccessibleName(summary_heading_->text());
    layout->addStretch(1);
    setWidget(inside);
    connect(&document, &Document::results_changed, this, &DetailsPanel::refresh);
    connect(&document, &Document::study_changed, this, &DetailsPanel::refresh);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &DetailsPanel::apply_theme);
    apply_theme();
}

void DetailsPanel::apply_theme() {
    summary_heading_->setFont(theme().text(11, true));
    working_->refresh();
    refresh();
}

void DetailsPanel::show_page(TablePage* page) {
    page_ = page;
    refresh();
}

void DetailsPanel::show_place(const WorkingPlace& place) {
    working_->show_place(place);
    tell_of_class(place);
}

void DetailsPanel::tell_of_class(const WorkingPlace& place) {
    const Study& study = document_.study();
    const Id part = place.definition.object;
    QString text;
    if (document_.asks_for(part)) {
        text = tr("Asked: %1").arg(QString::fromStdString(study.handout->item(part)->question).toHtmlEscaped());
    } else if (const StudyPart there = find_part(study, place.definition);
               there.table != nullptr && place.row > 0 && place_of_mark(study, there.table->id, place.row - 1)) {
        text = QStringLiteral("<a href=\"submission\">%1</a>").arg(tr("Open this submission beside the key"));
    }
    class_->setText(text);
    class_->setVisible(!text.isEmpty());
}

void DetailsPanel::refresh() {
    if (page_ == nullptr || page_->model().table() == nullptr) {
        return show_summary({});
    }
    sum_up();
}

/// The chosen cells are summed up away from the interface where they are many, as when a column of a million rows is
/// chosen with a click.
void DetailsPanel::sum_up() {
    std::vector<ChosenCells> chosen;
    std::size_t cells = 0;
    const TableModel& model = page_->model();
    for (const TableView::Block& block : page_->view().chosen_blocks()) {
        for (int row = block.top; model.two_way() && row <= block.bottom; ++row) { // cells go row by row
            const int right = block.right;
            const ColumnDefinition* layer = model.column(block.left);
            const Results::Entry* entry = layer == nullptr ? nullptr : document_.results().find(layer->id);
            if (entry != nullptr && model.column(right) != nullptr) {
                chosen.push_back({entry->cells, model.cell_of(row, block.left), model.cell_of(row, right) + 1});
                cells += chosen.back().to - chosen.back().from;
            }
        }
        if (model.two_way()) {
            continue;
        }
        const auto end = static_cast<std::size_t>(block.bottom) + 1;
        for (int section = block.left; section <= block.right; ++section) {
            const ColumnDefinition* column = page_->model().column(section);
            const auto from = static_cast<std::size_t>(block.top);
            if (column != nullptr && from < end) {
                const Results::Entry* entry = document_.results().find(column->id);
                chosen.push_back(
                    {column->computed() ? (entry == nullptr ? nullptr : entry->cells) : column->cells.pointer(), from,
                     end});
                cells += end - from;
            }
        }
    }
    summing_.stop();
    if (cells < summed_at_once) {
        return show_summary(summary_of(chosen, {}));
    }
    summing_ = TaskRunner::of_process().start(
        this, [chosen = std::move(chosen)](const StopToken& stop) { return summary_of(chosen, stop); },
        [this](const TaskOutcome<ChosenSummary>& summary) {
            if (summary.end() != TaskEnd::stopped) { // without one, nothing rather than that of other cells
                show_summary(summary ? *summary : ChosenSummary());
            }
        });
}

void DetailsPanel::show_summary(const ChosenSummary& chosen) {
    NameValueList::Rows rows;
    if (chosen.cells > 1) {
        rows.append({tr("n"), value_text(chosen.n, {})});
        if (chosen.n.number() > 0) {
            const auto text = [&chosen](const Value& value) {
                return chosen.sum_is_rounding ? rounded_to_zero_text({}) : value_text(value, {});
            };
            rows.append({tr("sum"), text(chosen.sum)});
            rows.append({tr("mean"), text(chosen.mean)});
            rows.append({tr("smallest"), value_text(chosen.smallest, {})});
            rows.append({tr("largest"), value_text(chosen.largest, {})});
        }
        if (chosen.faults > 0) {
            rows.append({tr("errors, left out"), QString::number(chosen.faults)});
        }
    }
    summary_->show_rows(rows);
    summary_heading_->setVisible(!rows.isEmpty());
}

} // namespace ledgefall
