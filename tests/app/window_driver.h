#pragma once

#include "app/shell/main_window.h"

#include <QtTest>

namespace ledgefall::testing {

/// What every test of the window does first: settings of its own, fonts, resources.
void prepare_application();

Document::BytesPtr bytes_of_file(const QString& path);

/// Drives the real window as a person does: with the mouse on what is shown, and with keys to what has the focus.
class WindowDriver {
  public:
    WindowDriver();

    MainWindow window;

    /// Waits until all that was asked for is computed, and files are read and written.
    bool settle();
    /// Waits until files are read and written and what is asked about them is answered.
    bool files_done();
    /// Takes a step with files, and waits for it: whether it called what was to follow.
    bool followed(const std::function<void(const StudyFiles::Then&)>& step);
    bool open(const QString& path); ///< a study, and whether it is there
    bool save_to(const QString& path);
    void keys(const QString& text); ///< typed to what has the focus
    void key(Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier);
    void click_cell(int row, int column);
    void click_heading(int section);
    void double_click_heading(int section);
    static QPoint point_on_heading(const TableHeading& heading, int section); ///< on its label
    void command(const char* id) { window.commands().action(QLatin1String(id))->trigger(); }
    void entry(const char* menu, const QString& text); ///< of a menu that fills itself
    void new_table(const QString& label);
    void export_table(const QString& path); ///< the one that is shown, as it is usual for that kind of file
    QString notice() { return window.notices().line()->text(); }
    /// Answers the next dialog: its line gets `text`, or the button of that name is pressed.
    void answer(const QString& text);
    void press_button_of_next_dialog(const QString& button) { press_buttons_of_next_dialogs({button}); }
    void press_buttons_of_next_dialogs(const QStringList& buttons); ///< of one dialog after the other

    /// The entry of a menu, or of one in it, whose text is this or begins with it.
    static QAction* action_in_menu(const QMenu& menu, const QString& text);

    QWidget* target(); ///< what has the focus
    QString shown(int row, int column);
    QString foot(int line, int column);
    const Table& table();
};

} // namespace ledgefall::testing
