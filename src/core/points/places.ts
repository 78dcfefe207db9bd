import type { Hangs } from '../house/things';
import type { Step } from '../wiring';

/** The place of the switch ahead of a box: its own box, which is proved dead by itself. */
export const switchPlace = (boxId: string): string => `${boxId}/switch`;

/** Where the hands of a step are put, as an id: a box, a supply’s transformer, a switch’s box. */
export function placeIdOf({ id, hangs }: { readonly id: string; readonly hangs: Hangs }, place: Step['place']): string {
  switch (place) {
    case 'box':
      return hangs.boxId;
    case 'switch':
      return switchPlace(hangs.boxId);
    case 'transformer':
    case 'chime':
    case 'door':
    case 'cable':
      // A bell cable is as dead as what feeds it. Mains at a chime are those of the transformer in its housing
      return hangs.supplyId ?? hangs.boxId;
    case 'outlet':
    case 'spot':
    case 'van':
      return id;
  }
}

/** Everywhere that a point has conductors. */
export const placesOf = ({ boxId, supplyId }: Pick<Hangs, 'boxId' | 'supplyId'>): readonly string[] => [
  boxId,
  switchPlace(boxId),
  ...(supplyId === null ? [] : [supplyId]),
];
