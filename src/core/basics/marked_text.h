#pragma once

/// Marks a text that people read where the core, which has no Qt, writes it down: translations/update finds it by this.
#define N_(text) text
/// Of another context than that of sentences.
#define NC_(context, text) text
