#pragma once

#include "app/contents/contents_panel.h"
#include "app/details/details_panel.h"
#include "app/help/help_reader.h"
#include "app/ledge/ledge_list.h"
#include "app/ledge/ledge_view.h"
#include "app/pages/page_area.h"
#include "app/shell/folding_splitter.h"

namespace ledgefall {

/// Opens the help in the place of the details panel: the page about what has the focus.
class HelpDesk : public QObject {
    Q_OBJECT
  public:
    /// The parts of the window that there are pages about.
    struct Parts {
        PageArea& pages;
        LedgeView& ledge;
        LedgeList& ledge_list;
        ContentsPanel& contents;
        DetailsPanel& details;
        FoldingSplitter& panels;
    };
    HelpDesk(const Parts& parts, QWidget* window);

    HelpReader& reader() { return *reader_; }
    void open(const QString& topic);
    void open_in_focus() { open(topic_in_focus()); }

  Q_SIGNALS:
    void about_to_open(); ///< the page of keys has to be there by then
    void first_steps_wanted();

  private:
    QString topic_in_focus() const;
    QString topic_of_cell() const;
    void close();

    Parts parts_;
    HelpReader* reader_;
    QPointer<QWidget> before_; ///< what had the focus
};

} // namespace ledgefall
