#pragma once

// QCustomPlot writes Qt's keywords, which this program leaves to others' names.
#define signals Q_SIGNALS
#define foreach Q_FOREACH
#include <qcustomplot.h>
#undef signals
#undef foreach
