#pragma once

#include <QKeySequence>
#include <QMenu>

#include <functional>

namespace ledgefall {

/// What has to be there, or to be chosen, for a command to do something.
enum class Needs : std::uint8_t {
    nothing,
    table, ///< one that is shown, as for all that follow
    column,
    chosen_columns,
    number_column,
    given_column,
    computed_column,
    two_columns,
    several_columns,
    hidden_column,
    grouped_column,
    counted_rows,
    classes,
    one_axis,
    two_axes,
    chart,     ///< one that is shown
    any_table, ///< in the study
    run,
    undo,
    redo
};

/// The keys of a command, as "Ctrl+M", or those that a desktop has for it: the first, and others that do the same.
struct Keys : QList<QKeySequence> {
    Keys() = default;
    Keys(const char* keys)
        : QList<QKeySequence>{QKeySequence(QLatin1String(keys))} {}
    Keys(QKeySequence::StandardKey keys)
        : QList<QKeySequence>(QKeySequence::keyBindings(keys)) {}
};

inline const Keys no_keys;
inline const QString no_words;

/// One command, or a menu within a menu.
struct Command {
    const char* id; ///< by which code, tests and the first steps name it; never shown
    const char* menu;
    QString text;
    Keys keys = {};
    std::function<void()> run = {}; ///< none: it is a menu, whose commands name it by its id
    Needs needs = Needs::nothing;
    QString words = {}; ///< by which it is found too
    const char* symbol = nullptr;

    // What only some have.
    bool rule = false; ///< a line stands above it
    QString across_text = {};
    Keys across_keys = {};
    QString beside = {};
    std::function<bool()> is_on = {};
    std::function<QString()> named = {};
    QMenu* opens = nullptr;
    std::function<void(QMenu*)> fill = {};

    Command after_a_rule(bool has = true) const { return with(&Command::rule, has); }
    /// How it is called, and by which keys, where the rows of the table run to the right.
    Command lying_across(const QString& name, const Keys& its_keys) const {
        return with(&Command::across_text, name).with(&Command::across_keys, its_keys);
    }
    /// The word by which the line of a table offers it.
    Command offered_beside(const QString& word) const { return with(&Command::beside, word); }
    Command with_state(const std::function<bool()>& on) const { return with(&Command::is_on, on); }
    /// Its text now, where that changes.
    Command now_named(const std::function<QString()>& name) const { return with(&Command::named, name); }
    /// Of a menu that is there already.
    Command opening(QMenu* ready) const { return with(&Command::opens, ready); }
    /// Of a menu that is filled whenever it is opened.
    Command filled_by(const std::function<void(QMenu*)>& filling) const { return with(&Command::fill, filling); }

  private:
    template <class Field, class Given>
    Command with(Field Command::*field, const Given& given) const {
        Command out = *this;
        out.*field = given;
        return out;
    }
};

} // namespace ledgefall
