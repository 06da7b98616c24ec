#pragma once

#include "app/companion_panel.h"
#include "app/contents_panel.h"
#include "app/document.h"
#include "app/ledge_view.h"
#include "app/table_page.h"

#include <QMainWindow>
#include <QStackedWidget>

class QSplitter;

namespace ledgefall {

/// The window: contents, ledge, the table that is shown, companion; the menus' commands; and the strip in which a
/// refusal is told in one sentence.
class MainWindow : public QMainWindow {
    Q_OBJECT
  public:
    explicit MainWindow(QWidget* parent = nullptr);
    ~MainWindow() override;

    Document& document() { return document_; }
    LedgeView& ledge() { return *ledge_; }
    TablePage* page() { return page_; }
    CompanionPanel& companion() { return *companion_; }
    QString notice() const { return notice_->text(); }

    bool open_demo();
    bool open_path(const QString& path);
    bool save_to(const QString& path);
    bool import_text(const QString& path, const struct DialectChoice& choice, const QString& label);
    bool export_text(const QString& path);
    void new_table(const QString& label);
    void show_table(Id table);

  protected:
    void closeEvent(QCloseEvent* event) override;

  private:
    QAction* add(QMenu* menu, const QString& text, const QKeySequence& keys, const std::function<void()>& done,
                 const char* symbol = nullptr);
    void build_study_menu();
    void build_edit_menu();
    void build_table_menu();
    void build_view_and_help();
    QWidget* make_welcome();
    void fill_recent();
    void remember_recent(const QString& path);
    void refresh();
    void tell(const QString& sentence);
    void zoom(double factor);

    bool may_leave(); ///< asks about unsaved changes
    bool save();
    bool save_as();
    void open();
    void choose_import();
    void choose_export();
    void about();

    Document document_;
    QSplitter* splitter_;
    ContentsPanel* contents_;
    LedgeView* ledge_;
    QStackedWidget* pages_;
    TablePage* page_ = nullptr;
    CompanionPanel* companion_;
    QLabel* notice_;
    QLabel* working_;
    QMenu* recent_ = nullptr;
    NewFootMenu* foot_menu_ = nullptr;
    QAction* undo_ = nullptr;
    QAction* redo_ = nullptr;
    std::vector<QAction*> needs_table_;
    Id shown_;
};

} // namespace ledgefall
