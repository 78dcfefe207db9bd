import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { betweenPart, chimePart, doorPart, transformerPart } from '../bellParts';
import { OLD_DEVICE, ORDINARY_BELL, foundBell } from '../foundBell';
import { bondedPart, capAt, fixturePart, pigtail, spliceAt, spurPart, switchPart } from '../mainsParts';
import { applyMoves, type Move } from '../move';
import { EMPTY_WIRING, type Lead, type Wiring } from '../wiring';
import { RULES, checkWiring, compareFindings } from './checkWiring';
import { BARE_CONTEXT, type BoxKnown, type RuleContext } from './rule';

const house = (id: string, carries: Lead['carries'], to: string | null, circuit = 'A'): Lead => ({
  id,
  name: id,
  carries,
  from: null,
  to,
  house: { circuit, beyond: 'supply' },
});
const onward = (id: string, carries: Lead['carries'], to: string): Lead => ({
  ...house(id, carries, to),
  house: { circuit: 'A', beyond: 'onward' },
});

/** A metal box with one feed, a fixture on its plate, everything joined as it should be. */
const SOUND: readonly Move[] = [
  ...(['hot', 'neutral', 'ground'] as const).flatMap((one): readonly Move[] => [
    { do: 'splice', joint: spliceAt(`splice.${one}`, 'box', one) },
    { do: 'lay', leads: [house(`feed.${one}`, one, `splice.${one}`)] },
  ]),
  { do: 'add', part: bondedPart('box', 'box', 'ground screw') },
  { do: 'add', part: bondedPart('plate', 'plate', 'green screw') },
  { do: 'add', part: fixturePart('fixture', 'fixture', {}) },
  ...(['hot', 'neutral', 'ground'] as const).map((one): Move => ({
    do: 'on',
    lead: `fixture.${one}`,
    joint: `splice.${one}`,
  })),
  ...(['box', 'plate'] as const).flatMap((one): readonly Move[] => [
    { do: 'lay', leads: [pigtail(`${one}.pigtail`, `${one}’s pigtail`, 'ground', undefined)] },
    { do: 'on', lead: `${one}.pigtail`, joint: `${one}.ground` },
    { do: 'on', lead: `${one}.pigtail`, joint: 'splice.ground' },
  ]),
];
const sound = (...more: readonly Move[]): Wiring => applyMoves(EMPTY_WIRING, [...SOUND, ...more]);
const off = (lead: string, joint: string): Move => ({ do: 'off', lead, joint });
const on = (lead: string, joint: string): Move => ({ do: 'on', lead, joint });

/** The hot comes through something in the wall instead of straight. */
const through = (part: ReturnType<typeof switchPart>): readonly Move[] => [
  { do: 'add', part },
  { do: 'pull', lead: 'feed.hot' },
  { do: 'lay', leads: [house('before', 'hot', `${part.id}.in`)] },
  {
    do: 'lay',
    leads: [{ id: 'leg', name: 'leg', carries: 'hot', from: `${part.id}.out`, to: 'splice.hot' }],
  },
];

/** An ordinary point with its doorbell in the place of the button. */
const bell = (...moves: readonly Move[]): Wiring =>
  applyMoves(foundBell({ ...ORDINARY_BELL, door: OLD_DEVICE }), moves);
const across = (one: string, other: string): readonly Move[] => [
  {
    do: 'add',
    part: betweenPart({ id: 'm', name: 'module', place: 'chime', kind: 'shunt', ohms: 1, leads: ['lead', 'other'] }),
  },
  on('m.a', one),
  on('m.b', other),
];

/** A box of which everything was asked, and all of it is well. */
const BOX: BoxKnown = {
  protection: { amps: 15, smallest: null },
  hots: [],
  switchedNeutrals: [],
  strangeVolts: [],
  damaged: [],
  passingAluminium: [],
  keptOutlet: null,
  bears: 'yes',
  wetRated: 'yes',
  cure: null,
  pose: null,
  unasked: [],
};

