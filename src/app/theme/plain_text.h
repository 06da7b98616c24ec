#pragma once

class QApplication;

namespace ledgefall {

/// Shows the text of labels, message boxes and tooltips as it is: what looks like markup in a study's names, notes and
/// values is no markup. Only what sets its own format is shown as rich text.
void show_texts_as_they_are(QApplication& application);

} // namespace ledgefall
