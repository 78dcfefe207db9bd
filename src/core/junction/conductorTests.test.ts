import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { cableSet } from './cableSets';
import { concludeBox, type ConductorTest, type ConductorTestId, type TestedConductor } from './conductorTests';

const volts = (switches: 'allOff' | 'allOn', value: number): ConductorTest => ({ test: 'toGround', switches, value });
const read = (test: ConductorTestId, value: number): ConductorTest => ({ test, switches: null, value });
const conductor = (id: string, colour: TestedConductor['colour'], ...tests: ConductorTest[]): TestedConductor => ({
  id,
  name: id,
  colour,
  tests,
});
const fromHot = (value: number): readonly ConductorTest[] =>
  (['allOn', 'allOff'] as const).map((switches) => ({ test: 'fromHot', switches, value }));
const HOT = conductor('black', 'black', volts('allOff', 121), volts('allOn', 121));

/** Follows the tool’s own proposals against a house that is known, to the end. */
function followed(
  truth: Readonly<Record<string, (test: ConductorTestId, on: boolean) => number>>,
  colours: Readonly<Record<string, TestedConductor['colour']>>,
) {
  let conductors = Object.keys(truth).map((id) => conductor(id, colours[id] ?? 'black'));
  const asked: string[] = [];
  for (;;) {
    const { next, byId } = concludeBox(conductors, 120);
    if (!next || asked.length > 40) return { asked, byId };
    asked.push(`${next.conductor} ${next.test}${next.switches ? ` ${next.switches}` : ''}`);
    const value = truth[next.conductor]?.(next.test, next.switches === 'allOn') ?? 0;
    conductors = conductors.map((one) =>
      one.id === next.conductor
        ? { ...one, tests: [...one.tests, { test: next.test, switches: next.switches, value }] }
        : one,
    );
  }
}

