# Our own code compiles without a warning, or not at all.
add_library(sobremesa_warnings INTERFACE)
# No -Wnull-dereference and no maybe-uninitialized, no stringop-overread: g++ 12 sees ghosts inside the standard library when it inlines; the sanitizer preset looks for the real ones.
target_compile_options(sobremesa_warnings INTERFACE
  -Wall -Wextra -Wpedantic -Wnon-virtual-dtor -Woverloaded-virtual -Wold-style-cast -Wcast-align -Wunused
  # In a unity batch a name of one file is in sight of the next, and clang says so; the preset "plain" finds real shadows.
  $<$<NOT:$<AND:$<CXX_COMPILER_ID:Clang>,$<BOOL:$<TARGET_PROPERTY:UNITY_BUILD>>>>:-Wshadow>
  -Wimplicit-fallthrough $<$<CXX_COMPILER_ID:GNU>:-Wno-maybe-uninitialized -Wno-stringop-overread> -Werror)
