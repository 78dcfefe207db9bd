import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { BARE_CONTEXT, checkWiring, leadById, leadsAt, type Finding, type Wiring } from '../wiring';
import type { BoxSurvey, CableRole, ConductorFunction } from './boxSurvey';
import { feedRemediesFor } from './feed/register';
import { feedCase } from './feedCase';
import { fixturePlan, type FixtureRemedy } from './fixtureTasks';
import { BOX, CONNECTORS, FEED, REMEDY, cable } from './forTests';
import { foundBox } from './foundBox';
import { groundRemediesFor } from './ground/register';
import { connectorAt } from './splices';
import type { WireColour } from '../wiring';

const findings = (wiring: Wiring, groundDecision: string | null = null): readonly Finding[] =>
  checkWiring(wiring, { ...BARE_CONTEXT, groundDecision, connectorAt: connectorAt(wiring, CONNECTORS) });
const stops = (wiring: Wiring, groundDecision: string | null = null): readonly string[] =>
  findings(wiring, groundDecision).flatMap(({ rule, severity }) => (severity === 'stop' ? [rule] : []));
const planned = (survey: BoxSurvey, remedy: Partial<FixtureRemedy> = {}): Wiring =>
  fixturePlan(survey, { ...REMEDY, ...remedy }).planned;
/** What meets a lead of the fixture, by name. */
const beside = (wiring: Wiring, lead: string): readonly string[] => {
  const { from = null, to = null } = leadById(wiring, lead) ?? {};
  return [from, to]
    .flatMap((joint) => (joint === null ? [] : leadsAt(wiring, joint)))
    .filter(({ id }) => id !== lead)
    .map(({ name }) => say(name));
};

const SWITCHED = cable('1', 'switchLeg', [
  ['switched', 'black'],
  ['neutral', 'white'],
  ['ground', 'bare'],
]);
const LOOP = cable('2', 'switchLeg', [
  ['hot', 'white'],
  ['switched', 'black'],
  ['ground', 'bare'],
]);

describe('a box as found', () => {
  it('joins the old fixture to what it was on', () => {
    const found = foundBox(BOX);
    expect(beside(found, 'oldFixture.hot')).toEqual(['black of cable 1']);
    expect(findings(found)).toEqual([]);
  });
  it('keeps what no test has shown under caps', () => {
    const unknown = foundBox({
      ...BOX,
      cables: [
        cable('1', null, [
          ['unknown', 'black'],
          ['unknown', 'white'],
        ]),
      ],
    });
    expect(unknown.splices.map(({ kind }) => kind)).toEqual(['cap', 'cap', 'cap']);
    expect(unknown.parts.some(({ id }) => id === 'oldFixture')).toBe(false);
  });
  it('finds the switch in a switched leg’s way, and the sensor in an old light’s', () => {
    expect(stops(foundBox({ ...BOX, ahead: 'switch', cables: [SWITCHED] }))).toEqual(['alwaysOn']);
    expect(stops(foundBox({ ...BOX, ahead: 'sensor' }))).toEqual(['alwaysOn']);
  });
  it('reports a ground lying loose, and a hot in a white as a colour that lies', () => {
    const loose = cable('1', 'feed', [
      FEED[0] ?? ['hot', 'black'],
      ['neutral', 'white'],
      ['ground', 'bare', { state: 'loose' }],
    ]);
    expect(stops(foundBox({ ...BOX, bonded: false, cables: [loose] }))).toContain('leftBare');
    const lies = findings(foundBox({ ...BOX, cables: [cable('1', 'feed', FEED), LOOP], ahead: 'switch' }));
    expect(lies.map(({ rule }) => rule)).toContain('colourLies');
  });
});

describe('feed cases', () => {
  const caseOf = (survey: Partial<BoxSurvey>) => feedCase({ ...BOX, ...survey }).feed;
  it('are told by tested function', () => {
    expect(caseOf({})).toBe('a');
    expect(caseOf({ ahead: 'switch', cables: [SWITCHED] })).toBe('b');
    expect(caseOf({ ahead: 'sensor' })).toBe('c');
    expect(caseOf({ ahead: 'timer', cables: [SWITCHED] })).toBe('c');
    expect(
      caseOf({
        cables: [
          cable('1', 'switchLeg', [
            ['hot', 'white'],
            ['switched', 'black'],
          ]),
        ],
      }),
    ).toBe('d');
    expect(caseOf({ ahead: 'sensor', cables: [SWITCHED] })).toBe('b');
    expect(caseOf({ deviceIn: 'outlet' })).toBe('e');
    expect(caseOf({ fedFrom: 'spur' })).toBe('f');
    expect(caseOf({ residual: true })).toBe('f');
  });
  it('stay open while conductors are not tested', () => {
    const { feed, open } = feedCase({
      ...BOX,
      cables: [
        cable('1', null, [
          ['unknown', 'black'],
          ['unknown', 'white'],
        ]),
      ],
    });
    expect(feed).toBeNull();
    expect(inWords(open, say)).toEqual(['2 conductors not tested to the end']);
    expect(feedRemediesFor({ ...BOX, cables: [] })).toEqual([]);
  });
});

