import { THEME_COOKIE, themeOf, type Theme } from './theme';

const YEAR_SECONDS = 31_536_000;
const listeners = new Set<() => void>();

/** Told when the theme is changed on this page. @returns how to stop it */
export function onTheme(told: () => void): () => void {
  listeners.add(told);
  return () => void listeners.delete(told);
}

/** The theme of this machine, as its cookie has it. */
export const chosenTheme = (): Theme =>
  themeOf(new RegExp(`(?:^|; )${THEME_COOKIE}=([^;]*)`).exec(document.cookie)?.[1]);

export function chooseTheme(theme: Theme): void {
  document.cookie = `${THEME_COOKIE}=${theme}; path=/; max-age=${YEAR_SECONDS}; samesite=strict`;
  for (const told of listeners) told();
}
