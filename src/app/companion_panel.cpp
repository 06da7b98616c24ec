#include "app/companion_panel.h"

#include "app/look.h"
#include "app/number_text.h"
#include "core/stats/measures.h"

#include <QVBoxLayout>

#include <array>

namespace ledgefall {
namespace {

QString line(const QString& name, const QString& value) {
    return QStringLiteral("<tr><td style='padding-right:12px; color:%1'>%2</td><td align='right'>%3</td></tr>")
        .arg(look().faint_ink.name(), name, value);
}

} // namespace

CompanionPanel::CompanionPanel(Document& document, QWidget* parent)
    : QScrollArea(parent)
    , document_(document)
    , working_(new WorkingPanel(document, this))
    , summary_heading_(new QLabel(tr("Chosen cells"), this))
    , summary_(new QLabel(this)) {
    setAccessibleName(tr("Companion"));
    setFrameShape(QFrame::NoFrame);
    setWidgetResizable(true);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    auto* inside = new QWidget(this);
    auto* layout = new QVBoxLayout(inside);
    layout->setContentsMargins(14, 12, 12, 12);
    layout->setSpacing(6);
    layout->addWidget(working_);
    layout->addSpacing(10);
    for (QLabel* label : {summary_heading_, summary_}) {
        label->setWordWrap(true);
        label->setTextInteractionFlags(Qt::TextSelectableByMouse);
        layout->addWidget(label);
    }
    layout->addStretch(1);
    setWidget(inside);
    connect(&document, &Document::results_changed, this, &CompanionPanel::refresh);
    connect(&document, &Document::study_changed, this, &CompanionPanel::refresh);
    connect(&look_news(), &LookNews::changed, this, &CompanionPanel::dress);
    dress();
}

void CompanionPanel::dress() {
    summary_heading_->setFont(look().text(11, true));
    working_->refresh();
    refresh();
}

void CompanionPanel::show_page(TablePage* page) {
    page_ = page;
    refresh();
}

void CompanionPanel::show_place(const WorkingPlace& place) {
    working_->show_place(place);
}

void CompanionPanel::refresh() {
    const QString summary = page_ == nullptr || page_->model().table() == nullptr ? QString() : selection_text();
    summary_->setText(summary);
    summary_heading_->setVisible(!summary.isEmpty());
}

QString CompanionPanel::selection_text() const {
    const QItemSelection selection = page_->view().selectionModel()->selection();
    const std::array<std::unique_ptr<Accumulator>, 5> measures = {make_count({}), make_sum({}), make_mean({}),
                                                                  make_min({}), make_max({})};
    std::size_t cells = 0;
    std::size_t faults = 0;
    for (const QItemSelectionRange& range : selection) {
        const auto end = static_cast<std::size_t>(std::min(range.bottom() + 1, page_->model().table_rows()));
        for (int section = range.left(); section <= range.right(); ++section) {
            const ColumnDefinition* column = page_->model().column(section);
            const Column* held = column == nullptr  ? nullptr
                                 : column->worked() ? document_.results().column(column->id)
                                                    : &*column->cells;
            if (held == nullptr) {
                continue;
            }
            // A chunk at a time, so that a whole column of a million rows is summed while a key is still down.
            for (std::size_t row = static_cast<std::size_t>(range.top()); row < std::min(end, held->size());) {
                const Column::Chunk& chunk = held->chunk(row / Column::chunk_rows);
                const std::size_t in = row % Column::chunk_rows;
                const std::size_t count = std::min(std::min(end, held->size()) - row, chunk.slots.size() - in);
                const State* states = chunk.states.empty() ? nullptr : chunk.states.data() + in;
                std::vector<State> told(states, states == nullptr ? states : states + count);
                for (State& state : told) {
                    faults += state == State::fault || state == State::odd;
                    state = state == State::plain ? state : State::missing;
                }
                cells += count;
                if (held->kind() == Kind::number) {
                    for (const auto& measure : measures) {
                        measure->add({chunk.slots.data() + in, states == nullptr ? nullptr : told.data(), false},
                                     nullptr, count);
                    }
                }
                row += count;
            }
        }
    }
    if (cells < 2) {
        return {};
    }
    const auto shown = [&measures](std::size_t at) { return value_text(measures[at]->result({}), {}); };
    QString rows = line(tr("n"), shown(0));
    if (measures[0]->result({}).number() > 0) {
        rows += line(tr("sum"), shown(1)) + line(tr("mean"), shown(2)) + line(tr("smallest"), shown(3)) +
                line(tr("largest"), shown(4));
    }
    if (faults > 0) {
        rows += line(tr("at fault, left out"), QString::number(faults));
    }
    return QStringLiteral("<table>%1</table>").arg(rows);
}

} // namespace ledgefall
