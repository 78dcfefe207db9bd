import { chimeFigures, newOpenVolts, predictedDoorVolts, type Band, type Estimate } from '../bell';
import { STATE_WORDS, type LastingState } from '../catalogue';
import type { Option } from './options';
import type { WireRemedy } from './wireRemedies';

/** Something that is read once the way is built, and between which figures it should lie. */
export interface PlannedTest {
  readonly words: string;
  /** 5 and 95 % points over mains, warmth and what is not known of the house; null where it is yes or no. */
  readonly band: Band | null;
}

/** What a way asks for after the wires: settings of the device, and tests to pass. */
export interface WayPlan {
  readonly tools: readonly string[];
  /** How often somebody has to come, in words. */
  readonly visits: string;
  readonly settings: readonly string[];
  readonly tests: readonly PlannedTest[];
}

const AT_EVERY_CHIME = ['meter', 'flat screwdriver', 'wire stripper'] as const;
const WIRE_TOOLS: Readonly<Record<WireRemedy, readonly string[]>> = {
  keep: [],
  join: ['connectors'],
  repull: ['fish tape', 'long bit', 'cable clips'],
  mend: ['connectors', 'lamp'],
};

const READ_STATES: readonly LastingState[] = ['liveDay', 'liveNight'];

/** Settings and tests of a way, from the same houses as its verdict. */
export function wayPlan(known: Estimate, { device, transformer, treatment, wire, change }: Option): WayPlan {
  const of: Estimate = { ...known, survey: { ...known.survey, device } };
  const chime = chimeFigures(of.survey, known.houses, change, treatment);
  const fresh = transformer && newOpenVolts(known, transformer);
  return {
    tools: [...new Set([...AT_EVERY_CHIME, ...(transformer?.tools ?? []), ...WIRE_TOOLS[wire]])],
    visits: transformer?.mainsWork ? 'one visit where who comes may do mains work, else two' : 'one visit',
    settings: [
      `kind of chime and module: ${treatment.setting}`,
      ...(treatment.sounds ? [] : ['plug-in sounder paired']),
      ...(device.battery ? ['charging shown as “from the wires”'] : []),
    ],
    tests: [
      ...(fresh ? [{ words: 'open volts of the new transformer', band: fresh }] : []),
      ...READ_STATES.map((state) => ({
        words: `volts at the door, ${STATE_WORDS[state]}`,
        band: predictedDoorVolts(of, change, state, null),
      })),
      ...(chime ? [{ words: 'volts over the chime while pressed', band: chime.pressedVolts }] : []),
      { words: treatment.sounds ? 'it rings clean within two seconds, no hum' : 'the sounder rings', band: null },
    ],
  };
}
