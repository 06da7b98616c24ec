#include "app/starters/starters.h"

#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "core/engine/running/results.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"

#include <QDir>
#include <QFile>
#include <QStandardPaths>

#include <algorithm>
#include <cmath>

namespace ledgefall {
namespace {

constexpr std::size_t most_columns = 4;
constexpr std::size_t most_rows_shown = 5;
constexpr std::size_t most_points = 200;
constexpr qint64 most_bytes = 2'000'000;

QString own_folder() {
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/ledgefall/starters");
}

const Column* cells_of(const Results& results, const ColumnDefinition& column) {
    return column.computed() ? results.column(column.id) : &*column.cells;
}

/// The table that says most of a study: the first that has formulas.
const Table* shown_table(const Study& study) {
    for (const auto& table : study.tables) {
        if (std::any_of(table->columns.begin(), table->columns.end(),
                        [](const auto& one) { return one->computed(); })) {
            return &*table;
        }
    }
    return study.tables.empty() ? nullptr : &*study.tables.front();
}

QPolygonF curve_of(const Study& study, const Results& results) {
    if (study.charts.empty() || study.charts.front()->series.empty()) {
        return {};
    }
    const Chart& chart = *study.charts.front();
    const Table* table = study.table(chart.table);
    const ColumnDefinition* x = table == nullptr ? nullptr : table->column(chart.series.front().x);
    const ColumnDefinition* y = table == nullptr ? nullptr : table->column(chart.series.front().y);
    const Column* across = x == nullptr ? nullptr : cells_of(results, *x);
    const Column* up = y == nullptr ? nullptr : cells_of(results, *y);
    QPolygonF points;
    for (std::size_t row = 0;
         across != nullptr && up != nullptr && row < std::min(across->size(), up->size()) && row < most_points; ++row) {
        if (across->at(row).plain() && up->at(row).plain() && across->kind() == Kind::number &&
            up->kind() == Kind::number) {
            points << QPointF(across->at(row).number(), up->at(row).number());
        }
    }
    const QRectF around = points.boundingRect();
    for (QPointF& point : points) {
        point = {around.width() > 0 ? (point.x() - around.left()) / around.width() : 0.5,
                 around.height() > 0 ? (point.y() - around.top()) / around.height() : 0.5};
    }
    return points;
}

/// A two-way table's axis down, and the first columns of its first layer under the values of the axis across.
void add_grid(Starter& out, const Table& table, const Results& results) {
    const ColumnDefinition& down = **table.axis.column;
    const ColumnDefinition& across = **table.across->column;
    const Column* rows = results.column(down.id);
    const Column* columns = results.column(across.id);
    const Column* cells = table.columns.empty() ? nullptr : results.column(table.columns.front()->id);
    if (rows == nullptr || columns == nullptr || cells == nullptr) {
        return;
    }
    const std::size_t shown_rows = std::min(rows->size(), most_rows_shown);
    Starter::Column headings;
    for (std::size_t row = 0; row < shown_rows; ++row) {
        headings.cells << value_text(rows->at(row), down.format);
    }
    out.columns.append(headings);
    for (std::size_t column = 0; column < std::min(columns->size(), most_columns); ++column) {
        Starter::Column one;
        one.heading = value_text(columns->at(column), across.format);
        one.computed = true;
        for (std::size_t row = 0; row < shown_rows; ++row) {
            one.cells << value_text(cells->at(row * columns->size() + column), table.columns.front()->format);
        }
        out.columns.append(one);
    }
}

Starter pictured(const QString& file, const Study& study, const StopToken& stop) {
    Starter out;
    out.file = file;
    out.title = QString::fromStdString(study.title);
    out.note = QString::fromStdString(study.note);
    out.study = study;
    const ResultsPtr results = compute_in_task(study, nullptr, stop);
    const Table* table = shown_table(study);
    if (table == nullptr) {
        return out;
    }
    if (table->two_way()) {
        add_grid(out, *table, *results);
        return out;
    }
    for (std::size_t at = 0; at < std::min(table->columns.size(), most_columns); ++at) {
        const ColumnDefinition& column = *table->columns[at];
        Starter::Column one;
        one.heading = QString::fromStdString(column.shown_label());
        one.computed = column.computed();
        const Column* cells = cells_of(*results, column);
        for (std::size_t row = 0; cells != nullptr && row < std::min(cells->size(), most_rows_shown); ++row) {
            one.cells << value_text(cells->at(row), column.format);
        }
        out.columns.append(one);
    }
    out.curve = curve_of(study, *results);
    return out;
}

QList<Starter> read_all(const StopToken& stop) {
    const SpelledBy desktop((Settings())); // whatever study is open
    QList<Starter> all;
    for (const QString& folder : {QStringLiteral(":/starters"), own_folder()}) {
        for (const QFileInfo& info :
             QDir(folder).entryInfoList({QStringLiteral("*.ledgefall")}, QDir::Files, QDir::Name)) {
            stop.throw_if_stopped();
            QFile file(info.filePath());
            if (info.size() > most_bytes || !file.open(QIODevice::ReadOnly)) {
                continue;
            }
            const QByteArray bytes = file.readAll();
            const Result<Study> study = read_study({bytes.constData(), static_cast<std::size_t>(bytes.size())}, stop);
            if (study) {
                all.append(pictured(info.filePath(), *study, stop));
            }
        }
    }
    return all;
}

} // namespace

Starters::Starters(QObject* parent)
    : QObject(parent) {
    read();
}

void Starters::read() {
    reading_.stop();
    reading_ = TaskRunner::of_process().start(this, read_all, [this](const TaskOutcome<QList<Starter>>& all) {
        if (all) {
            all_ = *all;
            Q_EMIT changed();
        }
    });
}

void Starters::keep(Study study, const QString& title) {
    study.title = title.toStdString();
    QDir().mkpath(own_folder());
    QString name = title.toLower().simplified();
    for (QChar& c : name) {
        c = c.isLetterOrNumber() ? c : QLatin1Char('-');
    }
    QString path = own_folder() + QLatin1Char('/') + name.left(60) + QStringLiteral(".ledgefall");
    for (int number = 2; QFile::exists(path); ++number) {
        path = own_folder() + QStringLiteral("/%1-%2.ledgefall").arg(name.left(60)).arg(number);
    }
    TaskRunner::of_process().start(
        this, [study = std::move(study), path] { return write_file(path.toStdString(), write_study(study)); },
        [this](const TaskOutcome<Result<Saved>>& written) {
            if (written && *written) {
                read();
            } else {
                Q_EMIT failed(written ? (*written).refusal() : written.why());
            }
        },
        WhenStopped::wait);
}

bool Starters::remove(const Starter& starter) {
    const bool removed = starter.is_own() && QFile::remove(starter.file);
    if (removed) {
        read();
    }
    return removed;
}

} // namespace ledgefall
