#include "app/report/report_pages.h"

#include "app/details/math_picture.h"
#include "app/theme/theme.h"

#include <QAbstractTextDocumentLayout>
#include <QBuffer>
#include <QPagedPaintDevice>
#include <QPainter>
#include <QSvgRenderer>
#include <QTextBlock>
#include <QTextDocumentWriter>
#include <QTextTable>
#include <QUrl>

namespace ledgefall {
namespace {

constexpr double units_in_a_point = 96.0 / 72;
constexpr double foot_height = 34;
constexpr double letters = 9; ///< points
constexpr double formula_letters = 8.5;
constexpr double least_formula_width = 90; ///< narrower ones are not broken

QString shown(const std::string& text) {
    return QString::fromStdString(text);
}

QTextCharFormat of_size(double points, bool bold = false) {
    QTextCharFormat format;
    format.setFont(theme().text(points, bold));
    format.setForeground(Qt::black);
    return format;
}

double width_of(const QString& text, bool bold = false) {
    return QFontMetricsF(theme().text(letters, bold)).horizontalAdvance(text);
}

/// `dev = x − m`, or what stands behind the sign alone.
MathPicture picture_of(const ReportFormula& formula, double width, bool named) {
    Mathematics whole;
    if (named && !formula.name.empty()) {
        whole.parts.push_back({Mathematics::Form::name, formula.name, {}, {}});
        whole.parts.push_back({Mathematics::Form::sign, "=", {}, {}});
    }
    whole.parts.push_back(formula.set);
    return {whole, {}, formula_letters, width};
}

} // namespace

QTextCharFormat PaintedInText::add(const QSizeF& size, const Paint& paint) {
    QTextCharFormat format;
    format.setObjectType(type);
    format.setProperty(number_property, static_cast<int>(all_.size()));
    format.setVerticalAlignment(QTextCharFormat::AlignMiddle);
    all_.push_back({size, paint});
    return format;
}

QSizeF PaintedInText::intrinsicSize(QTextDocument*, int, const QTextFormat& format) {
    return all_[static_cast<std::size_t>(format.property(number_property).toInt())].size;
}

void PaintedInText::drawObject(QPainter* painter, const QRectF& area, QTextDocument*, int, const QTextFormat& format) {
    all_[static_cast<std::size_t>(format.property(number_property).toInt())].paint(*painter, area);
}

ReportPages::ReportPages(const Report& report, const std::unordered_map<Id, QByteArray>& charts,
                         const QPageLayout& page, Purpose purpose, const StopToken& stop)
    : report_(report)
    , page_(page)
    , purpose_(purpose)
    , stop_(stop)
    , painted_(new PaintedInText)
    , cursor_(&document_) {
    const LookForPrint print;
    painted_->setParent(&document_);
    const QSizeF whole = page.paintRect(QPageLayout::Point).size() * units_in_a_point;
    area_ = QSizeF(whole.width(), whole.height() - foot_height);
    document_.setUndoRedoEnabled(false);
    document_.setDocumentMargin(0);
    document_.documentLayout()->registerHandler(PaintedInText::type, painted_);
    document_.setPageSize(area_);
    cursor_.beginEditBlock(); // laid out once, at the end
    add_heading(shown(report.title), 16);
    add_text(shown(report.author + (report.author.empty() || report.date.empty() ? "" : ", ") + report.date));
    add_text(shown(report.note));
    add_questions();
    add_held();
    for (const ReportTable& table : report.tables) {
        add_table(table);
    }
    for (const ReportChart& chart : report.charts) {
        if (const auto svg = charts.find(chart.chart); svg != charts.end()) {
            add_chart(chart, svg->second);
        }
    }
    add_rest();
    cursor_.endEditBlock();
}

void ReportPages::add_heading(const QString& text, double points) {
    QTextBlockFormat block;
    block.setTopMargin(points);
    block.setBottomMargin(4);
    block.setPageBreakPolicy(QTextFormat::PageBreak_Auto);
    cursor_.movePosition(QTextCursor::End);
    cursor_.insertBlock(block, of_size(points, true));
    cursor_.insertText(text);
}

void ReportPages::add_text(const QString& text) {
    if (!text.isEmpty()) {
        QTextBlockFormat block;
        block.setBottomMargin(4);
        cursor_.movePosition(QTextCursor::End);
        cursor_.insertBlock(block, of_size(letters));
        cursor_.insertText(text);
    }
}

void ReportPages::add_formula(QTextCursor& at, const ReportFormula& formula, double width, bool named) {
    if (formula.empty()) {
        return;
    }
    if (report_.formulas == ReportRequest::Formulas::typed || purpose_ == Purpose::other_programs) {
        const QString name = named && !formula.name.empty() ? shown(formula.name) + QStringLiteral(" = ") : QString();
        return at.insertText(name + shown(formula.typed), of_size(formula_letters));
    }
    const auto picture = std::make_shared<MathPicture>(picture_of(formula, width, named));
    at.insertText(
        QString(QChar::ObjectReplacementCharacter),
        painted_->add({picture->width(), picture->height()},
                      [picture](QPainter& painter, const QRectF& area) { picture->paint(painter, area.topLeft()); }));
}

void ReportPages::add_questions() {
    if (report_.questions.empty()) {
        return;
    }
    add_text(tr("Name: %1").arg(QString(3, u' ') + QString::fromLatin1(blank_value).repeated(3)));
    add_heading(tr("What is asked"), 12);
    int number = 0;
    for (const ReportQuestion& one : report_.questions) {
        add_text(QStringLiteral("%1. %2").arg(++number).arg(shown(one.text)));
        constexpr int lines = 4;
        for (int line = 0; line < lines && one.in_words; ++line) {
            add_text(QString::fromLatin1(blank_value).repeated(6));
        }
    }
}

void ReportPages::add_held() {
    if (report_.held.empty()) {
        return;
    }
    add_heading(tr("Held values"), 12);
    cursor_.movePosition(QTextCursor::End);
    QTextTableFormat format;
    format.setBorder(0);
    format.setCellPadding(2);
    format.setCellSpacing(0);
    QTextTable* table = cursor_.insertTable(static_cast<int>(report_.held.size()), 4, format);
    for (int row = 0; row < table->rows(); ++row) {
        const ReportHeld& held = report_.held[static_cast<std::size_t>(row)];
        const QString name = shown(held.table.empty() ? held.name : held.table + ": " + held.name);
        const QString unit =
            held.unit.empty() || held.value.empty() ? QString() : QStringLiteral(" ") + shown(held.unit);
        table->cellAt(row, 0).firstCursorPosition().insertText(name, of_size(letters, true));
        table->cellAt(row, 1).firstCursorPosition().insertText(shown(held.value) + unit, of_size(letters));
        QTextCursor formula = table->cellAt(row, 2).firstCursorPosition();
        add_formula(formula, held.formula, area_.width() / 3, false);
        table->cellAt(row, 3).firstCursorPosition().insertText(shown(held.note), of_size(letters));
    }
}

std::vector<double> ReportPages::widths_of(const ReportTable& table) const {
    std::vector<double> widths;
    for (std::size_t column = 0; column < table.columns.size(); ++column) {
        const ReportColumn& heading = table.columns[column];
        double width =
            width_of(shown(heading.label), true) + (heading.unit.empty() ? 0 : width_of(shown(heading.unit)) + 12);
        for (const auto* rows : {&table.rows, &table.foot}) {
            for (const auto& row : *rows) {
                width = std::max(width, width_of(shown(row[column]), column == 0));
            }
        }
        if (!heading.formula.empty()) { // broken where it is wider than the column and that is wide enough
            width = std::max(width, picture_of(heading.formula, std::max(width, least_formula_width), true).width());
        }
        constexpr double to_write_in = 70;
        width = heading.blank ? std::max(width, to_write_in) : width;
        widths.push_back(std::min(width + 12, area_.width() / 2));
    }
    return widths;
}

void ReportPages::add_table(const ReportTable& table) {
    add_heading(shown(table.label), 12);
    marked_.emplace_back(shown(table.label), cursor_);
    add_text(shown(table.note));
    for (const std::string& remark : table.remarks) {
        add_text(shown(remark));
    }
    if (!table.formula.empty()) {
        add_text(QStringLiteral(" "));
        add_formula(cursor_, table.formula, area_.width(), true);
    }
    const std::vector<double> widths = widths_of(table);
    std::size_t from = std::min<std::size_t>(1, widths.size());
    while (from < widths.size()) {
        double across = widths.front() + widths[from];
        std::size_t to = from + 1;
        while (to < widths.size() && across + widths[to] <= area_.width()) {
            across += widths[to++];
        }
        add_columns(table, from, to, widths);
        if (to < widths.size()) {
            add_text(tr("%1 continues").arg(shown(table.label)));
        }
        from = to;
    }
}

/// A line under a cell that is to be written in.
void ReportPages::rule(QTextTable& table, int row, int column) {
    QTextTableCell cell = table.cellAt(row, column);
    QTextTableCellFormat format = cell.format().toTableCellFormat();
    format.setBottomBorder(1);
    format.setBottomBorderStyle(QTextFrameFormat::BorderStyle_Solid);
    format.setBottomBorderBrush(Qt::darkGray);
    cell.setFormat(format);
}

void ReportPages::add_columns(const ReportTable& table, std::size_t from, std::size_t to,
                              const std::vector<double>& widths) {
    std::vector<std::size_t> columns = {0};
    QTextTableFormat format;
    format.setBorder(0);
    format.setCellPadding(2);
    format.setCellSpacing(0);
    format.setHeaderRowCount(1);
    QList<QTextLength> lengths = {QTextLength(QTextLength::FixedLength, widths.front())};
    for (std::size_t column = from; column < to; ++column) {
        columns.push_back(column);
        lengths << QTextLength(QTextLength::FixedLength, widths[column]);
    }
    format.setColumnWidthConstraints(lengths);
    const bool gap = table.left_out > 0;
    const auto rows = static_cast<int>(1 + table.rows.size() + (gap ? 1 : 0) + table.foot.size());
    cursor_.movePosition(QTextCursor::End);
    QTextTable* made = cursor_.insertTable(rows, static_cast<int>(columns.size()), format);
    const auto put = [&](int row, int column, const QString& text, bool bold, bool right) {
        QTextCursor at = made->cellAt(row, column).firstCursorPosition();
        QTextBlockFormat block;
        block.setAlignment(right ? Qt::AlignRight : Qt::AlignLeft);
        at.setBlockFormat(block);
        at.insertText(text, of_size(letters, bold));
    };
    for (int column = 0; column < made->columns(); ++column) {
        const ReportColumn& heading = table.columns[columns[static_cast<std::size_t>(column)]];
        const QString unit = heading.unit.empty() ? QString() : QStringLiteral(" (%1)").arg(shown(heading.unit));
        put(0, column, shown(heading.label) + unit, true, heading.numbers);
        if (!heading.formula.empty()) {
            QTextCursor at = made->cellAt(0, column).lastCursorPosition();
            at.insertBlock();
            add_formula(at, heading.formula, widths[columns[static_cast<std::size_t>(column)]] - 6, true);
        }
    }
    int row = 1;
    const auto line = [&](const std::vector<std::string>& values, bool bold) {
        for (int column = 0; column < made->columns(); ++column) {
            const std::size_t of = columns[static_cast<std::size_t>(column)];
            put(row, column, shown(values[of]), bold || column == 0, table.columns[of].numbers);
            if (table.columns[of].blank && values[of].empty()) {
                rule(*made, row, column);
            }
        }
        ++row;
    };
    for (std::size_t at = 0; at <= table.rows.size(); ++at) {
        if (gap && at == std::min(table.left_after, table.rows.size())) {
            put(row, 0, tr("… %1 rows").arg(table.left_out), false, false);
            ++row;
        }
        if (at < table.rows.size()) {
            stop_.throw_if_stopped();
            line(table.rows[at], false);
        }
    }
    for (const auto& values : table.foot) {
        line(values, true);
    }
}

void ReportPages::add_chart(const ReportChart& chart, const QByteArray& svg) {
    const auto renderer = std::make_shared<QSvgRenderer>(svg);
    if (!renderer->isValid()) {
        return;
    }
    QSizeF size = renderer->defaultSize();
    size = size.scaled(std::min(area_.width(), size.width()), area_.height() * 0.6, Qt::KeepAspectRatio);
    QTextBlockFormat block;
    block.setTopMargin(10);
    cursor_.movePosition(QTextCursor::End);
    cursor_.insertBlock(block, of_size(letters));
    marked_.emplace_back(shown(chart.label), cursor_);
    if (purpose_ == Purpose::other_programs) {
        constexpr double sharp = 2;
        QImage image((size * sharp).toSize(), QImage::Format_ARGB32);
        image.fill(Qt::white);
        QPainter painter(&image);
        renderer->render(&painter);
        painter.end();
        QTextImageFormat format;
        format.setName(QStringLiteral("chart-%1.png").arg(shown(chart.chart.str())));
        format.setWidth(size.width());
        format.setHeight(size.height());
        document_.addResource(QTextDocument::ImageResource, QUrl(format.name()), image);
        cursor_.insertImage(format);
        return add_text(shown(chart.label));
    }
    cursor_.insertText(
        QString(QChar::ObjectReplacementCharacter),
        painted_->add(size, [renderer](QPainter& painter, const QRectF& area) { renderer->render(&painter, area); }));
    add_text(shown(chart.label));
}

void ReportPages::add_rest() {
    for (const ReportWorking& one : report_.workings) {
        add_heading(tr("Working of %1").arg(shown(one.what)), 12);
        for (const std::string& line : one.lines) {
            add_text(shown(line));
        }
    }
    if (!report_.checks.empty()) {
        add_heading(tr("Checks"), 12);
    }
    for (const ReportCheck& one : report_.checks) {
        add_text(QStringLiteral("• %1: %2. %3").arg(shown(one.label), shown(one.state), shown(one.message)));
        add_formula(cursor_, one.condition, area_.width() / 2, false);
    }
    if (!report_.runs.empty()) {
        add_heading(tr("Runs"), 12);
    }
    for (const ReportRun& one : report_.runs) {
        add_text(QStringLiteral("• ") + shown(one.name == one.held ? one.name : one.name + ": " + one.held));
    }
    if (!report_.sources.empty()) {
        add_heading(tr("Sources of the methods"), 12);
    }
    for (const auto& [name, source] : report_.sources) {
        add_text(QStringLiteral("• %1: %2").arg(shown(name), shown(source)));
    }
}

void ReportPages::paint_foot(QPainter& painter, int page) const {
    painter.setFont(theme().text(8));
    painter.setPen(Qt::darkGray);
    const QRectF foot(0, area_.height() + foot_height / 2, area_.width(), foot_height / 2);
    const QString left =
        QFontMetricsF(painter.font()).elidedText(shown(report_.title), Qt::ElideRight, area_.width() / 2);
    painter.drawText(foot, Qt::AlignLeft | Qt::AlignVCenter, left);
    painter.drawText(foot, Qt::AlignHCenter | Qt::AlignVCenter, shown(report_.date));
    painter.drawText(foot, Qt::AlignRight | Qt::AlignVCenter, QStringLiteral("%1 / %2").arg(page + 1).arg(count()));
}

std::vector<std::pair<QString, int>> ReportPages::marks() const {
    std::vector<std::pair<QString, int>> all;
    for (const auto& [label, place] : marked_) {
        const QTextBlock block = document_.findBlock(place.anchor());
        const double y = document_.documentLayout()->blockBoundingRect(block).top();
        all.emplace_back(label, std::clamp(static_cast<int>(y / area_.height()), 0, count() - 1));
    }
    return all;
}

QByteArray ReportPages::open_document() const {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QTextDocumentWriter writer(&buffer, "odf");
    return writer.write(&document_) ? bytes : QByteArray();
}

bool ReportPages::print(QPagedPaintDevice& device) const {
    const LookForPrint print;
    device.setPageLayout(page_);
    QPainter painter;
    if (!painter.begin(&device)) {
        return false;
    }
    const double scale = device.logicalDpiX() / 96.0;
    for (int page = 0; page < count(); ++page) {
        if (page > 0) {
            device.newPage();
        }
        painter.save();
        painter.scale(scale, scale);
        paint_foot(painter, page);
        const QRectF area(0, page * area_.height(), area_.width(), area_.height());
        painter.translate(0, -area.top());
        painter.setClipRect(area);
        QAbstractTextDocumentLayout::PaintContext context;
        context.clip = area;
        context.palette.setColor(QPalette::Text, Qt::black);
        document_.documentLayout()->draw(&painter, context);
        painter.restore();
    }
    return painter.end();
}

} // namespace ledgefall
