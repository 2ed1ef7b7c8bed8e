// Carries the precompiled headers that all interface tests share.
#include "tests/support/gui.h"
