// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// What stands where something is to be saved, and whether it may be: links are followed to the file
// they mean, its mode and owner are noted to be kept, and what is no file is never replaced.
// Whoever writes (save_text.h here, the toolkit's own writer in the window) asks this first and
// keeps what it says.

#include <sys/types.h>

#include <optional>
#include <string>

#include "core/result/result.h"

namespace spirk {

// A stream is written where it is meant: an export to '/dev/stdout' or into a pipe. A plan is not.
enum class Streams { Refused, Allowed };
// Whether a file that is there already may be replaced.
enum class Replace { Allowed, Refused };

struct SaveTarget {
    struct Old {
        mode_t mode = 0;  // permissions only
        uid_t owner = 0;
        gid_t group = 0;
    };
    std::string path;        // of the file that is replaced or made, links followed
    std::optional<Old> old;  // of the file that is replaced
    bool stream = false;     // written to, not replaced
};

// Law: the path of the answer is no link, and no device, socket or folder.
[[nodiscard]] Result<SaveTarget> saveTarget(const std::string& path,
                                            Streams streams = Streams::Refused,
                                            Replace replace = Replace::Allowed);

// The number of what '/dev/stdout' or '/dev/fd/3' names: open already, whatever it is, and opened
// anew it would begin at its start again. Below zero: no such number. Nothing: another path.
[[nodiscard]] std::optional<int> openAlready(const std::string& path);

// The refusal that every writer gives: nothing was changed, and why.
[[nodiscard]] Error cannotSave(const std::string& path, const std::string& why);

// Gives an open new file the mode and owner of the one it replaces. What was wrong, or nothing.
[[nodiscard]] std::optional<Error> keepOwnerAndMode(int file, const SaveTarget& target);

// The new name is on the disk only when its folder is. What was wrong, or nothing.
[[nodiscard]] std::optional<Error> flushFolderOf(const SaveTarget& target);

}  // namespace spirk
