# Targets of the house. Every library names its layer (docs/architecture.md); linking
# upwards or sideways stops configuring. tools/check_layers reads the includes as well.

add_library(ink_options INTERFACE)
target_compile_options(ink_options INTERFACE -Wall -Wextra -Wpedantic -Wshadow -Wnon-virtual-dtor
                       -Woverloaded-virtual -Wcast-align -Wold-style-cast $<$<BOOL:${INK_WERROR}>:-Werror>)
if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU")
  # An empty std::optional sets off a false alarm, under sanitizers above all (https://gcc.gnu.org/bugzilla/show_bug.cgi?id=80635).
  target_compile_options(ink_options INTERFACE -Wno-maybe-uninitialized)
endif()
if(CMAKE_CXX_COMPILER_ID STREQUAL "GNU" AND CMAKE_CXX_COMPILER_VERSION VERSION_LESS 13)
  # Adding strings sets off a false alarm when optimising (https://gcc.gnu.org/bugzilla/show_bug.cgi?id=105651).
  target_compile_options(ink_options INTERFACE -Wno-restrict)
endif()
target_include_directories(ink_options INTERFACE ${PROJECT_SOURCE_DIR}/src)

# Where the time of a run goes (outlines, letters) a build may ask for more optimising than elsewhere: half of the
# time of ./check is the compiler's.
set(INK_HOT_FLAGS "" CACHE STRING "Compiler options of the targets marked HOT")
separate_arguments(INK_HOT_OPTIONS NATIVE_COMMAND "${INK_HOT_FLAGS}")

# The standard library's headers are a tenth to a fifth of what a file of the core takes to compile: they are compiled once for the
# targets marked HOT and once for the others. Each file still includes what it uses: ./check sittings compiles without.
set(INK_STANDARD_HEADERS <algorithm> <array> <atomic> <cmath> <compare> <cstdint> <filesystem> <fstream> <functional> <map> <memory>
    <mutex> <numeric> <optional> <set> <span> <sstream> <string> <string_view> <tuple> <unordered_map> <variant> <vector> <tl/expected.hpp>)

# ink_add_library(NAME LAYER n [HOT] SOURCES … [HEADERS <more to precompile>] [LINK ink_…] [PRIVATE_LIBS …] [PUBLIC_LIBS …])
# LINK holds our own targets and is checked; the other two hold packages.
function(ink_add_library name)
  cmake_parse_arguments(A "HOT" "LAYER" "SOURCES;HEADERS;LINK;PRIVATE_LIBS;PUBLIC_LIBS" ${ARGN})
  if(NOT DEFINED A_LAYER)
    message(FATAL_ERROR "ink_add_library(${name}): LAYER is missing")
  endif()
  foreach(dependency IN LISTS A_LINK)
    get_target_property(below ${dependency} INK_LAYER)
    if(NOT below LESS A_LAYER)
      message(FATAL_ERROR
        "Layer break: ${name} (layer ${A_LAYER}) may not link ${dependency} (layer ${below}). "
        "See the table in docs/architecture.md.")
    endif()
  endforeach()
  foreach(package IN LISTS A_PRIVATE_LIBS A_PUBLIC_LIBS)
    if(A_LAYER LESS 40 AND package MATCHES "^Qt6::")
      message(FATAL_ERROR "Layer break: ${name} (layer ${A_LAYER}) may not link ${package}.")
    endif()
    if(A_LAYER LESS 50 AND package MATCHES "^Qt6::(Gui|Widgets|PrintSupport|Svg)$")
      message(FATAL_ERROR "Layer break: ${name} (layer ${A_LAYER}) may not link ${package}.")
    endif()
  endforeach()
  add_library(${name} STATIC ${A_SOURCES})
  set_target_properties(${name} PROPERTIES INK_LAYER ${A_LAYER} POSITION_INDEPENDENT_CODE ON)
  target_link_libraries(${name} PUBLIC ${A_LINK} ${A_PUBLIC_LIBS} PRIVATE ink_options ${A_PRIVATE_LIBS})
  set(kin INK_ORDINARY_LIBRARY)
  if(A_HOT)
    target_compile_options(${name} PRIVATE ${INK_HOT_OPTIONS})
    set(kin INK_HOT_LIBRARY)
  endif()
  get_property(first GLOBAL PROPERTY ${kin})
  if(A_HEADERS OR NOT first)
    target_precompile_headers(${name} PRIVATE ${INK_STANDARD_HEADERS} ${A_HEADERS})
  else()
    target_precompile_headers(${name} REUSE_FROM ${first})
  endif()
  if(NOT first)
    set_property(GLOBAL PROPERTY ${kin} ${name})
  endif()
  target_include_directories(${name} PUBLIC ${PROJECT_SOURCE_DIR}/src)
endfunction()

