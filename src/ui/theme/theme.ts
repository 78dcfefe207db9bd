/** Paper by day, headlamp in cellars. */
export const THEMES = ['paper', 'headlamp'] as const;
export type Theme = (typeof THEMES)[number];

/** Kept as a cookie, so that the page comes in its theme from the first moment. */
export const THEME_COOKIE = 'fox-ladder-theme';

export const themeOf = (said: string | undefined): Theme => THEMES.find((theme) => theme === said) ?? 'paper';
