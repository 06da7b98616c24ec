#pragma once

#include <QObject>

namespace ledgefall {

class FormulaEditor;

/// Which formula editor is open, if any: while one is, a click on a name anywhere in the window puts it in there.
class ActiveEditor : public QObject {
    Q_OBJECT
  public:
    using QObject::QObject;
    FormulaEditor* editor() const { return editor_; } ///< null where nothing is being written
    bool writing() const { return editor_ != nullptr; }
    void open(FormulaEditor* editor) {
        editor_ = editor;
        Q_EMIT changed();
    }
    void close(FormulaEditor* editor) {
        if (editor_ == editor) {
            editor_ = nullptr;
            Q_EMIT changed();
        }
    }

  Q_SIGNALS:
    void changed();

  private:
    FormulaEditor* editor_ = nullptr;
};

} // namespace ledgefall
