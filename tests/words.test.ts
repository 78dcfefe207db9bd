import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { fold, placeOf, type Job } from '@/core/job';
import { saidKey, type Said } from '@/core/said';
import { REGION_PACKS, type RegionPack } from '@/core/region';
import { demoJobs } from '@/demo/demoFirm';
import { everythingSaid } from '@/demo/everythingSaid';
import { sayIn } from '@/words';
import { screens } from '@/words/en/screens';
import { faultsOf, foreignUnit } from '@/words/faults';
import { textsOfScreens } from '@/words/screenTexts';
import { logOf, sequences } from './randomLog';
import { runs } from './runs';

/** What is wrong with everything said, with the code that says it. */
const faultsIn = (
  all: readonly Said[],
  place: { region: RegionPack; lengths: RegionPack['lengths'] },
): readonly string[] => {
  const say = sayIn(place);
  const once = new Map(all.map((one) => [saidKey(one), one]));
  return [...once.values()].flatMap((one) => {
    const text = say(one);
    const faults = [
      ...faultsOf(text, place.region),
      ...(foreignUnit(text, place.lengths) ? ['a unit of another place'] : []),
    ];
    return faults.map((fault) => `${fault} (${one.code}): ${text}`);
  });
};

let ids = 0;
const demo = demoJobs(
  () => `words-${++ids}`,
  (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
).map(({ title, entries }): Job => fold({ id: title, title, createdAt: '' }, entries));

describe('what the screens say themselves', () => {
  const texts = textsOfScreens(screens);
  // A figure in each slot: which one is no matter, and a slot at an end may be another sentence
  const read = texts.map(({ room, name, text }) => ({
    at: `${room}.${name}`,
    text: text.replace(/\{\w+\}/g, '7').trim(),
  }));
  it.each(REGION_PACKS.map((region) => [region.id, region] as const))('is fit to be read in %s', (_id, region) => {
    expect(texts.length).toBeGreaterThan(1000);
    expect(read.flatMap(({ at, text }) => faultsOf(text, region).map((fault) => `${fault} (${at}): ${text}`))).toEqual(
      [],
    );
  });
});

describe('all sentences', () => {
  // The ways at Choose take most of the time: every fourth site tells enough of them
  it.each(demo.map((job, i) => [job.title, job, i % 4 === 0] as const))(
    'of %s are fit to be read',
    (_title, job, ways) => {
      expect(faultsIn(everythingSaid(job, ways), placeOf(job))).toEqual([]);
    },
  );
  it('of random jobs of every kind are fit to be read, in every region', () => {
    fc.assert(
      fc.property(sequences, fc.constantFrom(...REGION_PACKS), (sequence, region) => {
        const log = logOf(sequence);
        log.write('siteDescribed', { region: region.id });
        const { job } = log;
        expect(faultsIn(everythingSaid(job, false), placeOf(job))).toEqual([]);
      }),
      { seed: 7, numRuns: runs(40) },
    );
  });
});
