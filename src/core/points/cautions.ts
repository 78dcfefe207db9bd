import { said, type Text } from '../said';
import type { Job } from '../job/job';
import { regionOf } from '../job/region';
import type { HAZARDS } from '../kinds/site';
import type { RegionPack } from '../region';
import type { Step } from '../wiring';
import type { Point } from './point';
import { circuitsOfPoint } from './supplyOf';

type Hazard = (typeof HAZARDS)[number];
/** Rungs where something may hurt. */
export type CautionedRung = 'isolate' | 'wire' | 'mount';

interface HazardCaution {
  readonly words: (region: RegionPack) => Text;
  /** Where it bites. */
  readonly rungs: readonly CautionedRung[];
}

/** What was ticked as a hazard at Look, and where it comes back (domain/safety, cautions). */
export const HAZARD_CAUTIONS: Readonly<Record<Hazard, HazardCaution>> = {
  dog: { words: () => said('dogShutAway'), rungs: ['isolate', 'wire', 'mount'] },
  softGround: { words: () => said('ladderOnFirm'), rungs: ['wire', 'mount'] },
  overheadWires: { words: () => said('clearOfWires'), rungs: ['wire', 'mount'] },
  steepSteps: { words: () => said('platformForTwoHands'), rungs: ['isolate', 'wire', 'mount'] },
  traffic: { words: () => said('coneOffTraffic'), rungs: ['wire', 'mount'] },
  oldBoards: { words: ({ cautions }) => cautions.oldWalls, rungs: ['isolate', 'mount'] },
  oldPaint: { words: ({ cautions }) => cautions.oldWalls, rungs: ['mount'] },
  insects: { words: () => said('insectsInFixtures'), rungs: ['wire', 'mount'] },
};

/** Hazards of the site that bite at a rung, each once. */
export function hazardsAt(job: Job, rung: CautionedRung): readonly Text[] {
  const region = regionOf(job);
  const found = (job.site.hazards ?? []).filter((hazard) => HAZARD_CAUTIONS[hazard].rungs.includes(rung));
  const words = found.map((hazard) => HAZARD_CAUTIONS[hazard].words(region));
  return words.filter((one, i) => words.indexOf(one) === i);
}

/** What may hurt at one step, in a line or two; what touches nothing live has none of its own. */
export function stepCautions(job: Job, point: Point, { touches, role, energises, id }: Step): readonly Text[] {
  if (energises) return [said('everybodyClear')];
  if (touches !== 'mains') return [];
  if (role === 'proof') return [said('asIfLive')];
  const shared = circuitsOfPoint(job, point).some(({ sharedNeutral }) => sharedNeutral === 'yes');
  if (id.endsWith('neutral')) return [said(shared ? 'neverPartNeutral' : 'neutralOfItsHot')];
  if (id.endsWith('ground') || id.endsWith('earth')) return [said('neverGroundAsNeutral')];
  if (id.endsWith('hot')) return [said('hotsReadFirst')];
  return [said('lockAndTagGuard')];
}
