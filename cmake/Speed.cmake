# What makes a build fast: precompiled headers, unity batches, a quick linker, a compiler cache. docs/benchmarks.md has
# what each brings. Switched off as a whole by the preset "plain", which finds includes that they would hide.
option(SOBREMESA_FAST_BUILD "Precompiled headers and unity batches" ON)

find_program(LLD ld.lld)
if(LLD)
  add_link_options(-fuse-ld=lld)
endif()

# ccache must be told that precompiled headers are compared by what they contain.
find_program(CCACHE ccache)
if(CCACHE)
  set(CMAKE_CXX_COMPILER_LAUNCHER
    ${CMAKE_COMMAND} -E env CCACHE_SLOPPINESS=pch_defines,time_macros,include_file_mtime,include_file_ctime ${CCACHE})
  add_compile_options($<$<CXX_COMPILER_ID:GNU>:-fpch-preprocess>
    "$<$<CXX_COMPILER_ID:Clang>:SHELL:-Xclang -fno-pch-timestamp>")
endif()

# Rooms that only arrange what the core works out: optimised a little, which compiles a quarter faster and costs nothing that
# a benchmark sees.
function(sobremesa_light target)
  target_compile_options(${target} PRIVATE -O1)
endfunction()

# Whether a file includes what a plan is made of, itself or through others.
function(sobremesa_sees_plan file answer)
  set(plan core/mission/plan_request.hpp)
  get_property(known GLOBAL PROPERTY sobremesa_sees_plan_${file})
  if("${known}" STREQUAL "")
    set(known NO)
    file(STRINGS ${file} lines REGEX "^#include \"")
    foreach(line IN LISTS lines)
      string(REGEX REPLACE "^#include \"([^\"]*)\".*" "\\1" header "${line}")
      if(header STREQUAL plan)
        set(known YES)
      elseif(EXISTS ${CMAKE_SOURCE_DIR}/src/${header})
        sobremesa_sees_plan(${CMAKE_SOURCE_DIR}/src/${header} known)
      elseif(EXISTS ${CMAKE_SOURCE_DIR}/tests/${header})
        sobremesa_sees_plan(${CMAKE_SOURCE_DIR}/tests/${header} known)
      endif()
      if(known)
        break()
      endif()
    endforeach()
    set_property(GLOBAL PROPERTY sobremesa_sees_plan_${file} ${known})
  endif()
  set(${answer} ${known} PARENT_SCOPE)
endfunction()

# A batch is compiled again when a header of one of its files changes. What a plan is made of changes most and is seen by
# half the files: they share batches, so that the others' stay.
function(sobremesa_sort_batches target)
  get_target_property(sources ${target} SOURCES)
  set(seeing)
  set(others)
  foreach(file IN LISTS sources)
    set(sees NO)
    if(file MATCHES "\\.cpp$" AND EXISTS ${file})
      sobremesa_sees_plan(${file} sees)
    endif()
    if(sees)
      list(APPEND seeing ${file})
    else()
      list(APPEND others ${file})
    endif()
  endforeach()
  set_target_properties(${target} PROPERTIES SOURCES "${seeing};${others}")
endfunction()

# sobremesa_fast_build(target header [batch]): header of cmake/precompiled or "none", compiled once for all that take it
# with the same flags; files in a unity batch, none without.
function(sobremesa_fast_build target header)
  if(NOT SOBREMESA_FAST_BUILD)
    return()
  endif()
  if(ARGC GREATER 2)
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_BATCH_SIZE ${ARGV2})
    sobremesa_sort_batches(${target})
  endif()
  if(header STREQUAL none)
    return()
  endif()
  get_property(first GLOBAL PROPERTY sobremesa_precompiled_${header})
  if(first)
    target_precompile_headers(${target} REUSE_FROM ${first})
  else()
    target_precompile_headers(${target} PRIVATE ${CMAKE_SOURCE_DIR}/cmake/precompiled/${header}.hpp)
    set_property(GLOBAL PROPERTY sobremesa_precompiled_${header} ${target})
  endif()
endfunction()
