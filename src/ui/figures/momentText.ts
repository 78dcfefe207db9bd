import { format, isToday } from 'date-fns';

/** A moment, ms since 1970: of today by the clock alone, else with its day. */
export const momentText = (ms: number): string => format(ms, isToday(ms) ? 'HH:mm' : 'd MMM HH:mm');
