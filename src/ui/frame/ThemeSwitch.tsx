'use client';
import { frameWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { Flashlight, Sun } from 'lucide-react';
import { useEffect, useSyncExternalStore } from 'react';
import type { Theme } from '../theme/theme';
import { chosenTheme, chooseTheme, onTheme } from '../theme/chosenTheme';

/** Turns the headlamp theme on and off, for this machine. @param first that with which the page came */
export function ThemeSwitch({ first }: { readonly first: Theme }) {
  const theme = useSyncExternalStore(onTheme, chosenTheme, () => first);
  // A page out of the browser came with the theme of the day on which it was kept
  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);
  const dark = theme === 'headlamp';
  const words = dark ? frameWords.paperThemeForDaylight : frameWords.headlampThemeForCellars;
  return (
    <Button
      variant="link"
      className="lamp"
      aria-label={words}
      title={words}
      onClick={() => chooseTheme(dark ? 'paper' : 'headlamp')}
    >
      {dark ? <Sun size={20} aria-hidden="true" /> : <Flashlight size={20} aria-hidden="true" />}
    </Button>
  );
}
