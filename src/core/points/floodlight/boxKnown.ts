import { said, type Text } from '../../said';
import {
  conductorLimit,
  loopedHot,
  smallestOf,
  strangeShare,
  wallFit,
  type SurveyedCable,
  type SurveyedConductor,
} from '../../junction';
import { regionPack } from '../../region';
import type { BoxKnown } from '../../wiring';
import { boxSurveyOf, conclusionsOf, conductorKey } from '../boxOf';
import { poseOf, type FixtureData } from './fixtureOf';
import type { Floodlight } from './floodlight';

/** Free length that is left after a conductor was cut back, m (6 in, domain/junction). */
const LEAST_FREE_M = 0.15;
/** Two conductors that are one stand at most so far apart, V. */
const ONE_VOLTS_MOST = 1;

interface Held {
  readonly id: string;
  readonly name: Text;
  readonly cable: SurveyedCable;
  readonly conductor: SurveyedConductor;
}

function conductorsAt(point: Floodlight): readonly Held[] {
  return boxSurveyOf(point).cables.flatMap((cable) =>
    cable.conductors.map((conductor) => ({
      id: conductorKey(cable.id, conductor.id),
      name: said('colourOfCable', { colour: said('wireColour', { colour: conductor.colour }), cable: cable.name }),
      cable,
      conductor,
    })),
  );
}

type Hots = BoxKnown['hots'][number];
const stateOf = (answer: 'yes' | 'no' | undefined): Hots['state'] =>
  answer === 'yes' ? 'one' : answer === 'no' ? 'apart' : 'open';

/** Hots that would meet in one splice: whether they are one, by test. What goes on from here, or down a loop, is no source. */
function hotsOf(point: Floodlight, all: readonly Held[]): readonly Hots[] {
  const survey = boxSurveyOf(point);
  const looped = loopedHot(survey);
  const ends = all.filter(({ cable, conductor }) => conductor.passes === null && cable.role !== 'secondCircuit');
  const sources = ends.filter(
    ({ cable, conductor }) =>
      conductor.carries === 'hot' && cable.role !== 'feedThrough' && looped?.conductor.id !== conductor.id,
  );
  const switched = ends.filter(({ conductor }) => conductor.carries === 'switched');
  const group = (held: readonly Held[], state: Hots['state']): readonly Hots[] =>
    held.length < 2 ? [] : [{ names: held.map(({ name }) => name), leads: held.map(({ id }) => id), state }];
  const between = sources.map(({ cable, conductor }) =>
    point.tests.flatMap(({ data }) =>
      data.test === 'fromHot' && data.cableId === cable.id && data.conductorId === conductor.id ? [data] : [],
    ),
  );
  const isApart = between.flat().some(({ value }) => value > ONE_VOLTS_MOST);
  // The first of them is what the others are read against, in every position of every switch
  const isRead =
    between.filter((tests) => ['allOn', 'allOff'].every((at) => tests.some(({ switches }) => switches === at)))
      .length >=
    sources.length - 1;
  const oneWay = stateOf(point.box.hotsOneWay);
  const hots = isApart || oneWay === 'apart' ? 'apart' : isRead && oneWay === 'one' ? 'one' : 'open';
  return [...group(sources, hots), ...group(switched, stateOf(point.box.oneSwitch))];
}

function protectionOf(point: Floodlight, all: readonly Held[]): BoxKnown['protection'] {
  const { ratedAmps, fedFrom } = point.box;
  if (ratedAmps === undefined) return null;
  const building = all.filter(
    ({ cable, conductor: { carries } }) =>
      cable.role !== 'secondCircuit' && (carries === 'hot' || carries === 'switched' || carries === 'neutral'),
  );
  const smallest = smallestOf(building.map((held) => ({ ...held, gauge: held.conductor.gauge })));
  return {
    amps: ratedAmps,
    // Behind a fused spur its fuse counts
    smallest:
      fedFrom === 'spur' || !smallest
        ? null
        : { id: smallest.id, name: smallest.name, ...conductorLimit(smallest.gauge) },
  };
}

