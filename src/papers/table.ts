import { isTag, type Element } from 'domhandler';
import { textContent } from 'domutils';

/** A cell as long as this is broken into lines whatever else stands beside it. */
const LONG = 46;
const LEAST = 3;

/** The rows of a table, head first. */
export const rowsOf = (table: Element): readonly Element[] =>
  table.children
    .filter(isTag)
    .flatMap((part) => (part.name === 'tr' ? [part] : part.children.filter(isTag).filter(({ name }) => name === 'tr')));

export const cellsOf = (row: Element): readonly Element[] =>
  row.children.filter(isTag).filter(({ name }) => name === 'td' || name === 'th');

/** How many columns a cell stands over. */
export const spanOf = (cell: Element): number => Math.max(1, Number(cell.attribs.colspan ?? 1));

/** Shares of the width for the columns of a table: by what is written in them, the longest line of each within bounds. */
export function columnShares(rows: readonly Element[]): readonly number[] {
  const longest: number[] = [];
  for (const row of rows) {
    let column = 0;
    for (const cell of cellsOf(row)) {
      const span = spanOf(cell);
      const length = Math.min(LONG, Math.max(LEAST, textContent(cell).trim().length)) / span;
      for (let i = 0; i < span; i++, column++) longest[column] = Math.max(longest[column] ?? 0, length);
    }
  }
  const all = longest.reduce((sum, one) => sum + one, 0) || 1;
  return longest.map((one) => one / all);
}
