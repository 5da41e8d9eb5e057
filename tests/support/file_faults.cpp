// SPDX-License-Identifier: GPL-3.0-or-later
#include "tests/support/file_faults.h"

#include <sys/stat.h>
#include <sys/syscall.h>
#include <unistd.h>

#include <array>
#include <atomic>
#include <cerrno>
#include <cstdio>

#include "core/base/promise.h"

namespace spirk::test {

namespace {

struct Armed {
    FileCall call = FileCall::Write;
    std::atomic<int> left{0};  // calls until it fails; zero: it has, or is not armed
    std::atomic<bool> on{false};
    std::string folder;
};
Armed& armed() {
    static Armed state;
    return state;
}

bool isIn(const std::string& path, const std::string& folder) { return path.starts_with(folder); }

std::string pathOf(int file) {
    std::array<char, 4096> buffer{};
    const std::string link = "/proc/self/fd/" + std::to_string(file);
    const ssize_t size = ::readlink(link.c_str(), buffer.data(), buffer.size());
    return size < 0 ? std::string() : std::string(buffer.data(), static_cast<std::size_t>(size));
}

bool failsNow(FileCall call, const std::string& path) {
    Armed& state = armed();
    if (!state.on || state.call != call || !isIn(path, state.folder) || state.left == 0) {
        return false;
    }
    return --state.left == 0;
}

bool watches(FileCall call) { return armed().on && armed().call == call; }

int failed(int code) {
    errno = code;
    return -1;
}

}  // namespace

FileFault::FileFault(FileCall call, int nth, const std::string& folder) {
    promise(!armed().on, "one fault at a time");
    armed().call = call;
    armed().left = nth;
    armed().folder = folder;
    armed().on = true;
}
FileFault::~FileFault() { armed().on = false; }
bool FileFault::happened() const { return armed().left == 0; }

}  // namespace spirk::test

// Defined in the program, these come before the C library's for every library it loads.
extern "C" {

ssize_t write(int file, const void* bytes, size_t size) {
    using namespace spirk::test;  // NOLINT(google-build-using-namespace): these stand outside
    if (watches(FileCall::Write) && failsNow(FileCall::Write, pathOf(file))) {
        return failed(ENOSPC);
    }
    return ::syscall(SYS_write, file, bytes, size);
}

int fsync(int file) {
    using namespace spirk::test;  // NOLINT(google-build-using-namespace): these stand outside
    if (watches(FileCall::Flush) && failsNow(FileCall::Flush, pathOf(file))) {
        return failed(EIO);
    }
    return static_cast<int>(::syscall(SYS_fsync, file));
}

int rename(const char* from, const char* to) noexcept {
    using namespace spirk::test;  // NOLINT(google-build-using-namespace): these stand outside
    if (watches(FileCall::Rename) && failsNow(FileCall::Rename, to)) {
        return failed(EIO);
    }
    return static_cast<int>(::syscall(SYS_rename, from, to));
}

int close(int file) {
    using namespace spirk::test;  // NOLINT(google-build-using-namespace): these stand outside
    const bool fails = watches(FileCall::Close) && failsNow(FileCall::Close, pathOf(file));
    const int closed = static_cast<int>(::syscall(SYS_close, file));
    return fails ? failed(EIO) : closed;
}

}  // extern "C"
