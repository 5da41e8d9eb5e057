// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/files/export_files.h"

#include <QCoreApplication>
#include <QFileInfo>

#include "app/shared/text.h"
#include "core/files/read_file.h"

namespace spirk::app {

namespace {

struct ExportFiles {
    Q_DECLARE_TR_FUNCTIONS(spirk::app::ExportFiles)
};

}  // namespace

QString exported(const Document& document,
                 const Dialogs& dialogs,
                 QWidget* window,
                 const std::vector<NamedBytes>& files,
                 const QString& asked) {
    QStringList unasked;
    for (const NamedBytes& file : files) {
        if (sameFile(file.path.toStdString(), document.fileName().toStdString())) {
            return ExportFiles::tr(
                       "'%1' is the plan itself, which an export would destroy. Choose another "
                       "name.")
                .arg(QFileInfo(file.path).fileName());
        }
        if (file.path != asked && QFileInfo::exists(file.path)) {
            unasked << QFileInfo(file.path).fileName();
        }
    }
    if (!unasked.isEmpty() && !dialogs.replace(window, unasked)) {
        return {};
    }
    const auto paths = saveTogether(files);
    return paths ? ExportFiles::tr("Exported: %1")
                       .arg(QStringList(paths->begin(), paths->end()).join(", "))
                 : q(paths.error());
}

}  // namespace spirk::app
