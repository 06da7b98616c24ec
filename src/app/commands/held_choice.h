#pragma once

#include "app/document/document.h"

namespace ledgefall {

/// A held value of the study or of one of its tables, chosen from a list by its name; the only one without a question.
/// Empty where there is none, with a sentence, or where the question is left.
Id choose_held(Document& document, QWidget* window, const QString& title, const QString& question,
               const std::function<bool(const HeldValue&)>& offered);

} // namespace ledgefall
