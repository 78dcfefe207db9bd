import { useEffect, useRef } from 'react';

const TYPING = 'input, textarea, select, [contenteditable="true"], [role="dialog"]';

/** Single keys of a screen; none of them acts while somebody types, nor with a modifier held. */
export function useKeys(keys: Readonly<Record<string, () => void>>): void {
  const current = useRef(keys);
  useEffect(() => {
    current.current = keys;
  });
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat) return;
      if (event.target instanceof Element && event.target.closest(TYPING)) return;
      const act = current.current[event.key];
      if (!act) return;
      event.preventDefault();
      act();
    };
    document.addEventListener('keydown', pressed);
    return () => document.removeEventListener('keydown', pressed);
  }, []);
}
