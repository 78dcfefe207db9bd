import { said, type Text } from '../../said';
import type { Connector } from '../../catalogue';
import {
  AHEAD_M,
  boxRoom,
  circuitLoad,
  fixturePlan,
  hangingPose,
  hangingScrews,
  lookDownDeg,
  splicesOf,
  standardBox,
  tooBigForBag,
  type Added,
  type BoxRoom,
  type BoxSurvey,
  type HangingPose,
  type HangingScrews,
  type LoadJudged,
  type Splice,
} from '../../junction';
import { regionPack } from '../../region';
import { WIRE_COLOURS, type WireColour, type WiringPlan } from '../../wiring';
import { boxSurveyOf } from '../boxOf';
import type { Floodlight } from './floodlight';
import { openingOf } from './opening';
import type { EntryData } from '../../kinds/register';
import { awgToMm2 } from '../../circuit';

export type FixtureData = EntryData<'fixtureChosen'>;

/** A floodlight’s plan with all that follows from it. */
export interface FixtureStanding {
  readonly plan: WiringPlan;
  readonly splices: readonly Splice[];
  readonly room: BoxRoom | null;
  readonly load: LoadJudged | null;
  /** Splices that the connector of the bag does not hold. */
  readonly notByBag: readonly Splice[];
}

/** Cable that is pulled anew. */
const NEW_CABLE_MM2 = { awg: awgToMm2(14), mm2: 1.5 } as const;

/** How a splice is made, in words for the ladder. */
export function spliceHow({ connector, leads, doubled, ahead, problem }: Splice, taped: boolean): Text {
  if (!connector) return problem ?? '';
  const turn =
    connector.kind === 'twistOn'
      ? said('twistUntilFirm')
      : connector.kind === 'lever'
        ? said('leversDown')
        : said('pushHome');
  return said('together', {
    sentences: [
      said('connectorHolds', { connector: connector.name, conductors: leads.length }),
      ...(ahead.length > 0
        ? [said('laidAhead', { ahead: ahead.map(({ name }) => name), aheadMm: AHEAD_M * 1000 })]
        : []),
      ...(doubled.length > 0 ? [said('foldedDouble', { doubled: doubled.map(({ name }) => name) })] : []),
      turn,
      ...(taped ? [said('tapeOverOnce')] : []),
    ],
  });
}

/** Screws of the bar and the plate for a box, from an assortment. */
export function screwsFor(
  point: Floodlight,
  fixture: { readonly plateM: number; readonly gasketM: number },
  { barM, barThread, cure }: Pick<FixtureData, 'barM' | 'barThread' | 'cure'>,
  assortment: Parameters<typeof hangingScrews>[1],
): HangingScrews {
  const survey = boxSurveyOf(point);
  const pack = regionPack(point.setting.region);
  return hangingScrews(
    {
      // A ring comes out to the wall
      gapM: Math.max(0, survey.recessM - (cure?.kind === 'ring' ? cure.depthM : 0)),
      barM,
      plateM: fixture.plateM,
      gasketM: fixture.gasketM,
      boxDepthM: survey.depthM,
      boxThread:
        point.box.thread ?? standardBox(point.box.standardBox)?.thread ?? (pack.gauge === 'awg' ? '8-32' : 'M3.5'),
      barThread,
    },
    assortment,
  );
}

/** Whether camera and sensor can be as they should where it hangs; a post is a wall. */
export const poseOf = (point: Floodlight, fixture: Parameters<typeof hangingPose>[0]): HangingPose =>
  hangingPose(
    fixture,
    point.look.mountedOn === 'eave' ? 'eave' : 'wall',
    lookDownDeg(point.look.fixtureHeightM ?? USUAL_HEIGHT_M),
  );
/** Usual height of a floodlight camera, m (domain/mount). */
const USUAL_HEIGHT_M = 2.85;

const UP_WORDS = {
  arrowUp: said('arrowUp'),
  arrowDown: said('arrowDown'),
  openingUp: said('openingUp'),
} as const;

/** Which way up the plate goes, and where its water leaves. */
export const plateWords = (point: Floodlight, upMark: keyof typeof UP_WORDS): Text =>
  said('together', {
    sentences: [UP_WORDS[upMark], point.look.mountedOn === 'eave' ? said('drainHoleLowest') : said('drainHoleDown')],
  });

/** What is put into the box beside what was found. */
function addedOf(
  point: Floodlight,
  { fixture, feedId }: Pick<FixtureData, 'fixture' | 'feedId'>,
  { planned }: WiringPlan,
  splices: readonly Splice[],
): Added {
  const pack = regionPack(point.setting.region);
  return {
    leads: [{ mm2: fixture.leadMm2 }, { mm2: fixture.leadMm2 }],
    groundMm2: fixture.grounded ? [fixture.leadMm2] : [],
    from: 'canopy',
    canopy: fixture.canopy,
    newCableMm2: feedId === 'newCable' ? NEW_CABLE_MM2[pack.gauge] : null,
    keepsOutlet: feedId === 'outletKept',
    pigtails: planned.leads.filter(({ pigtail }) => pigtail).length,
    connectorsCm3: splices
      .filter(({ joint }) => joint.place === 'box')
      .reduce((sum, { connector }) => sum + (connector?.volumeCm3 ?? 0), 0),
  };
}

