import { said, type Text } from '../said';
import {
  concludeBox,
  standardBox,
  type BoxConclusions,
  type BoxSurvey,
  type ConcludedFunction,
  type Conclusion,
  type ConductorFunction,
  type ConductorTestId,
  type SurveyedCable,
  type TestedConductor,
} from '../junction';
import { regionPack } from '../region';
import { type WireColour } from '../wiring';
import type { ListedCable } from '../house/things';
import type { PlanSetting, PointView } from './pointView';

/** Id of a conductor over all cables of a box. */
export const conductorKey = (cableId: string, conductorId: string): string => `${cableId}.${conductorId}`;

/** The cable and conductor that a key names; null where neither is there. */
export const conductorOf = (
  { cables }: PointView,
  key: string,
): { readonly cableId: string; readonly conductorId: string } | null =>
  cables
    .flatMap(({ id: cableId, facts }) =>
      (facts.conductors ?? []).map(({ id: conductorId }) => ({ cableId, conductorId })),
    )
    .find(({ cableId, conductorId }) => conductorKey(cableId, conductorId) === key) ?? null;

/** Name of a cable: its own, else its number. */
export const cableName = ({ cables }: PointView, { id, facts }: ListedCable): Text =>
  facts.name ?? said('cable', { findIndex: cables.findIndex((one) => one.id === id) + 1 });

/** What a colour claims at this house. Where the era is not sure it claims only what both agree on. */
export function claimOf({ region, era }: PlanSetting, colour: WireColour): 'hot' | 'neutral' | 'ground' | null {
  const { now, old } = regionPack(region).colours.claims;
  if (era === 'old') return old[colour] ?? null;
  if (era === 'unsure') return now[colour] === old[colour] ? (now[colour] ?? null) : null;
  return now[colour] ?? null;
}

/** Every conductor with the readings at it. */
function testedConductors(point: PointView): readonly TestedConductor[] {
  return point.cables.flatMap((cable) =>
    (cable.facts.conductors ?? [])
      .filter(({ passes }) => passes === undefined)
      .map(({ id, colour }) => ({
        id: conductorKey(cable.id, id),
        name: said('colourOf', { colour: said('wireColour', { colour }), cableName: cableName(point, cable) }),
        colour,
        tests: point.tests
          .filter(({ data }) => data.cableId === cable.id && data.conductorId === id)
          .map(({ data }) => ({ test: data.test, switches: data.switches ?? null, value: data.value })),
      })),
  );
}

/** What the readings say, conductor by conductor, and which test comes next. What was said to be found by test is not asked again. */
export function conclusionsOf(point: PointView): BoxConclusions {
  const all = concludeBox(testedConductors(point), regionPack(point.setting.region).mains.nominalVolts);
  const byTest = new Set(
    point.cables.flatMap((cable) =>
      (cable.facts.conductors ?? []).flatMap(({ id, carries }) =>
        carries !== undefined && carries !== 'unknown' ? [conductorKey(cable.id, id)] : [],
      ),
    ),
  );
  if (byTest.size === 0) return all;
  const open = testedConductors(point).filter(({ id, tests }) => !byTest.has(id) || tests.length > 0);
  const { next } = concludeBox(open, regionPack(point.setting.region).mains.nominalVolts);
  return { byId: all.byId, next };
}

/** A conclusion as the function that a plan may use; what is of no use is not known. */
function functionOf(conclusion: Conclusion | undefined): ConductorFunction | null {
  if (conclusion?.state !== 'known') return null;
  switch (conclusion.carries) {
    case 'hot':
    case 'switched':
    case 'neutral':
    case 'ground':
    case 'spare':
      return conclusion.carries;
    case 'sharedNeutral':
      return 'neutral';
    case 'otherHot':
    case 'foreign':
    case 'badGround':
    case 'switchedNeutral':
      return null;
  }
}

function surveyedCable(point: PointView, cable: ListedCable, { byId }: BoxConclusions): SurveyedCable {
  return {
    id: cable.id,
    name: cableName(point, cable),
    role: cable.facts.role ?? null,
    conductors: (cable.facts.conductors ?? []).map((one) => {
      const conclusion = byId.get(conductorKey(cable.id, one.id));
      const begun = conclusion !== undefined && conclusion.state !== 'open';
      return {
        id: one.id,
        gauge: one.awg === undefined ? { mm2: one.mm2 ?? 1 } : { awg: one.awg },
        strands: one.strands,
        metal: one.metal,
        colour: one.colour,
        claims: claimOf(point.setting, one.colour),
        carries: (begun ? functionOf(conclusion) : one.carries) ?? 'unknown',
        state: one.state ?? 'good',
        passes: one.passes ?? null,
        freeM: one.freeM ?? null,
      };
    }),
  };
}

