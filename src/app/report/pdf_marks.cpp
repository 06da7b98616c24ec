#include "app/report/pdf_marks.h"

#define POINTERHOLDER_TRANSITION 4 // only shared_ptr: what the library asks to be told
#include <qpdf/QPDF.hh>
#include <qpdf/QPDFWriter.hh>

namespace ledgefall {
namespace {

using Object = QPDFObjectHandle;

void add_bookmarks(QPDF& pdf, const std::vector<std::pair<QString, int>>& bookmarks) {
    const std::vector<Object>& pages = pdf.getAllPages();
    Object outlines = pdf.makeIndirectObject(Object::newDictionary());
    outlines.replaceKey("/Type", Object::newName("/Outlines"));
    Object last;
    long long count = 0;
    for (const auto& [label, page] : bookmarks) {
        if (page < 0 || page >= static_cast<int>(pages.size())) {
            continue;
        }
        Object entry = pdf.makeIndirectObject(Object::newDictionary());
        entry.replaceKey("/Title", Object::newUnicodeString(label.toStdString()));
        entry.replaceKey("/Parent", outlines);
        entry.replaceKey("/Dest", Object::newArray({pages[static_cast<std::size_t>(page)], Object::newName("/Fit")}));
        if (count == 0) {
            outlines.replaceKey("/First", entry);
        } else {
            entry.replaceKey("/Prev", last);
            last.replaceKey("/Next", entry);
        }
        last = entry;
        ++count;
    }
    if (count > 0) {
        outlines.replaceKey("/Last", last);
        outlines.replaceKey("/Count", Object::newInteger(count));
        pdf.getRoot().replaceKey("/Outlines", outlines);
    }
}

} // namespace

QByteArray with_pdf_marks(const QByteArray& pdf, const QString& language,
                          const std::vector<std::pair<QString, int>>& bookmarks) {
    try {
        QPDF read;
        read.processMemoryFile("report", pdf.constData(), static_cast<std::size_t>(pdf.size()));
        Object root = read.getRoot();
        root.replaceKey("/Lang", Object::newUnicodeString(language.toStdString()));
        Object frame = Object::newDictionary();
        frame.replaceKey("/DisplayDocTitle", Object::newBool(true));
        root.replaceKey("/ViewerPreferences", frame);
        add_bookmarks(read, bookmarks);
        QPDFWriter writer(read);
        writer.setOutputMemory();
        writer.write();
        const auto buffer = writer.getBufferSharedPointer();
        return {reinterpret_cast<const char*>(buffer->getBuffer()), static_cast<qsizetype>(buffer->getSize())};
    } catch (const std::exception&) {
        return pdf;
    }
}

} // namespace ledgefall
