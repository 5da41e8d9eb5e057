# SPDX-License-Identifier: GPL-3.0-or-later
# What is compiled once and never again, as by each landing, is quicker with each room in one piece: reading
# headers is most of the work, and a room's files read the same ones (docs/performance.md). So no two files of
# a room may have a thing of one name of their own; where they do it is mostly one thing, written twice.
function(spirk_unite target)
    if(NOT SPIRK_UNITE)
        return()
    endif()
    # A large room in several, so that there is work for each core.
    set(most 10)
    get_target_property(sources ${target} SOURCES)
    foreach(source ${sources})
        if(NOT source MATCHES "^${CMAKE_CURRENT_SOURCE_DIR}/.*\\.cpp$")
            continue()
        endif()
        cmake_path(GET source PARENT_PATH folder)
        cmake_path(GET folder FILENAME room)
        list(APPEND of_${room} ${source})
        list(LENGTH of_${room} count)
        math(EXPR piece "(${count} - 1) / ${most}")
        set_source_files_properties(${source} PROPERTIES UNITY_GROUP ${target}_${room}_${piece})
    endforeach()
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_MODE GROUP)
endfunction()
