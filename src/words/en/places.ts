import type { RegionPack } from '@/core/region';
import type { PlaceWords } from '../terms';

const SHARES = {
  hours: (figure: string) => `${figure} hours`,
  under: (figure: string) => `under ${figure}`,
  over: (figure: string) => `over ${figure}`,
};

/** What things are called in English, region by region. */
const PLACES: Readonly<Record<string, PlaceWords>> = {
  'na-120': {
    ...SHARES,
    hot: 'hot',
    ground: 'ground',
    way: 'breaker',
    ways: 'breakers',
    board: 'breaker panel',
    box: 'box',
    outlet: 'outlet',
    anOutlet: 'an outlet',
    groundConductor: 'grounding conductor',
    connector: 'twist-on connector',
    residual: 'GFCI',
    arcFault: 'AFCI',
    colour: 'color',
    grey: 'gray',
    labelled: 'labeled',
    aluminium: 'aluminum',
    fibre: 'fiber',
    neighbour: 'neighbor',
  },
  'gb-230': {
    ...SHARES,
    hot: 'line',
    ground: 'earth',
    way: 'way',
    ways: 'ways',
    board: 'consumer unit',
    box: 'back box',
    outlet: 'socket',
    anOutlet: 'a socket',
    groundConductor: 'earth conductor',
    connector: 'connector',
    residual: 'RCD',
    arcFault: 'AFDD',
    colour: 'colour',
    grey: 'grey',
    labelled: 'labelled',
    aluminium: 'aluminium',
    fibre: 'fibre',
    neighbour: 'neighbour',
  },
};

/** @throws Error where a region has no words yet */
export function placeWords({ id }: RegionPack): PlaceWords {
  const words = PLACES[id];
  if (!words) throw new Error(`English has no words for the region ${id}`);
  return words;
}