describe('tests of an unknown box', () => {
  it('go through every conductor with all switches off, then on, then ask what the idle ones are', () => {
    const { asked, byId } = followed(
      {
        black: (test) => (test === 'toGround' ? 121 : 0),
        red: (test, on) => (test === 'toGround' && on ? 121 : 1),
        white: (test) => (test === 'fromHot' ? 121 : test === 'toGround' ? 0.6 : 0),
        bare: (test) => (test === 'fromHot' ? 121 : test === 'groundOhms' ? 0.3 : 0),
      },
      { black: 'black', red: 'red', white: 'white', bare: 'bare' },
    );
    expect(asked).toEqual([
      'black toGround allOff',
      'red toGround allOff',
      'white toGround allOff',
      'black toGround allOn',
      'red toGround allOn',
      'white toGround allOn',
      'bare toGround allOn',
      'white fromHot allOn',
      'bare fromHot allOn',
      'white fromHot allOff',
      'white loadAmps',
      'white neutralAmps',
      'bare groundOhms',
    ]);
    expect(inWords([...byId.values()], say)).toEqual(
      ['hot', 'switched', 'neutral', 'ground'].map((carries) => ({ state: 'known', carries })),
    );
  });

  const conclude = (one: TestedConductor) => concludeBox([HOT, one], 120).byId.get(one.id);
  const white = (...tests: ConductorTest[]) =>
    conductor('white', 'white', volts('allOff', 0.5), volts('allOn', 0.5), ...tests);

  it('believe no colour: a white may be hot', () => {
    const w = conductor('w', 'white', volts('allOff', 120), volts('allOn', 120));
    expect(inWords(concludeBox([w], 120).byId.get('w'), say)).toEqual({ state: 'known', carries: 'hot' });
  });
  it('tell the neutral of another circuit, a shared one, and a spare', () => {
    expect(inWords(conclude(white(...fromHot(121), read('loadAmps', 0.4))), say)).toMatchObject({
      carries: 'foreign',
    });
    expect(inWords(conclude(white(...fromHot(121), read('loadAmps', 0), read('neutralAmps', 1.2))), say)).toMatchObject(
      {
        carries: 'sharedNeutral',
      },
    );
    expect(inWords(conclude(white(...fromHot(3))), say)).toMatchObject({ carries: 'spare' });
  });
  it('tell a ground by its measured ohms alone, never by volts from the hot', () => {
    const bare = (...tests: ConductorTest[]) => conductor('bare', 'bare', volts('allOn', 0), ...tests);
    expect(inWords(conclude(bare(read('fromHot', 121))), say)).toMatchObject({
      state: 'open',
      next: { test: 'groundOhms' },
    });
    expect(inWords(conclude(bare(read('fromHot', 121), read('groundOhms', 0.4))), say)).toMatchObject({
      carries: 'ground',
    });
    expect(inWords(conclude(bare(read('fromHot', 121), read('groundOhms', 40))), say)).toMatchObject({
      carries: 'badGround',
    });
  });
  it('tell a neutral that goes dead with a switch', () => {
    const [on, off] = [fromHot(121)[0], fromHot(2)[1]];
    if (!on || !off) throw new Error('two readings');
    expect(inWords(conclude(white(on, off)), say)).toMatchObject({ carries: 'switchedNeutral' });
    // In one position alone it looks like any other
    expect(inWords(conclude(white(on)), say)).toMatchObject({ state: 'open', next: { switches: 'allOff' } });
  });
  it('read a further hot against the first in each position before the two may be one', () => {
    const red = (...tests: ConductorTest[]) =>
      conductor('red', 'red', volts('allOff', 120), volts('allOn', 120), ...tests);
    expect(inWords(conclude(red()), say)).toMatchObject({
      state: 'open',
      next: { test: 'fromHot', switches: 'allOn' },
    });
    const [on] = fromHot(0.3);
    if (!on) throw new Error('a reading');
    expect(inWords(conclude(red(on)), say)).toMatchObject({ state: 'open', next: { switches: 'allOff' } });
    expect(inWords(conclude(red(...fromHot(0.3))), say)).toEqual({ state: 'known', carries: 'hot' });
    expect(inWords(conclude(red(...fromHot(4))), say)).toEqual({ state: 'known', carries: 'otherHot' });
  });
  it('take volts that the place can’t have for a contradiction', () => {
    const strange = conductor('x', 'orange', volts('allOff', 277), volts('allOn', 277));
    expect(inWords(conclude(strange), say)).toMatchObject({
      state: 'contradicts',
      words: expect.stringContaining('120 V can’t have'),
    });
  });
  it('tell the other leg of a supply', () => {
    const red = conductor('red', 'red', volts('allOff', 120), volts('allOn', 120), ...fromHot(240));
    expect(inWords(conclude(red), say)).toMatchObject({ carries: 'otherHot' });
  });
  it('take stray volts and two functions on one lead for contradictions', () => {
    expect(inWords(conclude(conductor('x', 'red', volts('allOff', 45), volts('allOn', 45))), say)).toMatchObject({
      state: 'contradicts',
    });
    expect(
      inWords(conclude(conductor('x', 'red', volts('allOff', 120), volts('allOn', 120), read('loadAmps', 0))), say),
    ).toMatchObject({ state: 'contradicts', words: expect.stringContaining('two functions') });
  });
  it('ask for nothing more of idle conductors while none is hot', () => {
    const { next, byId } = concludeBox([white()], 120);
    expect(next).toBeNull();
    expect(inWords(byId.get('white'), say)).toMatchObject({ state: 'open', next: null });
  });
});

describe('usual cables', () => {
  const read2 = (text: string, era: 'now' | 'old' = 'now') => {
    const set = cableSet(text, era);
    return set.ok ? set.value.map(({ gauge, colour }) => `${Object.values(gauge).join()} ${colour}`) : set.problem;
  };
  it('are read by their short names', () => {
    expect(inWords(read2('14/2 with ground'), say)).toEqual(['14 black', '14 white', '14 bare']);
    expect(inWords(read2('12-3 with ground'), say)).toEqual(['12 black', '12 red', '12 white', '12 bare']);
    expect(inWords(read2('14/2'), say)).toEqual(['14 black', '14 white']);
    expect(inWords(read2('1.5 twin and earth'), say)).toEqual(['1.5 brown', '1.5 blue', '1 bare']);
    expect(inWords(read2('1.5 Twin and Earth', 'old'), say)).toEqual(['1.5 red', '1.5 black', '1 bare']);
    expect(inWords(read2('1,5mm2 twin & earth'), say)).toEqual(['1.5 brown', '1.5 blue', '1 bare']);
    expect(inWords(read2('1 three core and earth', 'old'), say)).toEqual(['1 red', '1 yellow', '1 blue', '1 bare']);
    expect(inWords(read2('0.75 3 core flex'), say)).toEqual(['0.75 brown', '0.75 blue', '0.75 greenYellow']);
  });
  it.each(['', '14', '13/2', '99/2', 'twin', '14/9 with ground', '7 twin and earth', '<b>'])('refuses “%s”', (text) => {
    expect(cableSet(text, 'now').ok).toBe(false);
  });
});
