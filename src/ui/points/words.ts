import type { PointKind } from '@/core/kinds';

/** Kinds of point as somebody picks one; one line per kind. */
export const POINT_KIND_WORDS: Readonly<Record<PointKind, string>> = {
  doorbell: 'a doorbell',
  floodlight: 'a floodlight camera',
  plugFloodlight: 'one with a plug',
};

/** What a new one is called until somebody says another name, and what that name is of. */
export const FIRST_NAMES: Readonly<Record<PointKind, { readonly name: string; readonly of: string }>> = {
  doorbell: { name: 'Front door', of: 'door' },
  floodlight: { name: 'Yard', of: 'spot' },
  plugFloodlight: { name: 'Yard', of: 'spot' },
};
