# Our own code compiles without a warning, or not at all.
add_library(sobremesa_warnings INTERFACE)
# No -Wnull-dereference and no maybe-uninitialized: g++ 12 sees ghosts inside the standard library when it inlines; the sanitizer preset looks for the real ones.
target_compile_options(sobremesa_warnings INTERFACE
  -Wall -Wextra -Wpedantic -Wshadow -Wnon-virtual-dtor -Woverloaded-virtual -Wold-style-cast -Wcast-align -Wunused
  -Wimplicit-fallthrough $<$<CXX_COMPILER_ID:GNU>:-Wno-maybe-uninitialized> -Werror)