/** For each rule a wiring, or what is known beside it, that it finds fault with. */
const CASES: Readonly<Record<string, { readonly wiring: Wiring; readonly context?: Partial<RuleContext> }>> = {
  mixedFunctions: { wiring: sound({ do: 'lay', leads: [onward('other', 'neutral', 'splice.hot')] }) },
  shorted: {
    wiring: sound(
      { do: 'add', part: switchPart('s', 'switch') },
      {
        do: 'lay',
        leads: [
          { id: 's1', name: 's1', carries: 'hot', from: 's.in', to: 'splice.hot' },
          { id: 's2', name: 's2', carries: 'neutral', from: 's.out', to: 'splice.neutral' },
        ],
      },
    ),
  },
  unknownFunction: { wiring: sound({ do: 'lay', leads: [onward('which', 'unknown', 'splice.hot')] }) },
  looseLead: {
    wiring: sound(
      { do: 'lay', leads: [onward('next', 'neutral', 'splice.neutral')] },
      off('fixture.neutral', 'splice.neutral'),
    ),
  },
  leftBare: { wiring: sound({ do: 'lay', leads: [house('spare', 'hot', null)] }) },
  loneSplice: {
    wiring: sound(
      { do: 'splice', joint: spliceAt('splice.spare', 'box', 'spare') },
      { do: 'lay', leads: [onward('spare', 'hot', 'splice.spare')] },
    ),
  },
  fed: {
    wiring: sound(
      { do: 'lay', leads: [onward('next', 'neutral', 'splice.neutral')] },
      { do: 'pull', lead: 'feed.neutral' },
    ),
  },
  sameNeutral: {
    wiring: sound(
      { do: 'pull', lead: 'feed.neutral' },
      { do: 'lay', leads: [house('b', 'neutral', 'splice.neutral', 'B')] },
    ),
  },
  neutralSwitched: {
    wiring: sound(
      { do: 'add', part: spurPart('spur', 'spur') },
      { do: 'pull', lead: 'feed.neutral' },
      { do: 'lay', leads: [house('before', 'neutral', 'spur.in')] },
      {
        do: 'lay',
        leads: [{ id: 'after', name: 'after', carries: 'neutral', from: 'spur.out', to: 'splice.neutral' }],
      },
    ),
  },
  groundWhole: { wiring: sound({ do: 'pull', lead: 'plate.pigtail' }) },
  groundInterrupted: {
    wiring: sound(
      { do: 'add', part: spurPart('spur', 'spur') },
      {
        do: 'lay',
        leads: [
          { id: 'g1', name: 'g1', carries: 'ground', from: 'spur.in', to: 'splice.ground' },
          { ...onward('g2', 'ground', 'spur.out') },
        ],
      },
    ),
  },
  alwaysOn: { wiring: sound(...through(switchPart('wall', 'hall switch'))) },
  twoCircuits: {
    wiring: sound(
      { do: 'splice', joint: capAt('cap', 'box', 'cap') },
      { do: 'lay', leads: [house('b', 'hot', 'cap', 'B')] },
    ),
    context: { namedCircuits: 1 },
  },
  aluminium: {
    wiring: sound({
      do: 'lay',
      leads: [
        {
          ...onward('old', 'hot', 'splice.hot'),
          wire: { gauge: { awg: 12 }, strands: 'solid', metal: 'aluminium', colour: 'black', claims: 'hot' },
        },
      ],
    }),
  },
  colourLies: {
    wiring: sound({
      do: 'lay',
      leads: [
        {
          ...onward('white', 'hot', 'splice.hot'),
          wire: { gauge: { awg: 14 }, strands: 'solid', metal: 'copper', colour: 'white', claims: 'neutral' },
        },
      ],
    }),
  },
  connectorRange: {
    wiring: sound(),
    context: { connectorAt: (joint) => ({ suffices: joint !== 'splice.hot', words: 'too small' }) },
  },
  boxRoom: { wiring: sound(), context: { fill: { suffices: false, words: 'overfull', guidance: false } } },
  circuitRoom: { wiring: sound(), context: { load: { suffices: false, words: 'too much', over: false } } },
  ratedForMains: {
    wiring: sound(),
    context: { fixture: { name: 'fixture', voltsLow: 100, voltsHigh: 130 }, nominalVolts: 230 },
  },
  outletFit: { wiring: sound(), context: { outlet: [{ suffices: false, words: 'No cover that closes.' }] } },
  conductorAmps: {
    wiring: sound(),
    context: {
      box: { ...BOX, protection: { amps: 20, smallest: { id: 'a', name: 'black', mostAmps: 15, worryAmps: 15 } } },
    },
  },
  hotsApart: {
    wiring: sound(),
    context: { box: { ...BOX, hots: [{ names: ['black', 'red'], leads: ['a', 'b'], state: 'apart' }] } },
  },
  neutralRead: { wiring: sound(), context: { box: { ...BOX, switchedNeutrals: [{ id: 'a', name: 'white' }] } } },
  liveBare: {
    wiring: sound({
      do: 'lay',
      leads: [
        {
          ...onward('bare', 'hot', 'splice.hot'),
          wire: { gauge: { awg: 14 }, strands: 'solid', metal: 'copper', colour: 'bare', claims: null },
        },
      ],
    }),
  },
  voltsFit: { wiring: sound(), context: { box: { ...BOX, strangeVolts: [{ id: 'a', name: 'orange', volts: 277 }] } } },
  groundOfOther: {
    wiring: sound(
      { do: 'lay', leads: [house('other', 'ground', 'splice.ground', 'B')] },
      { do: 'pull', lead: 'feed.ground' },
    ),
    context: { box: BOX },
  },
  conductorState: {
    wiring: sound(),
    context: { box: { ...BOX, damaged: [{ id: 'a', name: 'black', state: 'brittle', cutBack: false }] } },
  },
  aluminiumPasses: { wiring: sound(), context: { box: { ...BOX, passingAluminium: ['black'] } } },
  oneDevice: { wiring: sound(), context: { box: { ...BOX, keptOutlet: { isProtected: true, hasOwnBox: false } } } },
  outletProtection: {
    wiring: sound(),
    context: { box: { ...BOX, keptOutlet: { isProtected: false, hasOwnBox: true } } },
  },
  bears: { wiring: sound(), context: { box: { ...BOX, bears: 'no' } } },
  wetRated: { wiring: sound(), context: { box: { ...BOX, wetRated: 'no' } } },
  cureFits: { wiring: sound(), context: { box: { ...BOX, cure: { name: 'Ring', proudM: 0, dry: 'no' } } } },
  poseFits: { wiring: sound(), context: { box: { ...BOX, pose: { can: false, headMissDeg: 12, sensorMissDeg: 0 } } } },
  notChecked: { wiring: sound(), context: { box: { ...BOX, unasked: [{ id: 'clamps', words: 'clamps' }] } } },
  moduleAcross: { wiring: bell(...across('chime.Trans', 'chime.Rear')) },
  deviceAcross: {
    // Its two wires are on the two screws of the coil; a second doorbell keeps the loop closed elsewhere
    wiring: bell(
      { do: 'add', part: doorPart('two', 'doorbell', 'door', 'load') },
      {
        do: 'lay',
        leads: [
          { id: 'x', name: 'x', carries: 'bell', from: 'two.D1', to: 'chime.Front' },
          { id: 'y', name: 'y', carries: 'bell', from: 'two.D2', to: 'chime.Trans' },
        ],
      },
    ),
  },
  bellLoopOpen: { wiring: bell(off('toDoor.a', 'chime.Front')) },
  bellLoopShorted: {
    wiring: bell(
      { do: 'add', part: transformerPart('idle', 'idle transformer', 'plug') },
      { do: 'lay', leads: [{ id: 'bridge', name: 'bridge', carries: 'bell', from: 'idle.S1', to: 'idle.S2' }] },
    ),
  },
  transformersParallel: {
    wiring: bell(
      { do: 'add', part: transformerPart('second', 'second transformer', 'plug') },
      {
        do: 'lay',
        leads: [
          { id: 'p', name: 'p', carries: 'bell', from: 'second.S1', to: 'old.S1' },
          { id: 'q', name: 'q', carries: 'bell', from: 'second.S2', to: 'old.S2' },
        ],
      },
    ),
  },
};