/** What rules need of a box and nobody gave, most telling first. */
export function unaskedAt(
  point: Floodlight,
  known: Omit<BoxKnown, 'unasked'>,
  data: FixtureData | null,
): BoxKnown['unasked'] {
  const { box, cables, look } = point;
  const asks = (there: boolean, id: string, words: Text): BoxKnown['unasked'] => (there ? [] : [{ id, words }]);
  const byRule = regionPack(point.setting.region).boxRoom === 'us-314.16';
  const { byId } = conclusionsOf(point);
  // What a test found to be of no use here is known: it is capped, not joined
  const untested = conductorsAt(point).filter(
    ({ id, conductor }) =>
      conductor.carries === 'unknown' && conductor.passes === null && byId.get(id)?.state !== 'known',
  ).length;
  return [
    ...asks(known.bears !== null, 'bears', said('askBears')),
    ...asks(known.wetRated !== null, 'wetRated', said('askWetRated')),
    ...asks(!known.cure || box.setting !== undefined || data?.cure?.kind === 'deeper', 'setting', said('askSetting')),
    ...asks(look.mountedOn !== undefined, 'mountedOn', said('askMountedOn')),
    ...asks(box.standardBox !== undefined || box.markedIn3 !== undefined, 'boxVolume', said('askVolume')),
    ...asks(box.material !== undefined, 'boxMaterial', said('askMaterial')),
    ...asks(box.material !== 'metal' || box.bonded !== undefined, 'bonded', said('askBonded')),
    ...asks(!byRule || box.clamps !== undefined, 'clamps', said('askClamps')),
    ...asks(!byRule || box.fittings !== undefined, 'fittings', said('askFittings')),
    ...asks(box.recessM !== undefined, 'recessM', said('askRecess')),
    ...asks(cables.length > 0 && untested === 0, 'untested', said('askUntested', { untested })),
    ...asks(
      known.hots.every(({ state }) => state !== 'open'),
      'hots',
      said('askHotsOne'),
    ),
    ...asks(
      known.damaged.every(({ cutBack }) => cutBack !== null),
      'freeM',
      said('askFreeLength'),
    ),
    ...asks(known.protection !== null, 'ratedAmps', said('askRatedAmps', { spur: box.fedFrom === 'spur' })),
    ...asks(box.existingVa !== undefined, 'existingVa', said('askExistingVa')),
    ...asks(known.keptOutlet?.isProtected !== null, 'residual', said('askResidual')),
  ];
}

/** What was found of a floodlight’s box, for the rules. @param data what is to hang there, taken or looked at */
export function boxKnownOf(point: Floodlight, data: FixtureData | null): BoxKnown {
  const { box } = point;
  // Another box in its place is fixed to what bears, and bought for the wet
  const isNewBox = data?.cure?.kind === 'deeper';
  // A gasketed box over it keeps the old one dry
  const isSealedOver = data?.cure?.kind === 'surface' && data.cure.gasketed === 'yes';
  const all = conductorsAt(point);
  const { byId } = conclusionsOf(point);
  const nominalVolts = regionPack(point.setting.region).mains.nominalVolts;
  const known: Omit<BoxKnown, 'unasked'> = {
    protection: protectionOf(point, all),
    hots: hotsOf(point, all),
    switchedNeutrals: all.filter(({ id }) => {
      const conclusion = byId.get(id);
      return conclusion?.state === 'known' && conclusion.carries === 'switchedNeutral';
    }),
    strangeVolts: all.flatMap(({ id, name, cable, conductor }) => {
      const strange = point.tests.findLast(
        ({ data: test }) =>
          test.test === 'toGround' &&
          test.cableId === cable.id &&
          test.conductorId === conductor.id &&
          strangeShare(test.value / nominalVolts),
      );
      return strange ? [{ id, name, volts: strange.data.value }] : [];
    }),
    damaged: all.flatMap(({ id, name, conductor: { state, freeM } }) =>
      state === 'nicked' || state === 'brittle'
        ? [{ id, name, state, cutBack: freeM === null ? null : freeM >= LEAST_FREE_M }]
        : [],
    ),
    passingAluminium: all.flatMap(({ name, conductor }) =>
      conductor.passes !== null && conductor.metal === 'aluminium' ? [name] : [],
    ),
    keptOutlet:
      data?.feedId === 'outletKept'
        ? {
            isProtected: box.residual === undefined ? null : box.residual === 'yes',
            hasOwnBox: box.outletOwnBox === 'yes',
          }
        : null,
    bears: isNewBox ? 'yes' : (box.bears ?? null),
    wetRated: isNewBox || isSealedOver ? 'yes' : (box.wetRated ?? null),
    cure: data?.cure ? { name: data.cure.name, ...wallFit(data.cure, boxSurveyOf(point), true) } : null,
    pose: data && point.look.mountedOn !== undefined ? poseOf(point, data.fixture) : null,
  };
  return { ...known, unasked: unaskedAt(point, known, data) };
}
