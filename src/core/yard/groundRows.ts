import { isInsideOutline } from '../view';
import type { Ground } from './ground';
import type { Row } from './shadowRows';

/** Writes into a row how high something so far over the ground lies in each of its cells: `groundAt` for many thousands. */
export function groundRows({ fallShare = 0, around }: Ground): (row: Row, overM: number) => void {
  const levels = (around?.levels ?? []).map(({ outline, heightM }) => {
    const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
    return {
      outline,
      heightM,
      fromX: Math.min(...xs),
      toX: Math.max(...xs),
      fromY: Math.min(...ys),
      toY: Math.max(...ys),
    };
  });
  return ({ y, firstX, cellM, heights }, overM) => {
    heights.fill(overM + (around?.baseM ?? 0) - fallShare * y);
    for (const { outline, heightM, fromX, toX, fromY, toY } of levels) {
      if (y < fromY || y > toY) continue;
      const last = Math.min(heights.length - 1, Math.floor((toX - firstX) / cellM));
      for (let i = Math.max(0, Math.ceil((fromX - firstX) / cellM)); i <= last; i++)
        if (isInsideOutline(outline, [firstX + i * cellM, y])) heights[i] = overM + heightM;
    }
  };
}

/** Whether some level lies in a row: there the ground lies flat. */
export const isLevelAt = ({ fallShare = 0, around }: Ground, row: Row, i: number): boolean =>
  row.heights[i] !== (around?.baseM ?? 0) - fallShare * row.y;
