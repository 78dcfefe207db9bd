import { said, type Text } from '../../said';
import type { READING_IDS } from '../../kinds/reading';
import type { Takeable } from '../../advice';
import { METER, type BellSurvey, type Estimate, type Reading } from '../../bell';
import { LASTING_STATES } from '../../catalogue';

export type ReadingId = (typeof READING_IDS)[number];

interface Known {
  readonly words: Text;
  readonly how: Text;
  readonly minutes: number;
}

/** How each reading is called and done; minutes of one person who is on site, walking there included. */
export const READING_WORDS: Readonly<Record<ReadingId, Known>> = {
  openVolts: {
    words: said('readOpenVolts'),
    how: said('nothingConnectedDoor'),
    minutes: 3,
  },
  newOpenVolts: {
    words: said('readNewTransformers'),
    how: said('ownSagDecides'),
    minutes: 3,
  },
  nameplate: {
    words: said('readVoltsVa'),
    how: said('meterCantRead'),
    minutes: 2,
  },
  mainsVolts: {
    words: said('readMainsOutlet'),
    how: said('allBellVolts'),
    minutes: 2,
  },
  resistor: {
    words: said('readVoltsTransformer'),
    how: said('differenceOpenReading'),
    minutes: 4,
  },
  loopToChime: {
    words: said('readLoopOhms'),
    how: said('farEndsTwisted'),
    minutes: 6,
  },
  loopToDoor: {
    words: said('readLoopOhmsRun'),
    how: said('farEndsTwisted'),
    minutes: 6,
  },
  coilOhms: {
    words: said('readChimeCoils'),
    how: said('deadOneWire'),
    minutes: 4,
  },
  deviceVolts: {
    words: said('readVoltsDoor'),
    how: said('oneFigureSees'),
    minutes: 6,
  },
};

/** Known resistors that a van carries, Ω. */
export const STOCK_OHMS: readonly number[] = [10, 15, 22, 33, 47];
/** A resistor may draw so much of the rated current for a few seconds (domain/power). */
export const MOST_OF_RATING = 1.2;

/** What is taken where no plate says what a transformer bears. */
const USUAL_OHMS = 22;

type KnownSource = Pick<Estimate, 'openVolts' | 'sourceOhms' | 'survey'>;

/** What a resistor across the screws draws, A: the source’s own ohms lie in its way too. */
export const drawnAmps = ({ openVolts, sourceOhms }: KnownSource, ohms: number): number =>
  openVolts.likely / (ohms + sourceOhms.likely);

/** Amps that a resistor may draw; null where no plate says what the transformer bears. */
export const mostTestAmps = ({ survey: { nameplate } }: KnownSource): number | null =>
  nameplate.volts === null || nameplate.va === null ? null : (MOST_OF_RATING * nameplate.va) / nameplate.volts;

/** The smallest stocked resistor that a transformer may be tested with: the heavier the load, the clearer the sag. */
export function testOhms(known: KnownSource): number {
  const most = mostTestAmps(known);
  if (most === null) return USUAL_OHMS;
  const least = known.openVolts.likely / most - known.sourceOhms.likely;
  return STOCK_OHMS.find((ohms) => ohms >= least) ?? Math.ceil(least);
}

const taken = (survey: BellSurvey, test: (reading: Reading) => boolean): boolean => survey.readings.some(test);

/**
 * What could be read now and was not yet.
 * @param deviceRuns a video doorbell hangs there already
 * @param missed what can’t be had here
 * @param keepsSupply what feeds the loop can go on feeding it; else nothing but the wire to the door is worth a reading
 */
export function takeablesOf(
  known: Estimate,
  deviceRuns: boolean,
  keepsSupply: boolean,
  missed: readonly ReadingId[] = [],
): readonly Takeable[] {
  const { survey } = known;
  const { chime } = survey;
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
    ['resistor', { ...at, under: { kind: 'resistor', ohms: testOhms(known) } }, !taken(survey, volts('resistor'))],
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
    open && !missed.includes(id) && (keepsSupply || id === 'loopToDoor')
      ? [{ id, readable, minutes: READING_WORDS[id].minutes }]
      : [],
  );
}
