#pragma once

#include "app/exchange/study_files.h"
#include "app/pages/page_area.h"
#include "files/tables/labelled_columns.h"

namespace ledgefall {

/// Tables and worksheets that come in from outside.
class TableImport : public QObject {
    Q_OBJECT
  public:
    TableImport(Document& document, PageArea& pages, StudyFiles& files, QWidget* window);

    void choose();
    /// Opens a study or a worksheet; of delimited text it is asked how to read it.
    void open(const QString& path);
    /// `shown`: the kinds of the columns in the preview; columns that turn out to be of another kind are reported.
    void read_text(const QString& path, const Document::BytesPtr& bytes, const struct DialectChoice& choice,
                   const QString& label, const std::vector<Kind>& shown = {});

  Q_SIGNALS:
    void told(const QString& what); ///< what was found in reading

  private:
    using ColumnReader = std::function<Result<LabelledColumns>(std::string_view, const StopToken&)>;
    void ask(const QString& path, const Document::BytesPtr& bytes);
    void read(const QString& path, const Document::BytesPtr& bytes, const QString& label, const ColumnReader& reader);

    Document& document_;
    PageArea& pages_;
    StudyFiles& files_;
    QWidget* window_;
};

} // namespace ledgefall
