import { figuresWords } from '@/words/screens';
import { STATE_WORDS } from '@/core/catalogue';
import type { EntryData } from '@/core/kinds';

type Taken = EntryData<'readingTaken'>;

const PLACE_WORDS = {
  transformer: figuresWords.transformer,
  chime: figuresWords.acrossTheChime,
  door: figuresWords.door,
} as const;

const stateWords = ({ state, ohms }: Taken): string => {
  if (state === 'open' || state === undefined) return figuresWords.open;
  return state === 'resistor' ? figuresWords.under({ ohms: ohms ?? '?' }) : STATE_WORDS[state];
};

/**
 * What was read and where: “transformer, open”; what came from the simulated meter says so.
 * @param midway what the wires come to first: the chime, a handset, a joint
 */
export const readingWords = (data: Taken, midway: string): string =>
  `${placeWords(data, midway)}${data.simulated ? figuresWords.simulated : ''}`;

function placeWords(data: Taken, midway: string): string {
  switch (data.what) {
    case 'mainsVolts':
      return figuresWords.mains;
    case 'coilOhms':
      return figuresWords.chimeCoil;
    case 'loopOhms':
      return figuresWords.runToThe({ midway: data.run === 'toChime' ? midway : figuresWords.door });
    case 'report':
      return figuresWords.deviceReport({ stateWords: stateWords(data) });
    case 'volts':
      return `${PLACE_WORDS[data.at ?? 'transformer']}, ${stateWords(data)}`;
  }
}

/** The figure with its unit: “20.9 V”, “16 to 18 V”. */
export function readingFigure({ what, low, high, report }: Taken): string {
  if (what === 'report') return report ?? '';
  const unit = what === 'volts' || what === 'mainsVolts' ? 'V' : 'Ω';
  return low === high ? `${low} ${unit}` : figuresWords.to({ low: low ?? '?', high: high ?? '?', unit });
}
