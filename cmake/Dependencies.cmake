# Debian 12 packages only; scripts/install-dependencies names them.
# Qt 6 before QCustomPlot: the plot library's config takes whichever Qt it finds loaded.
find_package(Qt6 6.4 REQUIRED COMPONENTS Core Gui Widgets Network PrintSupport SerialPort Svg Test TextToSpeech)
# The compiler of translations; its CMake package would pull in the whole of Qt Designer.
find_program(LRELEASE lrelease HINTS /usr/lib/qt6/bin REQUIRED)
find_package(QCustomPlotQt6 REQUIRED)
find_package(Boost REQUIRED)
find_package(Eigen3 REQUIRED)
find_package(FastFloat REQUIRED)
find_package(pugixml REQUIRED)
find_package(LibXml2 REQUIRED)
find_package(nlohmann_json REQUIRED)
find_package(CLI11 REQUIRED)
find_package(tl-expected REQUIRED)
find_package(Threads REQUIRED)
find_package(SQLite3 REQUIRED)
find_package(ZLIB REQUIRED)
find_package(LibArchive REQUIRED)
find_package(GDAL CONFIG REQUIRED)
# libnova ships neither a config nor a .pc file.
find_path(NOVA_INCLUDE_DIR libnova/libnova.h REQUIRED)
find_library(NOVA_LIBRARY nova REQUIRED)
add_library(libnova::nova INTERFACE IMPORTED)
target_include_directories(libnova::nova INTERFACE ${NOVA_INCLUDE_DIR})
target_link_libraries(libnova::nova INTERFACE ${NOVA_LIBRARY})

# GeographicLib's Debian package ships a find module and no target.
list(APPEND CMAKE_MODULE_PATH /usr/share/cmake/geographiclib)
find_package(GeographicLib REQUIRED)
if(NOT TARGET GeographicLib::GeographicLib)
  add_library(GeographicLib::GeographicLib INTERFACE IMPORTED)
  target_include_directories(GeographicLib::GeographicLib INTERFACE ${GeographicLib_INCLUDE_DIRS})
  target_link_libraries(GeographicLib::GeographicLib INTERFACE ${GeographicLib_LIBRARIES})
endif()
