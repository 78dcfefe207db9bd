import { floodlightWords } from '@/words/screens';
import { builtOf, planOf, type Floodlight } from '@/core/points';
import type { Say } from '@/words';
import { BoxDrawing } from '../../drawing/BoxDrawing';

/** Whether anything was done in the box yet. */
export const isBegun = ({ ticks }: Floodlight): boolean => Object.keys(ticks).length > 0;

/** The box with its leads: as built, or as planned where nothing was done yet. */
export const BoxAsBuilt = ({ say, point }: { readonly say: Say; readonly point: Floodlight }) => (
  <BoxDrawing
    say={say}
    wiring={isBegun(point) ? builtOf(point) : (planOf(point)?.planned ?? builtOf(point))}
    place="box"
    title={floodlightWords.theBox}
  />
);
