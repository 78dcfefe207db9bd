// Over 300 lines: a table of boxes, each worked by hand with its verdict.
import { describe, expect, it } from 'vitest';
import { SHIPPED_CATALOGUE } from '../../catalogue';
import type { EntryData } from '../../kinds/register';
import { TestLog, asFloodlight } from '../../job/forTests';
import type { Severity } from '../../wiring';
import { assess } from '../doorbell/assessment';
import { findingsOf } from '../findings';
import { pointSteps } from '../planOf';
import { verdictOf } from '../verdict';
import { fixtureOptions, type FixturePicks } from './fixtureChoice';

// Boxes worked by hand from docs/domain/junction.md, each with its verdict and the rule that decides it.

type Conductor = NonNullable<NonNullable<EntryData<'cableDescribed'>['conductors']>[number]>;
type Function = NonNullable<Conductor['carries']>;
type Core = readonly [Function, Conductor['colour'], Partial<Conductor>?];

const core = ([carries, colour, more = {}]: Core, i: number): Conductor => {
  const { awg = 14, mm2, ...rest } = more;
  return {
    id: String(i + 1),
    ...(mm2 === undefined ? { awg } : { mm2 }),
    strands: 'solid',
    metal: 'copper',
    colour,
    carries,
    ...rest,
  };
};
interface Cable {
  readonly cores: readonly Core[];
  readonly role?: EntryData<'cableDescribed'>['role'];
}
interface Reading {
  readonly cable: number;
  readonly core: number;
  readonly test: EntryData<'conductorTested'>['test'];
  readonly switches?: 'allOn' | 'allOff';
  readonly value: number;
}

const FEED: Cable = {
  role: 'feed',
  cores: [
    ['hot', 'black'],
    ['neutral', 'white'],
    ['ground', 'bare'],
  ],
};
const awg = (size: number): Cable => ({ ...FEED, cores: FEED.cores.map(([a, b]) => [a, b, { awg: size }]) });
const mm2 = (size: number): Cable => ({
  role: 'feed',
  cores: [
    ['hot', 'brown', { mm2: size }],
    ['neutral', 'blue', { mm2: size }],
    ['ground', 'greenYellow', { mm2: size }],
  ],
});
const ONWARD: Cable = { ...FEED, role: 'feedThrough' };
const SECOND_FEED: Cable = { ...FEED, role: null };

/** A box of which everything was asked, and all of it is well. */
const WELL = {
  standardBox: 'oct-2-1-8',
  material: 'metal',
  bonded: 'yes',
  clamps: 'internal',
  fittings: 0,
  recessM: 0.002,
  setting: 'flush',
  wetRated: 'yes',
  fixedTo: 'stud',
  bears: 'yes',
  ahead: 'none',
  deviceIn: 'none',
  ratedAmps: 15,
  existingVa: 300,
} as const satisfies Omit<EntryData<'boxDescribed'>, 'boxId'>;
const BRITISH = { ...WELL, standardBox: undefined, markedIn3: 21, clamps: undefined, ratedAmps: 6 } as const;

interface Box {
  readonly region?: 'na-120' | 'gb-230';
  readonly box?: Partial<Record<keyof Omit<EntryData<'boxDescribed'>, 'boxId'>, unknown>>;
  readonly look?: Partial<EntryData<'pointDescribed'>>;
  readonly cables?: readonly Cable[];
  readonly readings?: readonly Reading[];
  readonly picks?: FixturePicks;
  readonly verdict: 'holds' | 'cannotTell' | 'fails';
  /** The rule that decides, and how it stands; null: no rule finds anything. */
  readonly by: readonly [rule: string, severity: Severity] | null;
}

const hotPair = (on: number, off: number): readonly Reading[] => [
  ...[1, 2].flatMap((cable) =>
    (['allOff', 'allOn'] as const).map((switches): Reading => ({
      cable,
      core: 1,
      test: 'toGround',
      switches,
      value: 121,
    })),
  ),
  { cable: 2, core: 1, test: 'fromHot', switches: 'allOn', value: on },
  { cable: 2, core: 1, test: 'fromHot', switches: 'allOff', value: off },
];

