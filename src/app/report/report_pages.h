#pragma once

#include "core/report/report.h"

#include <QCoreApplication>
#include <QPageLayout>
#include <QTextDocument>
#include <QTextObjectInterface>
#include <QTextTable>

#include <functional>
#include <memory>
#include <unordered_map>

class QPagedPaintDevice;
class QThread;

namespace ledgefall {

/// What is painted in the midst of a text: a formula set as mathematics, or a chart. It stays lines and letters on
/// paper and in PDF.
class PaintedInText : public QObject, public QTextObjectInterface {
    Q_OBJECT
    Q_INTERFACES(QTextObjectInterface)
  public:
    static constexpr int type = QTextFormat::UserObject + 1;
    static constexpr int number_property = QTextFormat::UserProperty + 1;

    using Paint = std::function<void(QPainter&, const QRectF&)>;
    /// The format by which it stands at a cursor.
    QTextCharFormat add(const QSizeF& size, const Paint& paint);

    QSizeF intrinsicSize(QTextDocument* document, int position, const QTextFormat& format) override;
    void drawObject(QPainter* painter, const QRectF& area, QTextDocument* document, int position,
                    const QTextFormat& format) override;

  private:
    struct Painted {
        QSizeF size;
        Paint paint;
    };
    std::vector<Painted> all_;
};

/// A report laid out on pages of one size. Lengths are in 96ths of an inch. Tables break between rows and repeat their
/// headings; wide ones go on below, with their first column again. The foot of a page has the title, the date and its
/// number.
class ReportPages {
    Q_DECLARE_TR_FUNCTIONS(ReportPages)
  public:
    /// What formulas and charts become: paintings on pages; for other programs text as it is typed, and images.
    enum class Purpose : std::uint8_t { pages, other_programs };
    /// `charts`: the charts as SVG.
    ReportPages(const Report& report, const std::unordered_map<Id, QByteArray>& charts, const QPageLayout& page,
                Purpose purpose = Purpose::pages, const StopToken& stop = {});

    int count() const { return document_.pageCount(); }
    /// Paints all pages; false where the device cannot be painted on.
    bool print(QPagedPaintDevice& device) const;
    /// As an OpenDocument text, made for other programs.
    QByteArray open_document() const;
    QString text() const { return document_.toPlainText(); }
    /// The headings of tables and charts, and their pages (from 0).
    std::vector<std::pair<QString, int>> marks() const;
    /// To the thread on which they are used from now on, by the one on which they were laid out.
    void move_to(QThread* thread) { document_.moveToThread(thread); }

  private:
    void add_heading(const QString& text, double points);
    void add_text(const QString& text);
    void add_formula(QTextCursor& at, const ReportFormula& formula, double width, bool named);
    void add_questions();
    void add_held();
    static void rule(QTextTable& table, int row, int column);
    void add_table(const ReportTable& table);
    void add_columns(const ReportTable& table, std::size_t from, std::size_t to, const std::vector<double>& widths);
    void add_chart(const ReportChart& chart, const QByteArray& svg);
    void add_rest();
    std::vector<double> widths_of(const ReportTable& table) const;
    void paint_foot(QPainter& painter, int page) const;

    const Report report_;
    QSizeF area_; ///< of the text on a page
    QPageLayout page_;
    Purpose purpose_;
    StopToken stop_;
    QTextDocument document_;
    PaintedInText* painted_;
    QTextCursor cursor_;
    std::vector<std::pair<QString, QTextCursor>> marked_;
};

} // namespace ledgefall
