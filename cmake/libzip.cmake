# libzip as the target libzip::zip. Debian's own package description of it for CMake asks for the programs beside the
# library too, which nothing here needs.
find_path(LEDGEFALL_LIBZIP_INCLUDE zip.h REQUIRED)
find_library(LEDGEFALL_LIBZIP_LIBRARY zip REQUIRED)
add_library(libzip::zip UNKNOWN IMPORTED GLOBAL)
set_target_properties(libzip::zip PROPERTIES
  IMPORTED_LOCATION ${LEDGEFALL_LIBZIP_LIBRARY} INTERFACE_INCLUDE_DIRECTORIES ${LEDGEFALL_LIBZIP_INCLUDE})
