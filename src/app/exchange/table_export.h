#pragma once

#include "app/document/document.h"
#include "app/exchange/table_writing.h"
#include "files/worksheet_writing/workbook_of_study.h"

namespace ledgefall {

/// Tables, and the whole study as worksheets, that go out as files.
class TableExport : public QObject {
    Q_OBJECT
  public:
    TableExport(Document& document, QWidget* window);

    void choose(const Id& table);
    void choose_worksheet(const QString& proposed_path);
    void write(const QString& path, const Id& table, const ExportOptions& choice);
    /// The whole study as worksheets, with formulas; what they cannot express is reported.
    void write_worksheet(const QString& path);

  Q_SIGNALS:
    void told(const QString& what); ///< what could not be written
    void done(const QString& what);

  private:
    std::optional<ExportOptions> ask(const QString& path, const Id& table);
    using Writer = std::function<Result<std::string>(std::vector<Sentence>&, const StopToken&)>;
    void write_file_of(const QString& path, const Writer& write);

    Document& document_;
    QWidget* window_;
};

/// How a table is usually written in a format.
ExportOptions usual_choice(const FileFormat& format);

} // namespace ledgefall