/** How much room a cure gives beside the box itself. */
const moreRoom = ({ cure }: Pick<FixtureData, 'cure'>, { volumeIn3 }: BoxSurvey): number =>
  cure === null ? 0 : cure.kind === 'deeper' ? cure.volumeIn3 - (volumeIn3 ?? 0) : cure.volumeIn3;

/** The load of the point’s circuit with the fixture on it; null where its breaker or fuse is not known. */
export function loadOf(
  point: Floodlight,
  fixture: { readonly lampVa: number; readonly cameraVa: number },
): LoadJudged | null {
  const { ratedAmps, existingVa, fedFrom } = point.box;
  if (ratedAmps === undefined) return null;
  return circuitLoad({
    existingVa: existingVa ?? 0,
    lampVa: fixture.lampVa,
    cameraVa: fixture.cameraVa,
    volts: regionPack(point.setting.region).mains.nominalVolts,
    by: fedFrom === 'spur' ? 'fuse' : 'breaker',
    ratedAmps,
  });
}

/** Words of the bar’s and the plate’s steps. */
function hangingWords(point: Floodlight, data: FixtureData): { readonly bar: Text; readonly plate: Text } {
  const named = (screw: FixtureData['barScrew'], neededM: number): Text =>
    screw ? screw.name : said('leastBought', { neededM });
  const needed = screwsFor(point, data.fixture, data, []);
  return {
    bar: said('screwsFiveTurns', { named: named(data.barScrew, needed.barToBox.neededM) }),
    plate: said('screwsGasketLevel', {
      named: named(data.plateScrew, needed.plateToBar.neededM),
      plate: plateWords(point, data.fixture.upMark),
    }),
  };
}

/** Colours of a fixture’s leads as it is sold at the place. */
function fixtureColours({ setting }: Floodlight): Readonly<Record<'hot' | 'neutral' | 'ground', WireColour>> {
  const { fixture } = regionPack(setting.region).colours;
  const known = (colour: string): WireColour => WIRE_COLOURS.find((one) => one === colour) ?? 'cloth';
  return { hot: known(fixture.hot), neutral: known(fixture.neutral), ground: known(fixture.ground) };
}

/** Connectors to bring, by how many of each. */
export function connectorCounts(splices: readonly Splice[]): readonly string[] {
  const counts = new Map<string, number>();
  for (const { connector } of splices) if (connector) counts.set(connector.name, (counts.get(connector.name) ?? 0) + 1);
  return [...counts].map(([name, count]) => `${count} × ${name}`);
}

/** Works out a floodlight’s plan for a choice, taken or only looked at. */
export function fixtureStanding(point: Floodlight, data: FixtureData): FixtureStanding {
  const survey = boxSurveyOf(point);
  const { policy, region } = point.setting;
  const connectors: readonly Connector[] = [...data.connectors].sort(
    (a, b) => a.volumeCm3 - b.volumeCm3 || a.cost - b.cost,
  );
  const words = hangingWords(point, data);
  const base = {
    fixture: { ...data.fixture, colours: fixtureColours(point) },
    feedId: data.feedId,
    groundId: data.groundId,
    cure: data.cure?.name ?? null,
    energise: policy.energise === 'beforeClosing',
    barHow: words.bar,
    plateHow: words.plate,
    opening: openingOf(point),
  };
  // What holds a splice is known once it is planned; then its step can say it
  const first = fixturePlan(survey, { ...base, spliceHow: () => null, vanHow: '' });
  const splices = splicesOf(first.planned, connectors);
  const bag = connectors.find(({ id }) => id === data.fixture.bagConnector) ?? null;
  const notByBag = tooBigForBag(splices, bag);
  const plan = fixturePlan(survey, {
    ...base,
    spliceHow: (carries) => {
      const splice = splices.find(
        ({ joint, leads }) => joint.place === 'box' && leads.some((lead) => lead.id === `fixture.${carries}`),
      );
      if (!splice) return null;
      return { words: spliceHow(splice, policy.connectors === 'taped'), stripM: splice.connector?.stripM ?? 0 };
    },
    vanHow: vanWords(notByBag, bag),
  });
  return {
    plan,
    splices,
    room: boxRoom(survey, addedOf(point, data, first, splices), regionPack(region).boxRoom, moreRoom(data, survey)),
    load: loadOf(point, data.fixture),
    notByBag,
  };
}

/** A connector of the bag that is too small is named at the van. */
function vanWords(notByBag: readonly Splice[], bag: Connector | null): Text {
  if (notByBag.length === 0) return said('connectorsBagHold');
  const which = notByBag.map(({ joint, leads }) => said('spliceOf', { joint: joint.name, conductors: leads.length }));
  return said('bring', {
    bag: bag ? said('bagsConnectorToo', { bag: bag.name, which }) : said('noneComesBag', { which }),
    connectorCounts: connectorCounts(notByBag),
  });
}

const standings = new WeakMap<Floodlight, FixtureStanding>();

/** What follows from a floodlight’s taken choice; null without one. Points never change: it is worked out once for each. */
export function fixtureOf(point: Floodlight): FixtureStanding | null {
  if (!point.fixture) return null;
  const known = standings.get(point) ?? fixtureStanding(point, point.fixture.data);
  standings.set(point, known);
  return known;
}

/** {@link addedOf} for a plan: what the cures of its room are worked out for. */
export const addedFor = (point: Floodlight, data: FixtureData, { plan, splices }: FixtureStanding): Added =>
  addedOf(point, data, plan, splices);