describe('a floodlight camera on its box', () => {
  it('has hot on hot, neutral on neutral, and plate, box and fixture on the ground', () => {
    const plan = planned(BOX);
    expect(beside(plan, 'fixture.hot')).toEqual(['black of cable 1']);
    expect(beside(plan, 'fixture.neutral')).toEqual(['white of cable 1']);
    expect(beside(plan, 'fixture.ground')).toEqual(['bare of cable 1', 'box’s pigtail', 'plate’s pigtail']);
    expect(findings(plan)).toEqual([]);
  });
  it('takes the switch out of the way, or guards it', () => {
    const survey: BoxSurvey = { ...BOX, ahead: 'switch', cables: [SWITCHED] };
    expect(feedRemediesFor(survey).map(({ id }) => id)).toEqual(['guardSwitch', 'joinAtSwitch', 'newCable']);
    expect(findings(planned(survey, { feedId: 'joinAtSwitch' }))).toEqual([]);
    expect(inWords(findings(planned(survey, { feedId: 'guardSwitch' })), say)).toMatchObject([
      { rule: 'alwaysOn', severity: 'remark' },
    ]);
    expect(stops(planned(survey, { feedId: 'newCable' }))).toEqual([]);
  });
  it('takes the hot of the box and caps what its switch loop gives back', () => {
    const survey: BoxSurvey = { ...BOX, ahead: 'switch', cables: [cable('1', 'feed', FEED), LOOP] };
    const plan = planned(survey);
    expect(beside(plan, 'fixture.hot')).toEqual(['black of cable 1', 'white of cable 2']);
    expect(beside(plan, '2.2')).toEqual([]);
    expect(findings(plan)).toEqual([]);
  });
  it('loses or keeps an outlet, and what goes on stays with what comes in', () => {
    const onward = cable('2', 'feedThrough', FEED);
    const survey: BoxSurvey = { ...BOX, deviceIn: 'outlet', cables: [cable('1', 'feed', FEED), onward] };
    for (const feedId of ['outletOut', 'outletKept']) {
      const plan = planned(survey, { feedId });
      expect(findings(plan)).toEqual([]);
      expect(beside(plan, 'fixture.hot')).toEqual(expect.arrayContaining(['black of cable 1', 'black of cable 2']));
    }
  });
  it('never passes a box without ground in silence', () => {
    const survey: BoxSurvey = { ...BOX, cables: [cable('1', 'feed', FEED.slice(0, 2))], bonded: false };
    expect(groundRemediesFor(survey, true, 'stop', null).map(({ id }) => id)).toEqual([
      'findOut',
      'newGround',
      'conduitGround',
    ]);
    expect(groundRemediesFor(survey, true, 'byRule', null).map(({ id }) => id)).toContain('byRule');
    expect(stops(planned(survey, { groundId: 'findOut' }))).toContain('groundWhole');
    expect(findings(planned(survey, { groundId: 'newGround' }))).toEqual([]);
    expect(findings(planned(survey, { groundId: 'conduitGround' }))).toEqual([]);
    expect(stops(planned(survey, { groundId: 'byRule' }), 'GFCI, R. Vance')).toEqual([]);
  });
  it('joins a loose ground again', () => {
    const survey: BoxSurvey = {
      ...BOX,
      bonded: false,
      cables: [cable('1', 'feed', [...FEED.slice(0, 2), ['ground', 'bare', { state: 'loose' }]])],
    };
    expect(groundRemediesFor(survey, true, 'stop', null)[0]?.id).toBe('reconnectGround');
    expect(findings(planned(survey, { groundId: 'reconnectGround' }))).toEqual([]);
  });
  it('is switched on once and proved dead again, or not, by the school', () => {
    const ids = (energise: boolean) => fixturePlan(BOX, { ...REMEDY, energise }).steps.map(({ id }) => id);
    expect(ids(true)).toEqual(expect.arrayContaining(['box-energise', 'box-dead-again']));
    expect(ids(false)).not.toContain('box-energise');
  });
  it('names what goes where in the words of its steps', () => {
    const { steps } = fixturePlan({ ...BOX, ahead: 'sensor' }, { ...REMEDY, feedId: 'takeOutSensor' });
    expect(steps.every(({ words }) => !say(words).startsWith('The wiring found differs'))).toBe(true);
    expect(steps.map(({ id }) => id)).toEqual([
      'van-unpack',
      'box-photo',
      'box-open',
      'box-old-out',
      'feed-sensor-out',
      'box-bar',
      'box-plate',
      'box-hang',
      'box-ground',
      'box-neutral',
      'box-hot',
      'box-splices-photo',
      'box-energise',
      'box-dead-again',
      'box-close',
    ]);
  });
});

