#pragma once

namespace ledgefall {

/// Lets screen readers know the cards on the ledge for what they are: values that can be written, and sliders with
/// their range. Called once.
void describe_cards_to_screen_readers();

} // namespace ledgefall
