# SPDX-License-Identifier: GPL-3.0-or-later
# Reading other people's headers is most of the work of compiling one of our files. Ours are never
# precompiled: a change of one would build everything anew.
set(spirk_core_headers <algorithm> <array> <cmath> <map> <memory> <optional> <set> <span> <string> <variant> <vector>
    <fmt/format.h> <nlohmann/json.hpp>)
function(spirk_precompile target)
    if(SPIRK_PRECOMPILE)
        target_precompile_headers(${target} PRIVATE ${ARGN})
        target_compile_options(${target} PRIVATE $<$<CXX_COMPILER_ID:GNU>:-fpch-preprocess>)
    endif()
endfunction()
