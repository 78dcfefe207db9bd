'use client';
import { frameWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { Flashlight, Sun } from 'lucide-react';
import { useState } from 'react';
import { THEME_COOKIE, type Theme } from '../theme/theme';

const YEAR_SECONDS = 31_536_000;

/** Turns the headlamp theme on and off, for this machine. */
export function ThemeSwitch({ first }: { readonly first: Theme }) {
  const [theme, setTheme] = useState(first);
  const dark = theme === 'headlamp';
  const turn = () => {
    const next = dark ? 'paper' : 'headlamp';
    document.documentElement.dataset.theme = next;
    document.cookie = `${THEME_COOKIE}=${next}; path=/; max-age=${YEAR_SECONDS}; samesite=strict`;
    setTheme(next);
  };
  const words = dark ? frameWords.paperThemeForDaylight : frameWords.headlampThemeForCellars;
  return (
    <Button variant="link" className="lamp" aria-label={words} title={words} onClick={turn}>
      {dark ? <Sun size={20} aria-hidden="true" /> : <Flashlight size={20} aria-hidden="true" />}
    </Button>
  );
}
