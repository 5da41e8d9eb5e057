// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/files/save_text.h"

#include <fcntl.h>
#include <sys/random.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstdio>

#include "core/files/descriptor.h"

namespace spirk {

namespace {

constexpr int kTries = 100;

// All of it, or what the system said.
std::optional<std::string> notWritten(int file, const std::string& text) {
    std::size_t done = 0;
    while (done < text.size()) {
        const ssize_t n = ::write(file, text.data() + done, text.size() - done);
        if (n < 0 && errno != EINTR) {
            return systemSays(errno);
        }
        done += n < 0 ? 0 : static_cast<std::size_t>(n);
    }
    return std::nullopt;
}

std::optional<std::string> sixLetters() {
    constexpr std::string_view kLetters =
        "abcdefghijklmnopqrstuvwxyzABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789";
    std::array<unsigned char, 6> random{};
    if (::getrandom(random.data(), random.size(), 0) != static_cast<ssize_t>(random.size())) {
        return std::nullopt;
    }
    std::string out;
    for (const unsigned char byte : random) {
        out += kLetters[byte % kLetters.size()];
    }
    return out;
}

// A new file beside the target. It goes unless it was renamed.
class Beside {
public:
    explicit Beside(const SaveTarget& target) : file_(open(target)) {}
    ~Beside() {
        if (!path_.empty()) {
            (void)::unlink(path_.c_str());
        }
    }
    Beside(const Beside&) = delete;
    Beside& operator=(const Beside&) = delete;
    Beside(Beside&&) = delete;
    Beside& operator=(Beside&&) = delete;

    [[nodiscard]] bool isOpen() const { return file_.get() >= 0; }
    // Written, flushed, closed and renamed; what was wrong, or nothing.
    [[nodiscard]] std::optional<Error> put(const std::string& text, const SaveTarget& target) {
        if (auto error = keepOwnerAndMode(file_.get(), target)) {
            return error;
        }
        if (const auto why = notWritten(file_.get(), text)) {
            return cannotSave(target.path, *why);
        }
        if (::fsync(file_.get()) != 0 || !file_.close() ||
            std::rename(path_.c_str(), target.path.c_str()) != 0) {
            return cannotSave(target.path, systemSays(errno));
        }
        path_.clear();
        return flushFolderOf(target);
    }

private:
    // The person's usual mode where the file is new; nobody else's until it has the old one's.
    int open(const SaveTarget& target) {
        const mode_t mode = target.old ? 0600 : 0666;
        for (int i = 0; i < kTries; ++i) {
            const auto letters = sixLetters();
            if (!letters) {
                return -1;
            }
            path_ = target.path + "." + *letters;
            const int file =
                ::open(path_.c_str(), O_WRONLY | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC, mode);
            if (file >= 0) {
                return file;
            }
            path_.clear();
            if (errno != EEXIST) {
                return -1;
            }
        }
        return -1;
    }

    std::string path_;
    Descriptor file_;
};

}  // namespace

std::optional<Error> writeStream(const std::string& bytes, const std::string& path) {
    const auto number = openAlready(path);
    // Not blocking at first: a pipe that nobody reads is told, not waited for.
    Descriptor own(number ? -1 : ::open(path.c_str(), O_WRONLY | O_NONBLOCK | O_CLOEXEC));
    const int file = number.value_or(own.get());
    if (file < 0) {
        return cannotSave(path, systemSays(number ? EBADF : errno));
    }
    if (!number && ::fcntl(file, F_SETFL, 0) != 0) {
        return cannotSave(path, systemSays(errno));
    }
    if (const auto why = notWritten(file, bytes)) {
        return cannotSave(path, *why);
    }
    return own.close() ? std::nullopt : std::optional(cannotSave(path, systemSays(errno)));
}

Result<std::string> saveText(const std::string& text,
                             const std::string& path,
                             Streams streams,
                             Replace replace) {
    const auto target = saveTarget(path, streams, replace);
    if (!target) {
        return tl::unexpected(target.error());
    }
    if (target->stream) {
        auto error = writeStream(text, target->path);
        return error ? Result<std::string>(tl::unexpected(std::move(*error))) : path;
    }
    Beside beside(*target);
    if (!beside.isOpen()) {
        return tl::unexpected(cannotSave(path, systemSays(errno)));
    }
    if (auto error = beside.put(text, *target)) {
        return tl::unexpected(std::move(*error));
    }
    return path;
}

}  // namespace spirk
