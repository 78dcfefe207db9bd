import type { VerdictWord } from './judge';
import type { BellSurvey, Reading } from './survey';

/** A reading worth taking now. */
export interface NextReading {
  readonly id:
    'openVolts' | 'newOpenVolts' | 'nameplate' | 'runs' | 'deviceVolts' | 'mainsVolts' | 'resistor' | 'coilOhms';
  readonly words: string;
  readonly why: string;
  readonly minutes: number;
}

/** What is not known of a transformer that is still in its box can be read only when it stands. */
export const NEW_TRANSFORMER_READING: NextReading = {
  id: 'newOpenVolts',
  words: 'Read the new transformer’s open volts before the device goes on',
  why: 'Its own sag decides, and the label does not tell it.',
  minutes: 3,
};

const has = (survey: BellSurvey, test: (reading: Reading) => boolean): boolean => survey.readings.some(test);

/**
 * The one reading that would help most, by a simple rule: first what the source gives, then what it is, then the way
 * to the door, then a reading under load, which sees all of them at once.
 * @returns null when the verdict is settled or nothing simple is left to read
 */
export function nextReading(survey: BellSurvey, verdict: VerdictWord): NextReading | null {
  if (verdict === 'holds' || verdict === 'fails' || verdict === 'tooHigh' || verdict === 'notComputed') return null;
  const volts = (state: 'open' | 'resistor' | 'running') => (reading: Reading) =>
    reading.what === 'volts' &&
    (state === 'running' ? reading.state !== 'open' && reading.state !== 'resistor' : reading.state === state);
  const candidates: readonly (NextReading & { readonly open: boolean })[] = [
    {
      id: 'openVolts',
      open: !has(survey, volts('open')) && !has(survey, volts('running')),
      words: 'Read open volts at the transformer',
      why: 'Nothing connected at the door, meter on the two bell screws.',
      minutes: 3,
    },
    {
      id: 'nameplate',
      open: survey.nameplate.va === null || survey.nameplate.volts === null,
      words: 'Read volts and VA on the nameplate',
      why: 'A meter can’t read VA; the plate says how far the volts sag.',
      minutes: 2,
    },
    {
      id: 'deviceVolts',
      open: !has(survey, volts('running')),
      words: 'Read volts at the door while the device runs',
      why: 'One figure that sees transformer, wire and chime together.',
      minutes: 6,
    },
    {
      id: 'runs',
      open: (['toChime', 'toDoor'] as const).some(
        (run) =>
          (survey.runs[run].lengthM === null || survey.runs[run].gauge === null) &&
          !has(survey, (reading) => reading.what === 'loopOhms' && reading.run === run),
      ),
      words: 'Read the loop ohms of the runs, or their length and gauge',
      why: 'Thin or long wire costs volts at each ampere.',
      minutes: 5,
    },
    {
      id: 'mainsVolts',
      open: !has(survey, (reading) => reading.what === 'mainsVolts'),
      words: 'Read the mains at an outlet',
      why: 'All bell volts scale with the mains of the moment.',
      minutes: 2,
    },
    {
      id: 'resistor',
      open: !has(survey, volts('resistor')),
      words: 'Read volts at the transformer under a known resistor',
      why: 'The difference to the open reading is the sag itself.',
      minutes: 4,
    },
    {
      id: 'coilOhms',
      open: survey.present.path === 'series' && !has(survey, (reading) => reading.what === 'coilOhms'),
      words: 'Read the chime coil’s ohms, one lead off',
      why: 'The coil stands in series with the device.',
      minutes: 4,
    },
  ];
  const found = candidates.find((candidate) => candidate.open);
  if (!found) return null;
  const { open: _open, ...reading } = found;
  return reading;
}
