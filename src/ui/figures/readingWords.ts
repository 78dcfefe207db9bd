import { STATE_WORDS } from '@/core/catalogue';
import type { EntryData } from '@/core/kinds';

type Taken = EntryData<'readingTaken'>;

const PLACE_WORDS = { transformer: 'transformer', chime: 'across the chime', door: 'door' } as const;

const stateWords = ({ state, ohms }: Taken): string => {
  if (state === 'open' || state === undefined) return 'open';
  return state === 'resistor' ? `under ${ohms ?? '?'} Ω` : STATE_WORDS[state];
};

/**
 * What was read and where: “transformer, open”; what came from the simulated meter says so.
 * @param midway what the wires come to first: the chime, a handset, a joint
 */
export const readingWords = (data: Taken, midway: string): string =>
  `${placeWords(data, midway)}${data.simulated ? ', simulated' : ''}`;

function placeWords(data: Taken, midway: string): string {
  switch (data.what) {
    case 'mainsVolts':
      return 'mains';
    case 'coilOhms':
      return 'chime coil';
    case 'loopOhms':
      return `run to the ${data.run === 'toChime' ? midway : 'door'}`;
    case 'report':
      return `device report, ${stateWords(data)}`;
    case 'volts':
      return `${PLACE_WORDS[data.at ?? 'transformer']}, ${stateWords(data)}`;
  }
}

/** The figure with its unit: “20.9 V”, “16 to 18 V”. */
export function readingFigure({ what, low, high, report }: Taken): string {
  if (what === 'report') return report ?? '';
  const unit = what === 'volts' || what === 'mainsVolts' ? 'V' : 'Ω';
  return low === high ? `${low} ${unit}` : `${low} to ${high} ${unit}`;
}
