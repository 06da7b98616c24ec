#include "app/companion_panel.h"

#include "app/look.h"
#include "app/number_text.h"
#include "core/stats/measures.h"

#include <QVBoxLayout>

#include <array>

namespace ledgefall {
namespace {

/// The formula as rich text, in the colours of what stays and what follows.
QString rich(const ReadableFormula& formula) {
    QString out;
    int at = 0;
    for (const auto& range : formula.formats) {
        out += formula.text.mid(at, range.start - at).toHtmlEscaped();
        const QString name = formula.text.mid(range.start, range.length).toHtmlEscaped();
        const QString shown = range.format.underlineStyle() == QTextCharFormat::NoUnderline
                                  ? name
                                  : QStringLiteral("<u>%1</u>").arg(name);
        out += QStringLiteral("<span style='color:%1'>%2</span>").arg(range.format.foreground().color().name(), shown);
        at = range.start + range.length;
    }
    return out + formula.text.mid(at).toHtmlEscaped();
}

QString line(const QString& name, const QString& value) {
    return QStringLiteral("<tr><td style='padding-right:12px; color:%1'>%2</td><td align='right'>%3</td></tr>")
        .arg(look().faint_ink.name(), name, value);
}

} // namespace

CompanionPanel::CompanionPanel(Document& document, QWidget* parent)
    : QWidget(parent)
    , document_(document)
    , heading_(new QLabel(this))
    , story_(new QLabel(this))
    , summary_heading_(new QLabel(tr("Chosen cells"), this))
    , summary_(new QLabel(this)) {
    setAccessibleName(tr("Companion"));
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(14, 12, 12, 12);
    layout->setSpacing(6);
    for (QLabel* label : {heading_, story_, summary_heading_, summary_}) {
        label->setWordWrap(true);
        label->setTextInteractionFlags(Qt::TextSelectableByMouse);
        layout->addWidget(label);
    }
    layout->insertSpacing(2, 12);
    layout->addStretch(1);
    connect(&document, &Document::results_changed, this, &CompanionPanel::refresh);
    connect(&document, &Document::study_changed, this, &CompanionPanel::refresh);
    refresh();
}

void CompanionPanel::show_page(TablePage* page) {
    if (page_ != nullptr) {
        page_->disconnect(this);
    }
    page_ = page;
    if (page_ != nullptr) {
        connect(page_, &TablePage::selection_changed, this, &CompanionPanel::refresh);
        connect(page_, &QObject::destroyed, this, [this, page] { page_ = page_ == page ? nullptr : page_; });
    }
    refresh();
}

void CompanionPanel::refresh() {
    heading_->setFont(look().text(11, true));
    summary_heading_->setFont(look().text(11, true));
    const QModelIndex at =
        page_ == nullptr || page_->model().table() == nullptr ? QModelIndex() : page_->view().currentIndex();
    const ColumnDefinition* column = at.isValid() ? page_->model().column(at.column()) : nullptr;
    const bool inside = column != nullptr && at.row() < page_->model().table_rows();
    heading_->setText(inside ? tr("%1, row %2").arg(QString::fromStdString(column->shown_label())).arg(at.row() + 1)
                             : QString());
    story_->setText(inside ? cell_text() : QString());
    const QString summary = page_ == nullptr || page_->model().table() == nullptr ? QString() : selection_text();
    summary_->setText(summary);
    summary_heading_->setVisible(!summary.isEmpty());
}

QString CompanionPanel::cell_text() const {
    const QModelIndex at = page_->view().currentIndex();
    const ColumnDefinition& column = *page_->model().column(at.column());
    const Value value = page_->model().value(at.row(), at.column());
    QStringList parts;
    const QString unit = QString::fromStdString(column.unit);
    if (value.plain()) {
        parts << QStringLiteral("<span style='font-size:large'>%1</span> %2")
                     .arg(exact_text(value).toHtmlEscaped(), unit.toHtmlEscaped());
    } else if (value.is_missing()) {
        parts << tr("missing");
    }
    const QString wrong = at.data(TableModel::ExplanationRole).toString();
    if (!wrong.isEmpty()) {
        parts << QStringLiteral("<span style='color:%1'>%2</span>").arg(look().fault.name(), wrong.toHtmlEscaped());
    }
    if (column.worked()) {
        const ReadableFormula formula =
            readable(column.pieces.front().formula, document_.study(), page_->model().table());
        parts << QString::fromStdString(column.name) + QStringLiteral(" = ") + rich(formula);
        parts << (at.data(TableModel::OverrideRole).toBool()
                      ? QStringLiteral("<span style='color:%1'>%2</span>")
                            .arg(look().stays.name(), tr("typed over the formula's value"))
                      : tr("worked"));
    } else {
        parts << tr("given");
    }
    if (!column.note.empty()) {
        parts << QString::fromStdString(column.note).toHtmlEscaped();
    }
    return parts.join(QStringLiteral("<br>"));
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