/** Edition of NEC that counts where the site names none. */
const LATEST_EDITION = 2023;

/** The box of a point as it was found: by its table, its mark, and the tests. */
export function boxSurveyOf(point: PointView): BoxSurvey {
  const { box, look } = point;
  const standard = standardBox(box.standardBox);
  const conclusions = conclusionsOf(point);
  return {
    edition: box.edition ?? LATEST_EDITION,
    volumeIn3: box.markedIn3 ?? standard?.volumeIn3 ?? null,
    shape: box.shape ?? standard?.shape ?? null,
    depthM: box.depthM ?? standard?.depthM ?? null,
    material: box.material ?? null,
    recessM: box.recessM ?? 0,
    setting: box.setting ?? null,
    clamps: box.clamps ?? 'none',
    fittings: box.fittings ?? 0,
    deviceIn: box.deviceIn ?? 'none',
    bonded: box.bonded === 'yes',
    ahead: box.ahead ?? (look.oldFixture === 'sensorLight' ? 'sensor' : 'none'),
    fedFrom: box.fedFrom ?? 'circuit',
    residual: box.residual === 'yes',
    oldFixture: point.boxHeld ?? 'nothing',
    oldGrounded: box.oldGrounded !== 'no',
    cables: point.cables.map((cable) => surveyedCable(point, cable, conclusions)),
  };
}

/** Conductors that the tests found to carry something, by their names. */
const carrying = (point: PointView, carries: ConcludedFunction): readonly Text[] => {
  const { byId } = conclusionsOf(point);
  return testedConductors(point).flatMap(({ id, name }) => {
    const conclusion = byId.get(id);
    return conclusion?.state === 'known' && conclusion.carries === carries ? [name] : [];
  });
};

/** A neutral that another circuit uses too, by its own test. */
export const sharedNeutrals = (point: PointView): readonly Text[] => carrying(point, 'sharedNeutral');
/** A hot of another leg or way, by test. */
export const otherHots = (point: PointView): readonly Text[] => carrying(point, 'otherHot');

/** What the tests found that cannot be used as it is, in words. */
export function boxDoubts(point: PointView): readonly Text[] {
  const { byId } = conclusionsOf(point);
  return testedConductors(point).flatMap(({ id, name }): readonly Text[] => {
    const conclusion = byId.get(id);
    if (conclusion?.state === 'contradicts') return [said('contradictsAt', { name, why: conclusion.words })];
    if (conclusion?.state !== 'known') return [];
    switch (conclusion.carries) {
      case 'sharedNeutral':
        return [said('neutralAnotherCircuit', { name })];
      case 'foreign':
        return [said('noNeutralCircuit', { name })];
      case 'switchedNeutral':
        return [said('neutralSwitchedAt', { name })];
      case 'badGround':
        return [said('leadsGroundBadly', { name })];
      case 'otherHot':
        return [said('hotAnotherLeg', { name })];
      default:
        return [];
    }
  });
}

/** Which readings each conductor of a box rests on, by its key: the last of each test. One that was only told rests on that. */
export function testBasis(point: PointView): ReadonlyMap<string, Text> {
  return new Map(
    point.cables.flatMap((cable) =>
      (cable.facts.conductors ?? []).flatMap(({ id, carries }) => {
        const read = new Map<
          string,
          { readonly test: ConductorTestId; readonly value: number; readonly on: boolean | null }
        >();
        for (const { data } of point.tests)
          if (data.cableId === cable.id && data.conductorId === id)
            read.set(`${data.test} ${data.switches ?? ''}`, {
              test: data.test,
              value: data.value,
              on: data.switches === undefined ? null : data.switches === 'allOn',
            });
        const words =
          read.size > 0
            ? said('restsOnTests', {
                readings: [...read.values()].map(({ test, value, on }) => said('readingAt', { test, value, on })),
              })
            : carries !== undefined && carries !== 'unknown'
              ? said('restsOnWord')
              : null;
        return words ? [[conductorKey(cable.id, id), words] as const] : [];
      }),
    ),
  );
}
