import { distinct, said, type Text } from '../said';
import { chimeFigures, isComputed, newOpenVolts, predictedVolts, tuneFigures, type Band, type Estimate } from '../bell';
import { settingAt, settingName } from '../chime';
import { STATE_WORDS, type LastingState } from '../catalogue';
import type { Option } from './options';
import type { WireRemedy } from './wireRemedies';

/** Something that is read once the way is built, and between which figures it should lie. */
export interface PlannedTest {
  readonly words: Text;
  /** 5 and 95 % points over mains, warmth and what is not known of the house; null where it is yes or no. */
  readonly band: Band | null;
}

/** What a way asks for after the wires: settings of the device, and tests to pass. */
export interface WayPlan {
  readonly tools: readonly Text[];
  /** How often somebody has to come, in words. */
  readonly visits: Text;
  readonly settings: readonly Text[];
  readonly tests: readonly PlannedTest[];
}

const AT_EVERY_CHIME = ['meter', said('flatScrewdriver'), said('wireStripper')] as const;
const WIRE_TOOLS: Readonly<Record<WireRemedy, readonly Text[]>> = {
  keep: [],
  join: [said('connectors')],
  repull: [said('fishTape'), said('longBit'), said('cableClips')],
  mend: [said('connectors'), said('lamp')],
};

const READ_STATES: readonly LastingState[] = ['liveDay', 'liveNight'];

/** Settings and tests of a way, from the same houses as its verdict. */
export function wayPlan(known: Estimate, { device, transformer, treatment, wire, change }: Option): WayPlan {
  const of: Estimate = { ...known, survey: { ...known.survey, device } };
  const chime = chimeFigures(of.survey, known.houses, change, treatment);
  const tune = tuneFigures(of.survey, known.houses, change, treatment);
  const computed = isComputed(of.survey, change);
  const fresh = transformer && newOpenVolts(known, transformer);
  return {
    tools: distinct([...AT_EVERY_CHIME, ...(transformer?.tools ?? []), ...WIRE_TOOLS[wire]]),
    visits: transformer?.mainsWork ? said('oneVisitComes') : said('oneVisit'),
    settings: [
      said('kindChimeModule', { setting: settingName(settingAt(treatment.setting, of.survey.chime.kind)) }),
      ...(treatment.sounds ? [] : [said('plugSounderPaired')]),
      ...(device.battery ? [said('chargingShownWires')] : []),
    ],
    tests: [
      ...(fresh ? [{ words: said('openVoltsNew'), band: fresh }] : []),
      ...READ_STATES.map((state) => ({
        words: said('voltsDoor', { state: STATE_WORDS[state] }),
        // What the closed form can’t tell has no band
        band: computed ? predictedVolts(of, change, state, null) : null,
      })),
      ...(chime ? [{ words: said('voltsOverChime'), band: chime.pressedVolts }] : []),
      ...(tune ? [{ words: said('voltsWhilePlays'), band: tune.playingVolts }] : []),
      { words: treatment.sounds ? said('ringsCleanWithin') : said('sounderRings'), band: null },
    ],
  };
}
