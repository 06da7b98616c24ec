# What an installation has. The Debian package is made of this list alone.
include(GNUInstallDirs)
install(TARGETS ledgefall ledgefall-calc RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
set(packaging ${CMAKE_SOURCE_DIR}/packaging)
install(FILES ${packaging}/ledgefall.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES ${packaging}/ledgefall.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages)
install(FILES ${packaging}/ledgefall.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo)
set(icons ${CMAKE_INSTALL_DATADIR}/icons/hicolor)
install(FILES ${CMAKE_SOURCE_DIR}/src/app/resources/icons/ledgefall.svg DESTINATION ${icons}/scalable/apps)
foreach(size 16 22 24 32 48 64 128 256)
  install(FILES ${packaging}/icons/ledgefall-${size}.png DESTINATION ${icons}/${size}x${size}/apps RENAME ledgefall.png)
endforeach()
install(FILES ${CMAKE_SOURCE_DIR}/docs/man/ledgefall.1 ${CMAKE_SOURCE_DIR}/docs/man/ledgefall-calc.1
  DESTINATION ${CMAKE_INSTALL_MANDIR}/man1)
install(FILES ${packaging}/completion/ledgefall ${packaging}/completion/ledgefall-calc
  DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions)
# The window has these within it; here they are for the command line and for other programs.
install(DIRECTORY ${CMAKE_SOURCE_DIR}/demo ${CMAKE_SOURCE_DIR}/starters DESTINATION ${CMAKE_INSTALL_DATADIR}/ledgefall
  FILES_MATCHING PATTERN "*.ledgefall" PATTERN "*.csv" PATTERN "*.txt")
