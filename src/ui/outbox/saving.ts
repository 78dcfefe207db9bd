/** An address is held so long after it was handed over. */
const HELD_MS = 60_000;

/** Puts a text among what the browser has saved. */
export function saveText(text: string, name: string): void {
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob([text], { type: 'application/json' }));
  link.download = name;
  link.click();
  // A browser may read it a while after the press
  setTimeout(() => URL.revokeObjectURL(link.href), HELD_MS);
}

const UNITS = ['B', 'kB', 'MB', 'GB'] as const;

/** A size as one reads it: “3.2 MB”. */
export function bytesText(bytes: number): string {
  let [size, unit] = [bytes, 0];
  while (size >= 1000 && unit < UNITS.length - 1) [size, unit] = [size / 1000, unit + 1];
  return `${size < 10 && unit > 0 ? size.toFixed(1) : Math.round(size)} ${UNITS[unit] ?? ''}`;
}
