#pragma once

#include "window_driver.h"

#include <functional>

namespace ledgefall::testing {

/// The letter by which an entry or button is reached; none where it has none.
QChar letter_of(const QString& text);

/// A person's mouse and keys at an empty window, counted: a click (with keys held or not), a key or chord, a drag, one
/// run of typed or pasted text is one action. Menus are opened and their entries clicked.
class UserSimulator {
  public:
    explicit UserSimulator(const QString& story);
    ~UserSimulator(); ///< writes the count down where LEDGEFALL_STORIES names a file

    WindowDriver drive;
    int actions = 0;

    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    void key_in_dialog(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    void type(const QString& text);
    void paste(const QString& text); ///< what was copied elsewhere, by Ctrl+V
    void click_cell(int row, int section, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    void drag_cells(int row, int from_section, int to_section);
    void click_heading(int section, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    void click(QWidget* widget, const QPoint& at, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    void click(QWidget* widget) { click(widget, widget->rect().center()); }
    void double_click(QWidget* widget);
    /// What a table's line offers, or another button, by its word.
    void button(const QString& word);
    /// Through menus: `Work`, `Unfold a measure of the chosen columns`, …; each a click.
    void menu(const QStringList& path);
    /// An entry of the menu that a button of the table's line opens, or of a menu within.
    void button_menu(const QString& word, const QStringList& path);
    /// A command by the letters of its menus, each a key.
    void letters(const char* command);
    /// An entry of the menu that is open: a click.
    void entry(const QString& text);
    /// The entry of the next menu that opens by itself: a click.
    void in_open_menu(const QString& text);
    /// An entry of the menu that a right click on a held value's card opens.
    void card_menu(const std::string& name, const QString& text);
    /// What is done in the next dialog as soon as it is there.
    void in_next_dialog(const std::function<void(QDialog&)>& done);
    /// Types over a card's value, chosen by a click, or without one where it has the focus already.
    void card(const std::string& name, const QString& value, bool clicked = true);

    /// A picture of the window, where LEDGEFALL_SCREENSHOTS names a folder.
    void picture(const QString& name);

    double number(int row, int section); ///< as it is computed, not as it is shown
    double number(const std::string& column, int row);
    double held(const std::string& name);
    double foot(const QString& label, const std::string& column);
    const ColumnDefinition& column(const std::string& name);
    int section(const std::string& name);
    void show_table(const std::string& name); ///< by a click in the contents

  private:
    void settle();
    QString story_;
};

} // namespace ledgefall::testing
