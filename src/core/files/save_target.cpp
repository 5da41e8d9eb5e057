// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/files/save_target.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <charconv>
#include <filesystem>

#include "core/files/descriptor.h"

namespace spirk {

namespace {

namespace fs = std::filesystem;

constexpr int kMostLinks = 40;  // as many as the system itself follows
// What a writer adds to the name while it writes: a dot and six letters.
constexpr long kTemporaryPart = 7;
constexpr mode_t kPermissions = 07777;

// The path that a chain of links ends at; it need not be there.
std::optional<fs::path> behindLinks(fs::path path) {
    std::error_code error;
    for (int i = 0; i < kMostLinks; ++i) {
        if (!fs::is_symlink(fs::symlink_status(path, error))) {
            return path;
        }
        const fs::path meant = fs::read_symlink(path, error);
        if (error) {
            return std::nullopt;
        }
        path = meant.is_absolute() ? meant : path.parent_path() / meant;
    }
    return std::nullopt;
}

std::optional<Error> tooLong(const fs::path& path) {
    const fs::path folder = path.has_parent_path() ? path.parent_path() : fs::path(".");
    const long most = ::pathconf(folder.c_str(), _PC_NAME_MAX);
    const long room = (most > 0 ? most : 255) - kTemporaryPart;
    const auto size = static_cast<long>(path.filename().native().size());
    if (size <= room) {
        return std::nullopt;
    }
    return Error{
        {"This name is too long: {size} bytes, and the folder takes {room} beside what saving adds."_text,
         {{"size", count(size)}, {"room", count(room)}}},
        path.parent_path().string(),
        "Choose a shorter name; nothing was written."_text};
}

std::optional<Error> notReplaceable(const struct stat& found, const std::string& path) {
    if (S_ISDIR(found.st_mode)) {
        return Error{"This is a folder."_text, path, "Choose a file's name in it."_text};
    }
    if (!S_ISREG(found.st_mode)) {
        return Error{"This is a device, pipe or socket, which is never replaced by a file."_text,
                     path,
                     "Choose a file's name."_text};
    }
    // Whoever may write everything is held to the mode too: it was set for a reason.
    const bool readOnly = (found.st_mode & (S_IWUSR | S_IWGRP | S_IWOTH)) == 0;
    if (readOnly || ::access(path.c_str(), W_OK) != 0) {
        return Error{"This file is read-only."_text,
                     path,
                     "Save under another name, or make it writable; it was left as it is."_text};
    }
    return std::nullopt;
}

bool takesBytes(const struct stat& found) {
    return S_ISCHR(found.st_mode) || S_ISFIFO(found.st_mode);
}

}  // namespace

std::optional<int> openAlready(const std::string& path) {
    if (path == "/dev/stdout") {
        return STDOUT_FILENO;
    }
    if (path == "/dev/stderr") {
        return STDERR_FILENO;
    }
    for (const std::string_view folder : {"/dev/fd/", "/proc/self/fd/"}) {
        if (path.starts_with(folder)) {
            int number = -1;
            const char* end = path.data() + path.size();
            const auto read = std::from_chars(path.data() + folder.size(), end, number);
            return read.ec == std::errc() && read.ptr == end ? std::optional(number) : -1;
        }
    }
    return std::nullopt;
}

Error cannotSave(const std::string& path, const std::string& why) {
    return {{"The file could not be saved ({why})."_text, {{"why", why}}},
            path,
            "Choose another folder, or make room there; nothing was overwritten."_text};
}

Result<SaveTarget> saveTarget(const std::string& path, Streams streams, Replace replace) {
    if (path.empty()) {
        return failure("There is no name to save under."_text, "", "Give the file a name."_text);
    }
    if (openAlready(path)) {
        // A link to whatever the output was sent to, perhaps somebody's file: never replaced.
        return streams == Streams::Allowed
                   ? Result<SaveTarget>(SaveTarget{path, std::nullopt, true})
                   : failure("This is an output that is open already, not a file."_text,
                             path,
                             "Choose a file's name."_text);
    }
    const auto meant = behindLinks(path);
    if (!meant) {
        return failure("This link points to nothing."_text, path, "Choose another name."_text);
    }
    SaveTarget target{meant->string(), std::nullopt, false};
    struct stat found = {};
    if (::lstat(meant->c_str(), &found) != 0) {
        if (errno != ENOENT && errno != ENAMETOOLONG) {
            return tl::unexpected(cannotSave(path, systemSays(errno)));
        }
        if (auto error = tooLong(*meant)) {
            return tl::unexpected(std::move(*error));
        }
        return target;
    }
    if (streams == Streams::Allowed && takesBytes(found)) {
        target.stream = true;
        return target;
    }
    if (auto error = notReplaceable(found, target.path)) {
        return tl::unexpected(std::move(*error));
    }
    if (replace == Replace::Refused) {
        return failure("A file of this name exists already."_text,
                       path,
                       "Choose another name, or replace it by --force."_text);
    }
    if (auto error = tooLong(*meant)) {
        return tl::unexpected(std::move(*error));
    }
    target.old = SaveTarget::Old{found.st_mode & kPermissions, found.st_uid, found.st_gid};
    return target;
}

std::optional<Error> keepOwnerAndMode(int file, const SaveTarget& target) {
    if (!target.old) {
        return std::nullopt;
    }
    struct stat made = {};
    if (::fstat(file, &made) != 0) {
        return cannotSave(target.path, systemSays(errno));
    }
    const bool same = made.st_uid == target.old->owner && made.st_gid == target.old->group;
    if (!same && ::fchown(file, target.old->owner, target.old->group) != 0) {
        return Error{"This file belongs to another user, and saving would make it yours."_text,
                     target.path,
                     "Save under another name; it was left as it is."_text};
    }
    // After the owner: a change of that may take permissions away.
    return ::fchmod(file, target.old->mode) == 0
               ? std::nullopt
               : std::optional(cannotSave(target.path, systemSays(errno)));
}

std::optional<Error> flushFolderOf(const SaveTarget& target) {
    const fs::path parent = fs::path(target.path).parent_path();
    const fs::path folder = parent.empty() ? fs::path(".") : parent;
    const Descriptor opened(::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC));
    // A folder that may be written but not read cannot be flushed; the file itself is.
    if (opened.get() < 0 || ::fsync(opened.get()) == 0 || errno == EINVAL) {
        return std::nullopt;
    }
    return Error{{"The file is written, but the disk did not confirm it ({why})."_text,
                  {{"why", systemSays(errno)}}},
                 target.path,
                 "Save again, or to another disk."_text};
}

}  // namespace spirk
