# SPDX-License-Identifier: GPL-3.0-or-later
# Reading headers is most of the work of compiling one of our files. Of ours only those are read once that
# more than half of a target's files include: a change of one builds most of it anew in any case.
set(spirk_other_headers <algorithm> <array> <cmath> <map> <memory> <optional> <set> <span> <string> <variant> <vector>
    <fmt/format.h> <nlohmann/json.hpp>)
set(spirk_core_headers ${spirk_other_headers} "core/plan/plan.h" "core/circuit/moment.h" "core/wiring/wiring.h")
set(spirk_design_headers ${spirk_other_headers} "core/design/design.h" "core/circuit/moment.h")
function(spirk_precompile target)
    if(SPIRK_PRECOMPILE)
        list(TRANSFORM ARGN REPLACE "^core/" "${PROJECT_SOURCE_DIR}/src/core/")
        target_precompile_headers(${target} PRIVATE ${ARGN})
        # What a cache of compiled files asks for.
        target_compile_options(${target} PRIVATE
            $<$<CXX_COMPILER_ID:GNU>:-fpch-preprocess>
            "$<$<CXX_COMPILER_ID:Clang>:SHELL:-Xclang -fno-pch-timestamp>")
    endif()
endfunction()

# For what runs once for each time that it is compiled: optimising it takes longer than it saves. (Of g++
# the opposite is so.)
function(spirk_compile_quickly target)
    target_compile_options(${target} PRIVATE $<$<CXX_COMPILER_ID:Clang>:-O0>)
endfunction()
