import { counts, type Effect } from '../log/effective';
import type { Entry, EntryData } from '../kinds/register';

/** A way of a board, as it is written there. */
export interface Way {
  /** What a hunt’s answers name. */
  readonly id: string;
  readonly boardId: string;
  readonly way: string;
  readonly label: string | null;
  readonly ratingAmps: number | null;
  readonly protection: string | null;
  readonly doNotDrop: boolean;
  readonly why: string | null;
  readonly agreed: boolean;
}

export interface Board {
  readonly id: string;
  readonly name: string | null;
  /** How many are numbered from 1; further ones stand among {@link ways} too. */
  readonly numbered: number;
  readonly ways: readonly Way[];
}

/** A way's number as it is compared: `7a ` and `7A` are one. */
export const wayNumber = (typed: string): string => typed.trim().toUpperCase().replace(/\s+/g, ' ');

export const wayId = (boardId: string, way: string): string => `${boardId}/${way}`;

type Said = Omit<EntryData<'wayListed'>, 'boardId' | 'way'>;

interface Listing {
  name: string | null;
  numbered: number;
  readonly said: Map<string, Said>;
}

const emptyWay = (boardId: string, way: string): Way => ({
  id: wayId(boardId, way),
  boardId,
  way,
  label: null,
  ratingAmps: null,
  protection: null,
  doNotDrop: false,
  why: null,
  agreed: false,
});

function wayOf(boardId: string, way: string, said: Said | undefined): Way {
  return {
    ...emptyWay(boardId, way),
    label: said?.label ?? null,
    ratingAmps: said?.ratingAmps ?? null,
    protection: said?.protection ?? null,
    doNotDrop: said?.doNotDrop ?? false,
    why: said?.why ?? null,
    agreed: said?.agreed ?? false,
  };
}

const byNumber = (a: string, b: string): number => a.localeCompare(b, 'en', { numeric: true });

function waysOf(id: string, { numbered, said }: Listing): readonly Way[] {
  const numbers = new Set([...Array.from({ length: numbered }, (_, i) => String(i + 1)), ...said.keys()]);
  return [...numbers]
    .filter((way) => said.get(way)?.gone !== true)
    .sort(byNumber)
    .map((way) => wayOf(id, way, said.get(way)));
}

/** The boards of a site with their ways, in the order in which they were first spoken of. */
export function boardsOf(entries: readonly Entry[], effect: Effect): readonly Board[] {
  const boards = new Map<string, Listing>();
  const at = (id: string): Listing => {
    const known = boards.get(id) ?? { name: null, numbered: 0, said: new Map<string, Said>() };
    boards.set(id, known);
    return known;
  };
  for (const entry of entries) {
    if (!counts(effect, entry)) continue;
    if (entry.kind === 'boardListed') {
      const board = at(entry.data.boardId);
      if (entry.data.name !== undefined) board.name = entry.data.name;
      if (entry.data.ways !== undefined) board.numbered = entry.data.ways ?? 0;
    }
    if (entry.kind === 'wayListed') {
      const { boardId, way, ...said } = entry.data;
      const number = wayNumber(way);
      const { said: all } = at(boardId);
      all.set(number, { ...all.get(number), ...said });
    }
  }
  return [...boards].map(([id, listing]) => ({
    id,
    name: listing.name,
    numbered: listing.numbered,
    ways: waysOf(id, listing),
  }));
}