const found = (wiring: Wiring, context: Partial<RuleContext> = {}) =>
  checkWiring(wiring, { ...BARE_CONTEXT, ...context });

describe('rules on the wiring graph', () => {
  it('say nothing of sound wirings', () => {
    expect(found(sound())).toEqual([]);
    expect(found(bell())).toEqual([]);
    expect(found(bell(...across('chime.Front', 'chime.Trans')))).toEqual([]);
  });

  it.each(RULES)('$id: one wiring trips it, and it alone', ({ id }) => {
    const one = CASES[id];
    expect(one).toBeDefined();
    if (!one) return;
    const findings = found(one.wiring, one.context);
    expect(findings.map(({ rule }) => rule)).toEqual([id]);
    expect(say(findings[0]?.words).length).toBeGreaterThan(3);
  });

  it('name the conductors', () => {
    expect(inWords(found(CASES.mixedFunctions?.wiring ?? EMPTY_WIRING)[0], say)).toMatchObject({
      severity: 'stop',
      words: 'Hot and neutral are joined: feed.hot, fixture’s hot and other.',
      leads: ['feed.hot', 'fixture.hot', 'other'],
    });
    expect(say(found(CASES.alwaysOn?.wiring ?? EMPTY_WIRING)[0]?.words)).toContain('hall switch');
  });

  it('take a guarded switch for a remark, and a ground decided in writing for a worry', () => {
    const guarded = sound(...through(switchPart('wall', 'hall switch')), { do: 'guard', part: 'wall' });
    expect(inWords(found(guarded), say)).toMatchObject([{ rule: 'alwaysOn', severity: 'remark' }]);
    const noGround = sound({ do: 'pull', lead: 'feed.ground' });
    expect(inWords(found(noGround), say)).toMatchObject([{ rule: 'groundWhole', severity: 'stop' }]);
    expect(inWords(found(noGround, { groundDecision: 'GFCI at the panel, J. Moss' }), say)).toMatchObject([
      { rule: 'groundWhole', severity: 'worry' },
    ]);
  });

  it('let a fused spur pass the hot', () => {
    expect(found(sound(...through(spurPart('spur', 'spur'))))).toEqual([]);
  });

  it('ask for a second circuit by name, and remark on it once it is', () => {
    const wiring = CASES.twoCircuits?.wiring ?? EMPTY_WIRING;
    expect(inWords(found(wiring, { namedCircuits: 2 }), say)).toMatchObject([
      { rule: 'twoCircuits', severity: 'remark' },
    ]);
    expect(found(wiring)).toEqual([]);
  });

  it('find a module that shorts the transformer, and a doorbell’s wires on one screw', () => {
    expect(inWords(found(bell(...across('old.S1', 'old.S2'))), say)).toMatchObject([{ rule: 'moduleAcross' }]);
    const short = bell({
      do: 'lay',
      leads: [{ id: 'b', name: 'b', carries: 'bell', from: 'oldDevice.D1', to: 'oldDevice.D2' }],
    });
    expect(found(short).map(({ rule }) => rule)).toContain('bellLoopShorted');
  });

  it('tell what a change cured and what it brought', () => {
    const before = found(CASES.looseLead?.wiring ?? EMPTY_WIRING);
    const after = found(CASES.leftBare?.wiring ?? EMPTY_WIRING);
    const compared = compareFindings(before, after);
    expect([compared.cured, compared.left, compared.fresh].map((list) => list.map(({ rule }) => rule))).toEqual([
      ['looseLead'],
      [],
      ['leftBare'],
    ]);
  });

  it('know a second chime for what it is', () => {
    expect(found(foundBell({ ...ORDINARY_BELL, secondChime: true, rear: 'device', door: OLD_DEVICE }))).toEqual([]);
    expect(chimePart('c', 'chime', 'c').elements).toHaveLength(2);
  });
});
