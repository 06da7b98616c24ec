#pragma once

#include <QByteArray>
#include <QString>

#include <vector>

namespace ledgefall {

/// A PDF with what Qt's writer does not put into one: its language, its title in the window's frame, and bookmarks,
/// each with its page (from 0). The same bytes where they cannot be read.
QByteArray with_pdf_marks(const QByteArray& pdf, const QString& language,
                          const std::vector<std::pair<QString, int>>& bookmarks);

} // namespace ledgefall
