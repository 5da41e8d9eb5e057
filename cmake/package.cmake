# SPDX-License-Identifier: GPL-3.0-or-later
# What an installed Spirk has besides its programs and tables, and the Debian package.
set(doc_dir ${CMAKE_INSTALL_DATADIR}/doc/spirk)
find_program(GZIP gzip REQUIRED)

# Debian wants these compressed, without a time stamp: the same source gives the same bytes.
function(install_compressed source destination name)
    set(compressed ${CMAKE_CURRENT_BINARY_DIR}/package/${name}.gz)
    add_custom_command(OUTPUT ${compressed}
        COMMAND ${CMAKE_COMMAND} -E make_directory ${CMAKE_CURRENT_BINARY_DIR}/package
        COMMAND ${GZIP} -9nc ${source} > ${compressed}
        DEPENDS ${source} VERBATIM)
    list(APPEND compressed_files ${compressed})
    set(compressed_files ${compressed_files} PARENT_SCOPE)
    install(FILES ${compressed} DESTINATION ${destination})
endfunction()
install_compressed(${PROJECT_SOURCE_DIR}/docs/man/spirk.1 ${CMAKE_INSTALL_MANDIR}/man1 spirk.1)
install_compressed(${PROJECT_SOURCE_DIR}/docs/man/spirk-cli.1 ${CMAKE_INSTALL_MANDIR}/man1 spirk-cli.1)
install_compressed(${PROJECT_SOURCE_DIR}/packaging/changelog ${doc_dir} changelog)
add_custom_target(package_docs ALL DEPENDS ${compressed_files})

install(FILES packaging/spirk.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES packaging/spirk.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps)
install(FILES packaging/spirk-mime.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages RENAME spirk.xml)
install(FILES packaging/spirk.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES packaging/copyright LICENSES/OFL-1.1-Inter.txt DESTINATION ${doc_dir})
install(DIRECTORY docs/guide DESTINATION ${doc_dir} FILES_MATCHING PATTERN "*.md")

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME spirk)
set(CPACK_PACKAGE_DIRECTORY ${PROJECT_BINARY_DIR})
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_MAINTAINER "Spirk maintainers <maintainers@spirk.example>")
set(CPACK_DEBIAN_PACKAGE_SECTION science)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS qt6-qpa-plugins)
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "plan, wire and switch on the electrics of a camper van")
set(CPACK_PACKAGE_DESCRIPTION
"From the list of appliances to bank, sun, engine charging and inverter, a
generated and solved wiring diagram, every cable and fuse, parts, cut list and
labels, and the sheet for the first switch-on with the readings to expect.

Every figure answers why. Sizes follow European or North American tables. It
works without a network and never certifies.")
# Folders as Debian's policy wants them, whatever the umask of the build.
set(CPACK_INSTALL_DEFAULT_DIRECTORY_PERMISSIONS
    OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE WORLD_READ WORLD_EXECUTE)
include(CPack)
