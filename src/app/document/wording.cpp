#include "app/document/wording.h"

#include "core/basics/sentence.h"

#include <QCoreApplication>

namespace ledgefall {

void word_texts_as_translated() {
    word_texts_by([](const Sentence& sentence) {
        return sentence.filled(QCoreApplication::translate("Sentence", sentence.pattern.c_str()).toStdString());
    });
}

} // namespace ledgefall
