import { said } from '../said';
import type { Missing } from './climb';
import type { PointView } from './pointView';

/** A fact that is asked for, and whether it is there. */
export type Asked = Missing & { readonly there: boolean };

/** Of what is asked for, what is not there yet. */
export const stillOpen = (all: readonly Asked[]): readonly Missing[] =>
  all.filter(({ there }) => !there).map(({ id, area, words, why }) => ({ id, area, words, why }));

export const wifiAsked = (point: PointView): Asked => ({
  id: 'wifi',
  area: 'wifi',
  there: point.wifi.length > 0,
  words: said('readWiFi'),
  why: said('extenderFirst'),
});
