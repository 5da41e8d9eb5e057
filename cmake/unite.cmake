# SPDX-License-Identifier: GPL-3.0-or-later
# What is compiled once and never again, as by each landing, takes a third of the time with each room in one
# piece: reading headers is most of the work, and a room's files read the same ones. So no two files of a room
# may have a thing of one name of their own; where they do it is mostly one thing, written twice.
function(spirk_unite target)
    if(NOT SPIRK_UNITE)
        return()
    endif()
    get_target_property(sources ${target} SOURCES)
    foreach(source ${sources})
        if(source MATCHES "^${CMAKE_CURRENT_SOURCE_DIR}/.*\\.cpp$")
            cmake_path(GET source PARENT_PATH folder)
            cmake_path(GET folder FILENAME room)
            set_source_files_properties(${source} PROPERTIES UNITY_GROUP ${target}_${room})
        endif()
    endforeach()
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_MODE GROUP)
endfunction()
