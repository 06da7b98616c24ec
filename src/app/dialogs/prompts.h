#pragma once

#include "core/study/model/study.h"

#include <QWidget>

#include <optional>

namespace ledgefall {

/// One line asked for in a dialog; nothing where it is left.
std::optional<QString> ask_text(QWidget* parent, const QString& title, const QString& question, const QString& before);

/// Whether `id` may be removed: without a question where nothing uses it; else the question says what does.
bool may_remove(QWidget* parent, const Study& study, Id id);

} // namespace ledgefall
