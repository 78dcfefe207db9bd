const MINUTE = 60;

/** Seconds as a clock shows them: 0:07, 12:30. */
export const minutesText = (seconds: number): string =>
  `${Math.floor(seconds / MINUTE)}:${String(Math.floor(seconds % MINUTE)).padStart(2, '0')}`;
