// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// Writes beside the file, flushes to the disk, then renames over it and flushes the folder: after a
// power cut or on a full disk either the old or the new file is there, never half of one, never
// neither. The temporary file is new, has a name that nobody can foresee, and follows no link.

#include <string>

#include "core/files/save_target.h"

namespace spirk {

// Gives the path back, as it was named.
[[nodiscard]] Result<std::string> saveText(const std::string& text,
                                           const std::string& path,
                                           Streams streams = Streams::Refused,
                                           Replace replace = Replace::Allowed);

// Writes to a target that is a stream.
[[nodiscard]] std::optional<Error> writeStream(const std::string& bytes, const std::string& path);

}  // namespace spirk
