import type { Takeable } from '../../advice';
import { METER, type BellSurvey, type Reading } from '../../bell';
import { LASTING_STATES } from '../../catalogue';

/** What could be read at a point, each once. */
export type ReadingId =
  | 'openVolts'
  | 'newOpenVolts'
  | 'nameplate'
  | 'mainsVolts'
  | 'resistor'
  | 'loopToChime'
  | 'loopToDoor'
  | 'coilOhms'
  | 'deviceVolts';

interface Known {
  readonly words: string;
  readonly how: string;
  readonly minutes: number;
}

/** How each reading is called and done; minutes of one person who is on site, walking there included. */
export const READING_WORDS: Readonly<Record<ReadingId, Known>> = {
  openVolts: {
    words: 'Read open volts at the transformer',
    how: 'Nothing connected at the door, meter on the two bell screws.',
    minutes: 3,
  },
  newOpenVolts: {
    words: 'Read the new transformer’s open volts before the device goes on',
    how: 'Its own sag decides, and the label does not tell it.',
    minutes: 3,
  },
  nameplate: {
    words: 'Read volts and VA on the nameplate',
    how: 'A meter can’t read VA; the plate says how far the volts sag.',
    minutes: 2,
  },
  mainsVolts: {
    words: 'Read the mains at an outlet',
    how: 'All bell volts scale with the mains of the moment.',
    minutes: 2,
  },
  resistor: {
    words: 'Read volts at the transformer under a known resistor',
    how: 'The difference to the open reading is the sag itself.',
    minutes: 4,
  },
  loopToChime: {
    words: 'Read the loop ohms of the run to the chime',
    how: 'Far ends twisted together, dead: there and back in one figure.',
    minutes: 6,
  },
  loopToDoor: {
    words: 'Read the loop ohms of the run to the door',
    how: 'Far ends twisted together, dead: there and back in one figure.',
    minutes: 6,
  },
  coilOhms: {
    words: 'Read the chime coil’s ohms, one lead off',
    how: 'Dead, one wire off Front: else the transformer is read too.',
    minutes: 4,
  },
  deviceVolts: {
    words: 'Read volts at the door while the device runs',
    how: 'One figure that sees transformer, wire and chime together.',
    minutes: 6,
  },
};

/** Known resistors that a van carries, Ω. */
export const STOCK_OHMS: readonly number[] = [10, 15, 22, 33, 47];
/** A resistor may draw so much of the rated current for a few seconds (domain/power). */
export const MOST_OF_RATING = 1.2;

/** The smallest stocked resistor that a transformer may be tested with: the heavier the load, the clearer the sag. */
export function testOhms(volts: number | null, va: number | null): number {
  if (volts === null || va === null) return 22;
  const least = (volts * volts) / (MOST_OF_RATING * va);
  return STOCK_OHMS.find((ohms) => ohms >= least) ?? Math.ceil(least);
}

const taken = (survey: BellSurvey, test: (reading: Reading) => boolean): boolean => survey.readings.some(test);

/**
 * What could be read now and was not yet.
 * @param deviceRuns a video doorbell hangs there already
 * @param keepsSupply what feeds the loop can go on feeding it; else nothing but the wire to the door is worth a reading
 */
export function takeablesOf(survey: BellSurvey, deviceRuns: boolean, keepsSupply: boolean): readonly Takeable[] {
  const { nameplate, chime } = survey;
  const at = { what: 'volts', at: 'transformer', instrument: METER } as const;
  const volts = (state: 'open' | 'resistor') => (reading: Reading) =>
    reading.what === 'volts' && reading.at === 'transformer' && reading.state === state;
  const running = (reading: Reading): boolean =>
    reading.what === 'volts' && reading.state !== 'open' && reading.state !== 'resistor';
  const loop = (run: 'toChime' | 'toDoor') => (reading: Reading) => reading.what === 'loopOhms' && reading.run === run;
  const hasChime = chime.kind !== 'none' && chime.kind !== 'wireless';
  const all: readonly (readonly [ReadingId, Takeable['readable'], boolean])[] = [
    ['openVolts', { ...at, under: { kind: 'open' } }, !taken(survey, volts('open'))],
    ['mainsVolts', { what: 'mainsVolts', instrument: METER }, !taken(survey, ({ what }) => what === 'mainsVolts')],
    [
      'resistor',
      { ...at, under: { kind: 'resistor', ohms: testOhms(nameplate.volts, nameplate.va) } },
      !taken(survey, volts('resistor')),
    ],
    ['loopToChime', { what: 'loopOhms', run: 'toChime' }, hasChime && !taken(survey, loop('toChime'))],
    ['loopToDoor', { what: 'loopOhms', run: 'toDoor' }, !taken(survey, loop('toDoor'))],
    [
      'coilOhms',
      { what: 'coilOhms' },
      hasChime && chime.kind !== 'electronic' && !taken(survey, ({ what }) => what === 'coilOhms'),
    ],
    [
      'deviceVolts',
      {
        what: 'volts',
        at: 'door',
        instrument: METER,
        under: { kind: 'running', state: LASTING_STATES.indexOf('liveDay') },
      },
      deviceRuns && !taken(survey, running),
    ],
  ];
  return all.flatMap(([id, readable, open]) =>
    open && (keepsSupply || id === 'loopToDoor') ? [{ id, readable, minutes: READING_WORDS[id].minutes }] : [],
  );
}
