# ink_install_manual(PROGRAM [COMPONENT c]): man page and completions, written by the program itself, from the same definition as its
# --help. They are made with the program and installed with it.
find_program(GZIP gzip REQUIRED)
function(ink_install_manual program)
  cmake_parse_arguments(A "" "COMPONENT" "" ${ARGN})
  set(folder ${CMAKE_BINARY_DIR}/manual)
  set(run ${CMAKE_COMMAND} -E env QT_QPA_PLATFORM=offscreen $<TARGET_FILE:${program}> --write-manual)
  add_custom_command(
    OUTPUT ${folder}/${program}.1.gz ${folder}/${program}.bash ${folder}/_${program} ${folder}/${program}.fish
    COMMAND ${CMAKE_COMMAND} -E make_directory ${folder}
    COMMAND ${run} man > ${folder}/${program}.1
    COMMAND ${GZIP} -9nf ${folder}/${program}.1
    COMMAND ${run} bash > ${folder}/${program}.bash
    COMMAND ${run} zsh > ${folder}/_${program}
    COMMAND ${run} fish > ${folder}/${program}.fish
    DEPENDS ${program} VERBATIM)
  add_custom_target(manual-${program} ALL DEPENDS ${folder}/${program}.1.gz)
  install(FILES ${folder}/${program}.1.gz DESTINATION ${CMAKE_INSTALL_MANDIR}/man1 COMPONENT ${A_COMPONENT})
  install(FILES ${folder}/${program}.bash DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions RENAME ${program}
          COMPONENT ${A_COMPONENT})
  install(FILES ${folder}/_${program} DESTINATION ${CMAKE_INSTALL_DATADIR}/zsh/vendor-completions COMPONENT ${A_COMPONENT})
  install(FILES ${folder}/${program}.fish DESTINATION ${CMAKE_INSTALL_DATADIR}/fish/vendor_completions.d COMPONENT ${A_COMPONENT})
endfunction()
