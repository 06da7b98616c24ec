// Makes the pictures of docs/screenshots from the demo study: make_screenshots FOLDER

#include "app/look.h"
#include "window_driver.h"

#include <QApplication>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

void picture(WindowDriver& drive, const QString& name) {
    drive.settle();
    QTest::qWait(300); // a caret, a repaint: what a person would see once the window has come to rest
    drive.window.grab().save(QApplication::arguments().at(1) + QStringLiteral("/") + name + QStringLiteral(".png"));
}

void show(WindowDriver& drive, std::size_t table) {
    drive.window.show_table(drive.window.document().study().tables[table]->id);
}

} // namespace

int main(int count, char** arguments) {
    QApplication application(count, arguments);
    dress_application();
    WindowDriver drive;
    if (count < 2 || !drive.window.open_demo()) {
        return 1;
    }
    drive.settle();
    drive.click_cell(3, 1);
    picture(drive, QStringLiteral("pebbles"));
    drive.window.page()->write_formula(3, {});
    drive.keys(QStringLiteral("z = (x - m) / s"));
    picture(drive, QStringLiteral("writing"));
    drive.key(Qt::Key_Escape);
    show(drive, 1);
    drive.click_cell(0, 5);
    picture(drive, QStringLiteral("invertebrates"));
    show(drive, 2);
    drive.click_cell(5, 1);
    picture(drive, QStringLiteral("puck"));
    return 0;
}