# ink_moc(TARGET): Qt's meta-objects of its headers. moc would read all of Qt's headers for each of ours (0.5 s, against 0.03) and takes
# nothing from them but includes that ours have: its output for the window is the same without.
function(ink_moc target)
  get_target_property(moc Qt6::moc LOCATION)
  set(reader ${PROJECT_BINARY_DIR}/moc-own-headers)
  file(CONFIGURE OUTPUT ${reader} @ONLY CONTENT "#!/bin/sh
for option do
  shift
  case $option in -I/usr/include/*) ;; *) set -- \"$@\" \"$option\" ;; esac
done
exec @moc@ \"$@\"
")
  file(CHMOD ${reader} PERMISSIONS OWNER_READ OWNER_WRITE OWNER_EXECUTE GROUP_READ GROUP_EXECUTE WORLD_READ WORLD_EXECUTE)
  set_target_properties(${target} PROPERTIES AUTOMOC ON AUTOMOC_EXECUTABLE ${reader})
endfunction()

# ink_add_test(NAME SOURCE file LINK … [LABEL l] [TIMEOUT_S s]): one Qt Test class, one process.
function(ink_add_test name)
  cmake_parse_arguments(A "OWN_HEADERS" "SOURCE;LABEL;TIMEOUT_S" "LINK" ${ARGN})
  if(A_LABEL STREQUAL "core" AND NOT INK_CORE_TESTS)
    return()
  endif()
  add_executable(${name} ${A_SOURCE})
  # The one file that moc has to read is known: AUTOMOC would scan, and compile a file of its own, for each test.
  get_filename_component(moc ${A_SOURCE} NAME_WE)
  set(moc ${CMAKE_CURRENT_BINARY_DIR}/moc/${moc}.moc)
  qt_generate_moc(${A_SOURCE} ${moc}) # without TARGET: Qt's headers are not read, see ink_moc
  set_source_files_properties(${A_SOURCE} PROPERTIES OBJECT_DEPENDS ${moc})
  set_target_properties(${name} PROPERTIES UNITY_BUILD OFF)
  target_include_directories(${name} PRIVATE ${CMAKE_CURRENT_BINARY_DIR}/moc)
  target_link_libraries(${name} PRIVATE ink_options ink_test_support Qt6::Test ${A_LINK})
  target_include_directories(${name} PRIVATE ${PROJECT_SOURCE_DIR})
  # Half the time of a test's build is Qt's headers: core tests share one precompiled set, interface tests another.
  if(A_OWN_HEADERS) # links Qt modules that the others do not
  elseif("ink_gui_test_support" IN_LIST A_LINK)
    target_precompile_headers(${name} REUSE_FROM ink_gui_test_support)
  else()
    target_precompile_headers(${name} REUSE_FROM ink_test_support)
  endif()
  add_test(NAME ${name} COMMAND ${name})
  if(NOT A_TIMEOUT_S)
    set(A_TIMEOUT_S 120)
  endif()
  set_tests_properties(${name} PROPERTIES TIMEOUT ${A_TIMEOUT_S} LABELS "${A_LABEL}")
endfunction()

# ink_add_script_test(NAME COMMAND … [LABEL l]): a check that is a program of its own.
function(ink_add_script_test name)
  cmake_parse_arguments(A "" "LABEL;TIMEOUT_S" "COMMAND" ${ARGN})
  add_test(NAME ${name} COMMAND ${A_COMMAND} WORKING_DIRECTORY ${PROJECT_SOURCE_DIR})
  if(NOT A_TIMEOUT_S)
    set(A_TIMEOUT_S 300)
  endif()
  set_tests_properties(${name} PROPERTIES TIMEOUT ${A_TIMEOUT_S} LABELS "${A_LABEL}")
endfunction()

# ink_add_bench(NAME SOURCE file LINK …): Google Benchmark; prints, never fails on a time.
function(ink_add_bench name)
  cmake_parse_arguments(A "" "SOURCE" "LINK" ${ARGN})
  add_executable(${name} ${A_SOURCE})
  target_link_libraries(${name} PRIVATE ink_options benchmark::benchmark ${A_LINK})
endfunction()

# ink_add_fuzz(NAME SOURCE file CORPUS dir LINK …): the committed corpus is replayed as an
# ordinary test; with INK_FUZZ the same source also becomes a libFuzzer program.
function(ink_add_fuzz name)
  cmake_parse_arguments(A "" "SOURCE;CORPUS" "LINK" ${ARGN})
  add_executable(${name}_replay ${A_SOURCE} ${PROJECT_SOURCE_DIR}/fuzz/replay_main.cpp)
  target_link_libraries(${name}_replay PRIVATE ink_options ${A_LINK})
  add_test(NAME ${name}_replay COMMAND ${name}_replay ${A_CORPUS})
  set_tests_properties(${name}_replay PROPERTIES TIMEOUT 300 LABELS "core")
  if(INK_FUZZ)
    add_executable(${name} ${A_SOURCE})
    target_link_libraries(${name} PRIVATE ink_options ${A_LINK})
    target_link_options(${name} PRIVATE -fsanitize=fuzzer)
  endif()
endfunction()
