# Where everything goes on a system, and the Debian package.
include(GNUInstallDirs)
install(TARGETS sobremesa sobremesa-cli sobremesa-sim RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
install(TARGETS sobremesa_elevation LIBRARY DESTINATION lib/sobremesa)
set(packaging ${CMAKE_SOURCE_DIR}/packaging)
install(FILES ${packaging}/io.sobremesa.Sobremesa.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES ${packaging}/io.sobremesa.Sobremesa.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
install(FILES ${packaging}/io.sobremesa.Sobremesa.svg
  DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps)
install(DIRECTORY ${packaging}/man/ DESTINATION ${CMAKE_INSTALL_MANDIR}/man1)
install(DIRECTORY ${packaging}/completion/ DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions)
install(FILES ${CMAKE_SOURCE_DIR}/README.md ${CMAKE_SOURCE_DIR}/CHANGELOG.md DESTINATION ${CMAKE_INSTALL_DOCDIR})
install(FILES ${CMAKE_SOURCE_DIR}/LICENSE DESTINATION ${CMAKE_INSTALL_DOCDIR} RENAME copyright)
install(DIRECTORY ${CMAKE_SOURCE_DIR}/docs/ DESTINATION ${CMAKE_INSTALL_DOCDIR}/docs)
install(DIRECTORY ${CMAKE_BINARY_DIR}/demo/ DESTINATION ${CMAKE_INSTALL_DATADIR}/sobremesa/demo
  PATTERN "*.truth.json" EXCLUDE PATTERN "*.stamp" EXCLUDE)

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME sobremesa)
set(CPACK_PACKAGE_VENDOR "The Sobremesa founders")
set(CPACK_PACKAGE_CONTACT "The Sobremesa founders <founders@sobremesa.invalid>")
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SECTION science)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
# Loaded at run time, so that no linker sees them: the windowing plugin, and the one that draws SVG.
set(CPACK_DEBIAN_PACKAGE_DEPENDS "qt6-qpa-plugins, libqt6svg6")
# Qt's own dialogs in other languages.
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS "qt6-translations-l10n")
set(CPACK_DEBIAN_PACKAGE_DESCRIPTION "flight planner and logbook for long-range model aircraft
 Says where a long-range model aircraft must turn for home, from the energy in its
 pack, its draw in cruise and the wind; reads the logs of its flights, and keeps
 them in a logbook.")
include(CPack)
