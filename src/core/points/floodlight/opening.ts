import { openingTasks, type LiveRounds } from '../../junction';
import type { Task } from '../../wiring';
import { conclusionsOf, conductorKey } from '../boxOf';
import { said } from '../../said';
import type { Floodlight } from './floodlight';

/** What is left to be read live at a box, in rounds; null where nothing is. */
export function liveRoundsOf(point: Floodlight): LiveRounds | null {
  const { byId, next } = conclusionsOf(point);
  const isBegun = 'box-spread' in point.ticks;
  if (point.cables.length > 0 && next === null && !isBegun) return null;
  const left = point.cables.flatMap((cable) =>
    (cable.facts.conductors ?? []).flatMap(({ id, colour, passes, carries }) => {
      const state = byId.get(conductorKey(cable.id, id))?.state;
      const isKnown = state === 'known' || (state !== 'contradicts' && carries !== undefined && carries !== 'unknown');
      return passes !== undefined || isKnown ? [] : [said('wireColour', { colour })];
    }),
  );
  return { allOff: left, allOn: left };
}

/** How the closed box of a floodlight is opened. */
export const openingOf = (point: Floodlight): readonly Task[] => openingTasks(liveRoundsOf(point));
