import type { KeyboardEvent } from 'react';

/** What makes a piece of a drawing a button: for the thumb, the keyboard and the screen reader. Nothing without an act. */
export const tapped = (act: (() => void) | undefined, label: string, down?: boolean) =>
  act
    ? {
        role: 'button',
        tabIndex: 0,
        'aria-label': label,
        ...(down === undefined ? {} : { 'aria-pressed': down }),
        onClick: act,
        onKeyDown: (event: KeyboardEvent) => {
          if (event.key !== 'Enter' && event.key !== ' ') return;
          event.preventDefault();
          act();
        },
      }
    : {};
