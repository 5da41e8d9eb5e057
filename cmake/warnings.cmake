# SPDX-License-Identifier: GPL-3.0-or-later
# The one list of warnings. Link spirk_warnings PRIVATE into every target of ours.
add_library(spirk_warnings INTERFACE)
target_compile_options(spirk_warnings INTERFACE
    -Wall -Wextra -Wpedantic -Wshadow -Wconversion -Wsign-conversion -Wold-style-cast
    -Wdouble-promotion -Wnon-virtual-dtor -Woverloaded-virtual -Wformat=2
    # An aggregate with a base is written without braces of the base's own.
    $<$<CXX_COMPILER_ID:Clang>:-Wno-missing-braces>
    $<$<BOOL:${SPIRK_WERROR}>:-Werror>)
