#include "app/recovery/unsaved_state.h"

#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>

namespace ledgefall {
namespace {

/// 64 bits each, of which a number of JSON has only 53.
QJsonArray as_texts(const FileStamp& stamp) {
    QJsonArray out;
    for (const std::int64_t number :
         {stamp.size, stamp.written, stamp.changed, static_cast<std::int64_t>(stamp.inode)}) {
        out.append(QString::number(number));
    }
    return out;
}

} // namespace

QByteArray TypedText::json() const {
    const QJsonObject fields{{QStringLiteral("text"), text}, {QStringLiteral("table"), table}};
    return text.isEmpty() ? QByteArray() : QJsonDocument(fields).toJson();
}

QByteArray UnsavedState::about() const {
    return QJsonDocument(QJsonObject{{QStringLiteral("path"), path},
                                     {QStringLiteral("title"), title},
                                     {QStringLiteral("stamp"), as_texts(stamp)}})
        .toJson();
}

UnsavedState UnsavedState::from_json(const QByteArray& about, const QByteArray& typed) {
    const QJsonObject fields = QJsonDocument::fromJson(about).object();
    const QJsonObject typing = QJsonDocument::fromJson(typed).object();
    UnsavedState out{
        fields.value(QStringLiteral("path")).toString(),
        fields.value(QStringLiteral("title")).toString(QStringLiteral("?")),
        {},
        {typing.value(QStringLiteral("text")).toString(), typing.value(QStringLiteral("table")).toString()}};
    const QJsonArray numbers = fields.value(QStringLiteral("stamp")).toArray();
    if (numbers.size() == 4) {
        const auto number = [&numbers](int at) { return numbers[at].toString().toLongLong(); };
        out.stamp = {number(0), number(1), number(2), static_cast<std::uint64_t>(number(3))};
    }
    return out;
}

} // namespace ledgefall
