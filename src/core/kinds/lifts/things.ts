import type { Lift } from './lift';

// 1 → 2: what belongs to the house stands once. Before, its facts were fields of a point; the supply, the chime and the
// box that a point had for itself take its id, each among its own kind of thing.

/** A point says what it hangs on. */
export const pointWithThings: Lift = (data) =>
  data.pointKind === 'doorbell'
    ? { supplyId: data.pointId, chimeId: data.pointId, boxId: data.pointId, ...data }
    : { boxId: data.pointId, ...data };

const ofThing =
  (field: 'supplyId' | 'chimeId' | 'boxId'): Lift =>
  ({ pointId, ...said }) =>
    // Who says no version may write in the new form all the same
    pointId === undefined ? said : { ...said, [field]: pointId };

export const ofSupply = ofThing('supplyId');
export const ofChime = ofThing('chimeId');
export const ofBox = ofThing('boxId');

/** The run to the chime ends at the chime, the one to the door at the door. */
export const runWithEnd: Lift = (data) => (data.run === 'toChime' ? ofChime(data) : data);
