#include "app/report/pdf_marks.h"

#include <qpdf/qpdf-c.h>

#include <memory>

namespace ledgefall {
namespace {

/// A PDF that is read and written by the library's functions for C, each of which takes it.
class MarkedPdf {
  public:
    explicit MarkedPdf(const QByteArray& bytes)
        : data_(qpdf_init()) {
        qpdf_silence_errors(data_);
        read_ = (qpdf_read_memory(data_, "report", bytes.constData(), static_cast<unsigned long long>(bytes.size()),
                                  nullptr) &
                 QPDF_ERRORS) == 0;
    }
    ~MarkedPdf() { qpdf_cleanup(&data_); }
    MarkedPdf(const MarkedPdf&) = delete;
    MarkedPdf& operator=(const MarkedPdf&) = delete;

    bool is_read() const { return read_; }

    void set_language(const QString& language) {
        put(qpdf_get_root(data_), "/Lang", text(language));
        const qpdf_oh frame = qpdf_oh_new_dictionary(data_);
        put(frame, "/DisplayDocTitle", qpdf_oh_new_bool(data_, QPDF_TRUE));
        put(qpdf_get_root(data_), "/ViewerPreferences", frame);
    }

    void add_bookmarks(const std::vector<std::pair<QString, int>>& bookmarks) {
        const qpdf_oh outlines = qpdf_make_indirect_object(data_, qpdf_oh_new_dictionary(data_));
        put(outlines, "/Type", qpdf_oh_new_name(data_, "/Outlines"));
        qpdf_oh last = 0;
        long long count = 0;
        for (const auto& [label, page] : bookmarks) {
            if (page < 0 || page >= qpdf_get_num_pages(data_)) {
                continue;
            }
            const qpdf_oh entry = qpdf_make_indirect_object(data_, qpdf_oh_new_dictionary(data_));
            const qpdf_oh place = qpdf_oh_new_array(data_);
            qpdf_oh_append_item(data_, place, qpdf_get_page_n(data_, static_cast<std::size_t>(page)));
            qpdf_oh_append_item(data_, place, qpdf_oh_new_name(data_, "/Fit"));
            put(entry, "/Title", text(label));
            put(entry, "/Parent", outlines);
            put(entry, "/Dest", place);
            if (count == 0) {
                put(outlines, "/First", entry);
            } else {
                put(entry, "/Prev", last);
                put(last, "/Next", entry);
            }
            last = entry;
            ++count;
        }
        if (count > 0) {
            put(outlines, "/Last", last);
            put(outlines, "/Count", qpdf_oh_new_integer(data_, count));
            put(qpdf_get_root(data_), "/Outlines", outlines);
        }
    }

    /// Empty where it cannot be written.
    QByteArray bytes() {
        if ((qpdf_init_write_memory(data_) & QPDF_ERRORS) != 0 || (qpdf_write(data_) & QPDF_ERRORS) != 0) {
            return {};
        }
        return {reinterpret_cast<const char*>(qpdf_get_buffer(data_)),
                static_cast<qsizetype>(qpdf_get_buffer_length(data_))};
    }

  private:
    qpdf_oh text(const QString& text) { return qpdf_oh_new_unicode_string(data_, text.toUtf8().constData()); }
    void put(qpdf_oh object, const char* key, qpdf_oh value) { qpdf_oh_replace_key(data_, object, key, value); }

    qpdf_data data_;
    bool read_ = false;
};

} // namespace

QByteArray with_pdf_marks(const QByteArray& pdf, const QString& language,
                          const std::vector<std::pair<QString, int>>& bookmarks) {
    MarkedPdf marked(pdf);
    if (!marked.is_read()) {
        return pdf;
    }
    marked.set_language(language);
    marked.add_bookmarks(bookmarks);
    const QByteArray bytes = marked.bytes();
    return bytes.isEmpty() ? pdf : bytes;
}

} // namespace ledgefall
