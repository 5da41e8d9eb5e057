// SPDX-License-Identifier: GPL-3.0-or-later
// Any bytes in place of one of the library's tables (which one: the first byte): refused with the
// file named, or a library.
#include <filesystem>
#include <fstream>
#include <vector>

#include "core/library/library.h"
#include "tests/fuzz/fuzz.h"

namespace {

namespace fs = std::filesystem;

// A copy of the tables in a folder of this process, and the list of its files, sorted.
struct Tables {
    fs::path folder;
    std::vector<fs::path> files;
    ~Tables() { fs::remove_all(folder); }
    Tables() = default;
    Tables(Tables&&) = default;
    Tables& operator=(Tables&&) = delete;
    Tables(const Tables&) = delete;
    Tables& operator=(const Tables&) = delete;
};

Tables copied() {
    Tables out;
    std::string name = (fs::temp_directory_path() / "spirk-fuzz-XXXXXX").string();
    spirk::fuzz::law(mkdtemp(name.data()) != nullptr, "a folder of its own");
    out.folder = name;
    fs::copy(SPIRK_DATA_DIR, out.folder, fs::copy_options::recursive);
    for (const auto& entry : fs::recursive_directory_iterator(out.folder)) {
        if (entry.path().extension() == ".json") {
            out.files.push_back(entry.path());
        }
    }
    std::sort(out.files.begin(), out.files.end());
    return out;
}

std::string contents(const fs::path& path) {
    std::ifstream in(path, std::ios::binary);
    return {std::istreambuf_iterator<char>(in), {}};
}

void put(const fs::path& path, const std::string& text) {
    std::ofstream(path, std::ios::binary | std::ios::trunc) << text;
}

}  // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    static const Tables tables = copied();
    if (size == 0) {
        return 0;
    }
    const fs::path& file = tables.files[data[0] % tables.files.size()];
    const std::string before = contents(file);
    put(file, spirk::fuzz::textOf(data + 1, size - 1));
    const auto read = spirk::loadLibraries(tables.folder.string());
    spirk::fuzz::law(read.has_value() || !read.error().where.empty(), "says where");
    put(file, before);
    return 0;
}
