// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/files/read_file.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <optional>

#include "core/files/descriptor.h"

namespace spirk {

namespace {

Error cannotOpen(int code, const std::string& path) {
    switch (code) {
        case ENOENT:
        case ENOTDIR:
            return {"There is no such file."_text, path, "Check its name and folder."_text};
        case EACCES:
        case EPERM:
            return {"You may not read this file."_text,
                    path,
                    "Ask its owner for permission to read."_text};
        case ENAMETOOLONG:
            return {
                "This name is too long for a file."_text, path, "Check its name and folder."_text};
        default:
            return {{"The file can't be read ({why})."_text, {{"why", systemSays(code)}}},
                    path,
                    "Check its name and folder."_text};
    }
}

std::optional<Error> notReadable(const struct stat& found, const std::string& path) {
    if (S_ISDIR(found.st_mode)) {
        return Error{"This is a folder, not a file."_text, path, "Choose a file in it."_text};
    }
    if (!S_ISREG(found.st_mode)) {
        return Error{"This is a device, pipe or socket, not a file."_text,
                     path,
                     "Save what comes from it as a file first."_text};
    }
    if (found.st_size == 0) {
        return Error{"The file is empty."_text, path, "Restore it from a copy."_text};
    }
    return std::nullopt;
}

Error tooLarge(const std::string& path) {
    return {{"The file is larger than {n} MB."_text, {{"n", count(kMostFileBytes >> 20U)}}},
            path,
            "Choose another; no plan, gear or table is that large."_text};
}

}  // namespace

Result<std::string> readFile(const std::string& path) {
    // Not blocking: opening a pipe would else wait for whoever writes to it.
    const Descriptor file(::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_CLOEXEC));
    if (file.get() < 0) {
        return tl::unexpected(cannotOpen(errno, path));
    }
    struct stat found = {};
    if (::fstat(file.get(), &found) != 0) {
        return tl::unexpected(cannotOpen(errno, path));
    }
    if (auto error = notReadable(found, path)) {
        return tl::unexpected(std::move(*error));
    }
    std::string text;
    std::array<char, 65536> buffer{};
    while (true) {
        const ssize_t n = ::read(file.get(), buffer.data(), buffer.size());
        if (n < 0 && errno == EINTR) {
            continue;
        }
        if (n < 0) {
            return tl::unexpected(cannotOpen(errno, path));
        }
        if (n == 0) {
            return text;
        }
        text.append(buffer.data(), static_cast<std::size_t>(n));
        if (text.size() > kMostFileBytes) {
            return tl::unexpected(tooLarge(path));
        }
    }
}

bool sameFile(const std::string& a, const std::string& b) {
    struct stat one = {};
    struct stat other = {};
    return ::stat(a.c_str(), &one) == 0 && ::stat(b.c_str(), &other) == 0 &&
           one.st_dev == other.st_dev && one.st_ino == other.st_ino;
}

}  // namespace spirk