const BOXES: Readonly<Record<string, Box>> = {
  'one feed, all asked, all well': { verdict: 'holds', by: null },
  'a feed and what goes on from here': { cables: [FEED, ONWARD], verdict: 'holds', by: null },
  'a British one on 1.5 mm² behind 6 A': {
    region: 'gb-230',
    box: BRITISH,
    cables: [mm2(1.5)],
    verdict: 'holds',
    by: null,
  },
  '14 AWG behind 20 A': { box: { ratedAmps: 20 }, verdict: 'fails', by: ['conductorAmps', 'stop'] },
  '14 AWG behind 30 A': { box: { ratedAmps: 30 }, verdict: 'fails', by: ['conductorAmps', 'stop'] },
  '12 AWG behind 20 A': { box: { ratedAmps: 20 }, cables: [awg(12)], verdict: 'holds', by: null },
  '12 AWG behind 25 A': { box: { ratedAmps: 25 }, cables: [awg(12)], verdict: 'fails', by: ['conductorAmps', 'stop'] },
  '10 AWG behind 30 A': { box: { ratedAmps: 30 }, cables: [awg(10)], verdict: 'holds', by: null },
  '16 AWG behind 15 A': { cables: [awg(16)], verdict: 'fails', by: ['conductorAmps', 'stop'] },
  '12 AWG with one 14 AWG in it, behind 20 A': {
    box: { ratedAmps: 20 },
    cables: [awg(12), { ...ONWARD }],
    verdict: 'fails',
    by: ['conductorAmps', 'stop'],
  },
  '1.0 mm² behind 16 A': {
    region: 'gb-230',
    box: { ...BRITISH, ratedAmps: 16 },
    cables: [mm2(1)],
    verdict: 'fails',
    by: ['conductorAmps', 'stop'],
  },
  '1.5 mm² behind 16 A': {
    region: 'gb-230',
    box: { ...BRITISH, ratedAmps: 16 },
    cables: [mm2(1.5)],
    verdict: 'holds',
    by: null,
  },
  '1.5 mm² behind 20 A': {
    region: 'gb-230',
    box: { ...BRITISH, ratedAmps: 20 },
    cables: [mm2(1.5)],
    verdict: 'fails',
    by: ['conductorAmps', 'stop'],
  },
  '2.5 mm² in a 32 A ring': {
    region: 'gb-230',
    box: { ...BRITISH, ratedAmps: 32 },
    cables: [mm2(2.5)],
    verdict: 'holds',
    by: ['conductorAmps', 'worry'],
  },
  '1.0 mm² behind a spur’s 13 A fuse: the fuse counts': {
    region: 'gb-230',
    box: { ...BRITISH, ratedAmps: 13, fedFrom: 'spur' },
    cables: [mm2(1)],
    verdict: 'holds',
    by: null,
  },
  'a breaker whose rating nobody read': {
    box: { ratedAmps: undefined },
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'a circuit of which nobody said what hangs on it': {
    box: { existingVa: undefined },
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'clamps that nobody looked for': { box: { clamps: undefined }, verdict: 'cannotTell', by: ['notChecked', 'open'] },
  'studs that nobody looked for': { box: { fittings: undefined }, verdict: 'cannotTell', by: ['notChecked', 'open'] },
  'a rim that nobody measured': { box: { recessM: undefined }, verdict: 'cannotTell', by: ['notChecked', 'open'] },
  'a box of which nobody said what it is': {
    box: { standardBox: undefined },
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'a material that nobody named': {
    box: { material: undefined, bonded: undefined },
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'metal of which nobody knows whether it is grounded': {
    box: { bonded: undefined },
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'a weight that nobody tried': { box: { bears: undefined }, verdict: 'cannotTell', by: ['notChecked', 'open'] },
  'a box that does not bear it': { box: { bears: 'no' }, verdict: 'fails', by: ['bears', 'stop'] },
  'a box of which nobody knows whether it is for the wet': {
    box: { wetRated: undefined },
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'a box that is not for the wet': {
    box: { wetRated: 'no' },
    picks: { cureId: null },
    verdict: 'fails',
    by: ['wetRated', 'stop'],
  },
  'a camera for walls under an eave': {
    look: { mountedOn: 'eave' },
    picks: { fixtureId: 'twin-wall' },
    verdict: 'fails',
    by: ['poseFits', 'stop'],
  },
  'a pancake box': {
    box: { standardBox: 'pancake' },
    picks: { cureId: null },
    verdict: 'fails',
    by: ['boxRoom', 'stop'],
  },
  'a pancake box with a ring that lets rain in': {
    box: { standardBox: 'pancake' },
    picks: { cureId: 'ring-round' },
    verdict: 'fails',
    by: ['cureFits', 'stop'],
  },
  'a pancake box with a gasketed ring, out of the wall': {
    box: { standardBox: 'pancake' },
    picks: { cureId: 'ring-wet' },
    verdict: 'holds',
    by: ['cureFits', 'remark'],
  },
  'a ring on a box that may be flush or not': {
    box: { standardBox: 'pancake', setting: undefined },
    picks: { cureId: 'ring-wet' },
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'a box not for the wet, with a sealed one over it': {
    box: { wetRated: 'no' },
    picks: { cureId: 'wet-surface' },
    verdict: 'holds',
    by: ['cureFits', 'remark'],
  },
  'a circuit that is full': { box: { existingVa: 1790 }, verdict: 'fails', by: ['circuitRoom', 'stop'] },
  'a circuit that is over what may be on for hours': {
    box: { existingVa: 1430 },
    verdict: 'holds',
    by: ['circuitRoom', 'worry'],
  },
  'one conductor that nobody tested': {
    cables: [FEED, { role: null, cores: [['unknown', 'red']] }],
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'two hots that nobody read against each other': {
    cables: [FEED, SECOND_FEED],
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'two hots that are one, on one breaker': {
    cables: [FEED, SECOND_FEED],
    readings: hotPair(0, 0),
    box: { hotsOneWay: 'yes' },
    verdict: 'holds',
    by: null,
  },
  'two hots with nothing between them, on two breakers': {
    cables: [FEED, SECOND_FEED],
    readings: hotPair(0, 0),
    box: { hotsOneWay: 'no' },
    verdict: 'fails',
    by: ['hotsApart', 'stop'],
  },
  'two hots with nothing between them, and nobody dropped the breaker': {
    cables: [FEED, SECOND_FEED],
    readings: hotPair(0, 0),
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'two hots with 240 V between them: two legs': {
    cables: [FEED, SECOND_FEED],
    // The other leg is capped, not joined: what is left is one feed
    readings: hotPair(242, 242),
    verdict: 'holds',
    by: null,
  },
  'two switched conductors, of one switch or two': {
    cables: [
      FEED,
      {
        role: 'switchLeg',
        cores: [
          ['switched', 'black'],
          ['switched', 'red'],
        ],
      },
    ],
    box: { ahead: 'switch' },
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'two switched conductors of two switches': {
    cables: [
      FEED,
      {
        role: 'switchLeg',
        cores: [
          ['switched', 'black'],
          ['switched', 'red'],
        ],
      },
    ],
    box: { ahead: 'switch', oneSwitch: 'no' },
    verdict: 'fails',
    by: ['hotsApart', 'stop'],
  },
  'a live bare conductor': {
    cables: [
      {
        role: 'feed',
        cores: [
          ['hot', 'bare'],
          ['neutral', 'white'],
          ['ground', 'green'],
        ],
      },
    ],
    verdict: 'fails',
    by: ['liveBare', 'stop'],
  },
  'a green one used as a neutral': {
    cables: [
      {
        role: 'feed',
        cores: [
          ['hot', 'black'],
          ['neutral', 'green'],
          ['ground', 'bare'],
        ],
      },
    ],
    verdict: 'fails',
    by: ['liveBare', 'stop'],
  },
  'a white one that is hot: marked, and well': {
    cables: [
      {
        role: 'feed',
        cores: [
          ['hot', 'white'],
          ['neutral', 'grey'],
          ['ground', 'bare'],
        ],
      },
    ],
    verdict: 'holds',
    by: null,
  },
  '277 V in a house of 120 V': {
    cables: [FEED, { role: null, cores: [['unknown', 'orange']] }],
    readings: [{ cable: 2, core: 1, test: 'toGround', switches: 'allOn', value: 277 }],
    verdict: 'fails',
    by: ['voltsFit', 'stop'],
  },
  'a ground that comes with the second circuit only': {
    cables: [
      {
        role: 'feed',
        cores: [
          ['hot', 'black'],
          ['neutral', 'white'],
        ],
      },
      {
        role: 'secondCircuit',
        cores: [
          ['hot', 'red'],
          ['neutral', 'white'],
          ['ground', 'bare'],
        ],
      },
    ],
    verdict: 'holds',
    by: ['groundOfOther', 'worry'],
  },
  'a nicked conductor with length to cut it back': {
    cables: [
      {
        role: 'feed',
        cores: [
          ['hot', 'black', { state: 'nicked', freeM: 0.2 }],
          ['neutral', 'white'],
          ['ground', 'bare'],
        ],
      },
    ],
    verdict: 'holds',
    by: ['conductorState', 'worry'],
  },
  'a brittle conductor that is short': {
    cables: [
      {
        role: 'feed',
        cores: [
          ['hot', 'black', { state: 'brittle', freeM: 0.08 }],
          ['neutral', 'white'],
          ['ground', 'bare'],
        ],
      },
    ],
    verdict: 'fails',
    by: ['conductorState', 'stop'],
  },
  'a nicked conductor that nobody measured': {
    cables: [
      {
        role: 'feed',
        cores: [
          ['hot', 'black', { state: 'nicked' }],
          ['neutral', 'white'],
          ['ground', 'bare'],
        ],
      },
    ],
    verdict: 'cannotTell',
    by: ['notChecked', 'open'],
  },
  'aluminium that is joined here': {
    cables: [{ ...FEED, cores: FEED.cores.map(([a, b]) => [a, b, { metal: 'aluminium' }]) }],
    verdict: 'fails',
    by: ['aluminium', 'stop'],
  },
  'aluminium that only passes': {
    cables: [FEED, { role: null, cores: [['unknown', 'black', { metal: 'aluminium', passes: 'through', awg: 10 }]] }],
    verdict: 'holds',
    by: ['aluminiumPasses', 'remark'],
  },
  'an outlet kept in the camera’s own opening': {
    box: { deviceIn: 'outlet', residual: 'yes', standardBox: 'sq-4-11-16-2-1-8', markedIn3: 42 },
    picks: { feedId: 'outletKept' },
    verdict: 'fails',
    by: ['oneDevice', 'stop'],
  },
  'an outlet kept in a box of its own, without protection': {
    box: { deviceIn: 'outlet', residual: 'no', outletOwnBox: 'yes', standardBox: 'sq-4-11-16-2-1-8', markedIn3: 42 },
    picks: { feedId: 'outletKept' },
    verdict: 'holds',
    by: ['outletProtection', 'worry'],
  },
};

function boxOf({ region = 'na-120', box = {}, look = {}, cables = [FEED], readings = [], picks = {} }: Box): TestLog {
  const said = Object.fromEntries(Object.entries({ ...WELL, ...box }).filter(([, value]) => value !== undefined));
  const log = new TestLog()
    .write('siteDescribed', { region, colourEra: 'now' })
    .write('pointAdded', { pointId: 'p', pointKind: 'floodlight', name: 'Yard', boxId: 'b' })
    .write('pointDescribed', {
      pointId: 'p',
      oldFixture: 'lamp',
      mountedOn: 'wall',
      fixtureHeightM: 2.8,
      wall: 'brick',
      ...look,
    })
    .write('boxDescribed', { boxId: 'b', ...said });
  cables.forEach(({ cores, role = null }, i) =>
    log.write('cableDescribed', { boxId: 'b', cableId: `k${i + 1}`, role, conductors: cores.map(core) }),
  );
  for (const { cable, core: at, ...reading } of readings)
    log.write('conductorTested', { boxId: 'b', cableId: `k${cable}`, conductorId: String(at), ...reading });
  if (cables.some(({ role }) => role === 'secondCircuit'))
    for (const [circuitId, way] of [
      ['c1', '4'],
      ['c2', '6'],
    ] as const)
      log.write('circuitListed', { circuitId, way, feeds: ['p'] });
  const { data } = fixtureOptions(asFloodlight(log.point), SHIPPED_CATALOGUE, { fixtureId: 'twin-wall', ...picks });
  if (!data) throw new Error('no choice');
  return log.write('fixtureChosen', data);
}

describe('cures of a box without room', () => {
  it('name another camera that fits it as it is, where one does', () => {
    const camerasAt = (markedIn3: number) => {
      const { point } = boxOf({ box: { markedIn3 }, picks: { cureId: null }, verdict: 'fails', by: null });
      const { cures } = fixtureOptions(asFloodlight(point), SHIPPED_CATALOGUE, {
        fixtureId: 'twin-wall',
        cureId: null,
      });
      return cures.filter(({ id }) => id.startsWith('camera-')).map(({ id, room }) => [id, room.fits]);
    };
    // 2 × 14 AWG, clamps, grounds: 8 in³; the leads of a flat canopy count 3 more, those of a domed one none
    expect(camerasAt(8)).toEqual([['camera-twin-eave', true]]);
    expect(camerasAt(10.5)).toEqual([['camera-twin-eave', true]]);
    expect(camerasAt(7.5)).toEqual([]);
    expect(camerasAt(11)).toEqual([]);
  });
});

describe('a bare conductor that is live', () => {
  it('is never marked as a hot', () => {
    const bare = BOXES['a live bare conductor'];
    const white = BOXES['a white one that is hot: marked, and well'];
    if (!bare || !white) throw new Error('two boxes');
    const marks = (box: Box) => pointSteps(boxOf(box).point).some(({ id }) => id === 'box-mark');
    expect(marks(bare)).toBe(false);
    expect(marks(white)).toBe(true);
  });
});

describe('a box worked by hand', () => {
  it('stands for more than forty', () => expect(Object.keys(BOXES).length).toBeGreaterThanOrEqual(40));
  for (const [name, box] of Object.entries(BOXES))
    it(`${name}: ${box.verdict}`, () => {
      const { job, point } = boxOf(box);
      const { planned } = findingsOf(job, point);
      const told = planned.filter(({ severity }) => severity !== 'remark' || box.by?.[1] === 'remark');
      expect(verdictOf(job, point, assess(job, point))?.word).toBe(box.verdict);
      if (box.by === null) expect(told.map(({ rule, severity }) => [rule, severity])).toEqual([]);
      else expect(told.map(({ rule, severity }) => [rule, severity])).toContainEqual([...box.by]);
    });
});
