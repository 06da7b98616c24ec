# One folder of the sources is one target, and a folder's headers can be included only by targets that link it.
#
# All includes are written from src on ("core/value/column.h"), and yet src is on no target's include path: each target
# has a folder of its own in the build tree, in which there is nothing but a link to its sources. Linking a target brings
# its include path along, so an include of a folder that is not linked, directly or through another, finds no file.
#
# The sources of a folder are compiled together, as one unit, so that headers are read once for all of them; folders in
# which files use one name for different things say SEPARATE. With LEDGEFALL_TOGETHER off every file is a unit of its own,
# which is quicker where one file is changed again and again.
#
# The sources are all of the folder, unless some are named.
#
#   ledgefall_folder(TARGET [SEPARATE] [PRECOMPILED_FROM TARGET] [SOURCES ...] [LINKS ...] [PRIVATE_LINKS ...])
function(ledgefall_folder target)
  cmake_parse_arguments(FOLDER "SEPARATE" "PRECOMPILED_FROM" "SOURCES;LINKS;PRIVATE_LINKS" ${ARGN})
  if(NOT FOLDER_SOURCES)
    file(GLOB FOLDER_SOURCES CONFIGURE_DEPENDS *.cpp *.h)
  endif()
  add_library(${target} STATIC ${FOLDER_SOURCES})
  file(RELATIVE_PATH place ${CMAKE_SOURCE_DIR}/src ${CMAKE_CURRENT_SOURCE_DIR})
  set(view ${CMAKE_BINARY_DIR}/include/${target})
  get_filename_component(parent ${view}/${place} DIRECTORY)
  file(MAKE_DIRECTORY ${parent})
  file(CREATE_LINK ${CMAKE_CURRENT_SOURCE_DIR} ${view}/${place} SYMBOLIC)
  target_include_directories(${target} PUBLIC ${view})
  target_link_libraries(${target} PUBLIC ${FOLDER_LINKS} PRIVATE ledgefall_strict ${FOLDER_PRIVATE_LINKS})
  ledgefall_precompiled(${target} "${FOLDER_PRECOMPILED_FROM}")
  if(LEDGEFALL_TOGETHER AND NOT FOLDER_SEPARATE)
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_BATCH_SIZE 0)
  endif()
endfunction()

# Lets a target use the headers that another one has compiled beforehand. Both need the same compiler options.
function(ledgefall_precompiled target from)
  if(from AND LEDGEFALL_PRECOMPILE)
    target_precompile_headers(${target} REUSE_FROM ${from})
  endif()
endfunction()
