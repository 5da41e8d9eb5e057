// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What leaves the program: printed after a preview, or written as a file.

#include <QMenu>
#include <functional>
#include <string>

#include "app/dialogs/dialogs.h"
#include "app/shared/document.h"

namespace spirk::app {

class PrintMenu : public QMenu {
    Q_OBJECT
public:
    PrintMenu(Document& document, const Dialogs& dialogs, QWidget* parent);
    void print(PaperDocument document);

private:
    Document& document_;
    const Dialogs& dialogs_;
};

class ExportMenu : public QMenu {
    Q_OBJECT
public:
    ExportMenu(Document& document, const Dialogs& dialogs, QWidget* parent);

signals:
    // Where it was written, or why it was not.
    void notice(const QString& text);

private:
    void addDrawing(const QString& name, const QString& text, PaperDocument document);
    void addTable(const QString& file,
                  const QString& text,
                  std::function<std::string(const Design&)> write);
    // Nothing, where the person changed their mind.
    void tell(const QString& text);
    void writeDrawing(PaperDocument document, const QString& name);

    Document& document_;
    const Dialogs& dialogs_;
};

}  // namespace spirk::app
