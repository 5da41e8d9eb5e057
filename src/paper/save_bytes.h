// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Saving from the window and from whoever paints, by the toolkit's own writer: the promises of
// core/files/save_text.h, for one file or for several that belong together.

#include <QByteArray>
#include <QString>
#include <vector>

#include "core/files/save_target.h"

namespace spirk {

// Gives the path back, as it was named.
[[nodiscard]] Result<QString> saveBytes(const QByteArray& bytes,
                                        const QString& path,
                                        Streams streams = Streams::Refused,
                                        Replace replace = Replace::Allowed);

struct NamedBytes {
    QString path;
    QByteArray bytes;
};
// All are written and flushed beside their places before the first is renamed: a disk that is full
// at the last page leaves none of them. Gives the paths.
[[nodiscard]] Result<std::vector<QString>> saveTogether(const std::vector<NamedBytes>& files,
                                                        Streams streams = Streams::Refused,
                                                        Replace replace = Replace::Allowed);

}  // namespace spirk