/** Walks conductors and whatever is closed in parts: an independent look at a wiring, joint by joint. */
function reachable(wiring: Wiring, from: string, through: readonly string[]): ReadonlySet<string> {
  const seen = new Set([from]);
  const queue = [from];
  const steps: (readonly [string, string])[] = [
    ...wiring.leads.flatMap(({ from: a, to: b }): (readonly [string, string])[] => (a && b ? [[a, b]] : [])),
    ...wiring.parts.flatMap(({ elements }) =>
      elements.flatMap(({ kind, from: a, to: b }): (readonly [string, string])[] =>
        through.includes(kind) ? [[a, b]] : [],
      ),
    ),
  ];
  for (let at = queue.pop(); at !== undefined; at = queue.pop())
    for (const [a, b] of steps) {
      const next = a === at ? b : b === at ? a : null;
      if (next !== null && !seen.has(next)) {
        seen.add(next);
        queue.push(next);
      }
    }
  return seen;
}
const PASS = ['switch', 'fuse', 'sensor', 'link'];
const ends = (wiring: Wiring, carries: string): readonly string[] =>
  wiring.leads.flatMap((lead) => {
    const at = lead.from ?? lead.to;
    return lead.house?.beyond === 'supply' && lead.carries === carries && at !== null ? [at] : [];
  });

const colour = fc.constantFrom<WireColour>('black', 'white', 'red', 'bare', 'green', 'cloth');
const carried = fc.constantFrom<ConductorFunction>('hot', 'neutral', 'ground', 'switched', 'spare', 'unknown');
const role = fc.constantFrom<CableRole | null>('feed', 'switchLeg', 'feedThrough', 'secondCircuit', null);
const aCable = fc.record({ role, cores: fc.array(fc.tuple(carried, colour), { minLength: 1, maxLength: 4 }) });
const aSurvey: fc.Arbitrary<BoxSurvey> = fc
  .record({
    cables: fc.array(aCable, { minLength: 1, maxLength: 3 }),
    usual: fc.boolean(),
    ahead: fc.constantFrom('none', 'switch', 'sensor', 'photocell', 'timer'),
    deviceIn: fc.constantFrom('none', 'outlet'),
    fedFrom: fc.constantFrom('circuit', 'spur'),
    material: fc.constantFrom('metal', 'plastic'),
    bonded: fc.boolean(),
    oldFixture: fc.constantFrom('lamp', 'nothing'),
    oldGrounded: fc.boolean(),
  })
  .map(({ cables, usual, ...rest }) => ({
    ...BOX,
    ...rest,
    cables: [
      ...(usual ? [cable('feed', 'feed', FEED)] : []),
      ...cables.map((one, i) => cable(String(i), one.role, one.cores)),
    ],
  }));

describe('any planned wiring that passes every check', () => {
  it('has a closed way hot, lamp, neutral, a whole ground and no short', () => {
    let passed = 0;
    fc.assert(
      fc.property(aSurvey, fc.boolean(), fc.nat(), fc.nat(), (survey, grounded, feedPick, groundPick) => {
        const feeds = feedRemediesFor(survey);
        const feed = feeds[feedPick % Math.max(1, feeds.length)];
        if (!feed) return;
        const grounds = groundRemediesFor(survey, grounded, 'byRule', feed.id);
        const ground = grounds[groundPick % Math.max(1, grounds.length)];
        if (!ground) return;
        const plan = planned(survey, {
          fixture: { ...REMEDY.fixture, grounded },
          feedId: feed.id,
          groundId: ground.id,
        });
        const decision = ground.id === 'byRule' ? 'in writing' : null;
        if (stops(plan, decision).length > 0) return;
        passed++;
        const hot = ends(plan, 'hot').map((at) => reachable(plan, at, PASS));
        const neutral = ends(plan, 'neutral').map((at) => reachable(plan, at, []));
        const grounding = ends(plan, 'ground').map((at) => reachable(plan, at, []));
        const has = (sets: readonly ReadonlySet<string>[], joint: string) => sets.some((set) => set.has(joint));
        expect(has(hot, 'fixture.hot side')).toBe(true);
        expect(has(neutral, 'fixture.neutral side')).toBe(true);
        for (const set of hot)
          for (const at of [...ends(plan, 'neutral'), ...ends(plan, 'ground'), 'fixture.neutral side'])
            expect(set.has(at)).toBe(false);
        if (decision === null)
          for (const { bonds = [] } of plan.parts)
            for (const joint of bonds) expect({ joint, whole: has(grounding, joint) }).toEqual({ joint, whole: true });
      }),
      { numRuns: 1500, seed: 20261126 },
    );
    expect(passed).toBeGreaterThan(100);
  });
});
