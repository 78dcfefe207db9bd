import { sayIn } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import type { Fact, FactTable } from '../facts';
import { REGION_PACKS, regionPack, type RegionPack } from '../region';
import { FACTS, factOf } from './facts';
import { factName, factSaid } from './factText';
import { ENTRY_KINDS, type EntryKind } from './register';

/** Fields that say what an entry is of, or with what it was read: no facts of a thing. */
const SCOPES = [
  'pointId',
  'circuitId',
  'supplyId',
  'chimeId',
  'boxId',
  'cableId',
  'run',
  'boardId',
  'way',
  'photoId',
  'targetId',
  'obstacleId',
  'shapeId',
];
const all = Object.entries<FactTable>(FACTS).flatMap(([kind, table]) =>
  Object.entries(table).map(([field, one]): [string, string, Fact] => [kind, field, one]),
);
/** A value that a fact may have. */
const example = ({ form }: Fact): unknown => {
  if (form.is === 'choice') return form.answers[0];
  if (form.is === 'choices') return [...form.answers];
  return form.is === 'text' ? 'by the gate' : 1.2;
};

describe('facts', () => {
  it('are all fields of the kinds that say them, but what the entry is of', () => {
    for (const kind of Object.keys(FACTS)) {
      const fields = Object.keys(ENTRY_KINDS[kind as EntryKind].fields).filter((field) => !SCOPES.includes(field));
      for (const field of fields) expect([kind, field, factOf(kind, field)]).not.toEqual([kind, field, undefined]);
    }
    expect(factOf('pointDescribed', 'toString')).toBeUndefined();
    expect(factOf('noteWritten', 'text')).toBeUndefined();
  });
  it.each(all)('%s %s reads as words at every place, no identifier among them', (kind, field, one) => {
    const value = example(one);
    for (const region of REGION_PACKS)
      for (const lengths of ['metric', 'imperial'] as const) {
        const say = sayIn({ region, lengths });
        const said = `${say(factSaid(kind, field, value)?.name)} ${say(factSaid(kind, field, value)?.value)}`;
        // An identifier is one word with a capital in it, but for the unit of a signal
        expect(said).not.toMatch(/(?<!W)(?!dBm\b)[a-z]+[A-Z][a-z]|undefined|NaN|\[object/);
        if (field.endsWith('M')) expect(said).toMatch(lengths === 'metric' ? /\d m/ : /\d (ft|in)/);
      }
  });
  it.each(all)('%s %s lets through what its words allow, and takes it back with null', (kind, field, one) => {
    if (one.form.is === 'other') return expect(typeof say(one.form.say(1))).toBe('string');
    const { schema } = one;
    expect(schema.isValidSync(null)).toBe(true);
    if (one.form.is === 'choice') expect(schema.isValidSync('something else')).toBe(false);
    if (one.form.is === 'choices') expect(schema.isValidSync(['something else'])).toBe(false);
    if (one.form.is === 'tape' || one.form.is === 'run') {
      expect(schema.isValidSync(one.form.limits.most)).toBe(true);
      expect(schema.isValidSync(one.form.limits.most + 0.01)).toBe(false);
    }
    if (one.form.is === 'figure') expect(schema.isValidSync(one.form.rule.least - 0.01)).toBe(false);
  });
  it('say a choice in the terms of the place', () => {
    const words = (region: RegionPack) =>
      sayIn({ region, lengths: region.lengths })(factName('siteDescribed', 'boardArea'));
    expect(words(regionPack('na-120'))).toBe('breaker panel is in the');
    expect(words(regionPack('gb-230'))).toBe('consumer unit is in the');
  });
  it('say a length as the site writes it', () => {
    const region = regionPack('na-120');
    const words = factSaid('pointDescribed', 'leadReachM', 0.0889)?.value;
    expect(sayIn({ lengths: 'imperial', region })(words)).toBe('3 1/2 in');
    expect(sayIn({ lengths: 'metric', region })(words)).toBe('89 mm');
  });
});
