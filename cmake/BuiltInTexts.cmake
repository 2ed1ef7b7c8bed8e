# ink_built_in_texts(OUT FOLDER HEADER FUNCTION): a source file that holds the texts of data/FOLDER, .txt or .json, each by the
# name of its file.
function(ink_built_in_texts out folder header function)
  file(GLOB texts CONFIGURE_DEPENDS ${PROJECT_SOURCE_DIR}/data/${folder}/*.txt ${PROJECT_SOURCE_DIR}/data/${folder}/*.json)
  set_property(DIRECTORY APPEND PROPERTY CMAKE_CONFIGURE_DEPENDS ${texts})
  set(source "#include \"${header}\"\n\nnamespace ink {\n\nstd::string_view ${function}(std::string_view id)\n{\n")
  foreach(file IN LISTS texts)
    get_filename_component(id ${file} NAME)
    string(REGEX REPLACE "\\.(txt|json)$" "" id ${id})
    file(READ ${file} text)
    # One raw string literal may hold 64 KiB (C++20 [implimits]).
    string(APPEND source "    if (id == \"${id}\")\n        return R\"InkText(${text})InkText\";\n")
  endforeach()
  string(APPEND source "    return {};\n}\n\n} // namespace ink\n")
  file(CONFIGURE OUTPUT ${out} CONTENT "@source@" @ONLY)
endfunction()
