// Moves this process's clock to where LOXOS_CLOCK says; for `node --import` and for Jest.
import { clockShiftMs, shiftDate } from './clock.mjs';

const byMs = clockShiftMs();
if (byMs !== 0) shiftDate(byMs);
