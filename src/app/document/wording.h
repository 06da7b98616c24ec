#pragma once

namespace ledgefall {

/// From now on what the core writes into a study (labels, notes, checks of made tables) is in the application's
/// language.
void word_texts_as_translated();

} // namespace ledgefall
