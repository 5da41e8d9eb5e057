// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once
// A layer between this program and its files that makes one call fail: the system's own write,
// flush, rename and close are stood in for, whoever calls them, the toolkit too. Only files in one
// folder are meant; all else goes through.

#include <string>

namespace spirk::test {

enum class FileCall { Write, Flush, Rename, Close };

// While it lives, the `nth` call (from 1) on a file in `folder` fails, once. One at a time.
class FileFault {
public:
    FileFault(FileCall call, int nth, const std::string& folder);
    ~FileFault();
    FileFault(const FileFault&) = delete;
    FileFault& operator=(const FileFault&) = delete;
    FileFault(FileFault&&) = delete;
    FileFault& operator=(FileFault&&) = delete;

    // Whether it came to that call.
    [[nodiscard]] bool happened() const;
};

}  // namespace spirk::test
