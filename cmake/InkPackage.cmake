# Debian packages (tools/package): the program, and the demo with what it needs.
file(READ ${PROJECT_SOURCE_DIR}/packaging/changelog changelog)
file(WRITE ${CMAKE_BINARY_DIR}/packaging/changelog "${changelog}")
execute_process(COMMAND ${GZIP} -9nf ${CMAKE_BINARY_DIR}/packaging/changelog)
foreach(part program demo)
  set(package under-ink)
  if(part STREQUAL demo)
    set(package under-ink-demo)
  endif()
  foreach(file packaging/copyright ${CMAKE_BINARY_DIR}/packaging/changelog.gz)
    install(FILES ${file} DESTINATION ${CMAKE_INSTALL_DATADIR}/doc/${package} COMPONENT ${part})
  endforeach()
endforeach()

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME under-ink)
set(CPACK_PACKAGE_CONTACT "The Under Ink project <makers@underink.example>")
set(CPACK_PACKAGE_HOMEPAGE_URL "https://underink.example/")
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_STRIP_FILES ON)
set(CPACK_DEB_COMPONENT_INSTALL ON)
set(CPACK_COMPONENTS_ALL program demo)
set(CPACK_COMPONENTS_GROUPING IGNORE)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SECTION graphics)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
set(CPACK_DEBIAN_PROGRAM_PACKAGE_NAME under-ink)
# Programs it starts, and the parts of Qt that nothing links.
set(CPACK_DEBIAN_PROGRAM_PACKAGE_DEPENDS "opentype-sanitizer, fontconfig, libqt6svg6")
set(CPACK_DEBIAN_PROGRAM_PACKAGE_RECOMMENDS "under-ink-demo, unrtf")
set(CPACK_COMPONENT_PROGRAM_DESCRIPTION "For people who make goods with lettering on them, with a knife
 cutter, a laser or an embroidery machine: it finds script, decorative and
 picture fonts fit for selling goods, settles the right to sell, installs
 them, and turns letters, swashes and glyphs into welded outlines for cut
 and stitch files.")
set(CPACK_DEBIAN_DEMO_PACKAGE_NAME under-ink-demo)
set(CPACK_DEBIAN_DEMO_PACKAGE_DEPENDS "under-ink (= ${PROJECT_VERSION})")
set(CPACK_COMPONENT_DEMO_DESCRIPTION "Fonts and packages that are made up to try Under Ink with, a catalogue,
 and a cutter and an embroidery machine to practise on. They run on this
 computer alone; under-ink --demo opens them in a home of their own.")
include(CPack)
