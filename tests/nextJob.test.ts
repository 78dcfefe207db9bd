import { describe, expect, it } from 'vitest';
import { factsForNext, type Job } from '@/core/job';
import type { Stated } from '@/core/kinds';
import { assess, ladderOf, type Point } from '@/core/points';
import { Hand, type Site } from './climbing/hand';
import { SITES } from './climbing/sites';

const ON = '2026-10-01';
/** What of a log is of live and dead, of readings, or of work: none of it goes over. */
const NEVER =
  /^(circuitSwitched|breakerGuarded|deadProved|hintNoted|huntTested|readingTaken|conductorTested|plugSeen|stepTicked|choiceMade|fixtureChosen|plugFixtureChosen|checkDone|mountRecorded|pointLeft|wifiRead|circuitsCompared|placeCleared|policyTaken|photoAttached|noteWritten)$/;

/** Kinds of houses that are unlike each other: each is climbed, and then climbed again by the next person. */
const HOUSES = [
  'an old 16 V 10 VA transformer',
  'an electronic chime',
  'no bell, an adapter',
  'no bell, a supply from the board',
  'a British boxed chime',
  'thin wire with pairs to spare',
  'a plugged transformer',
  'a floodlight on a box with room',
  'a floodlight in Britain',
  'a floodlight behind a switch',
  'a floodlight with a plug',
] as const;

const siteOf = (name: string): Site => {
  const site = SITES[name];
  if (!site) throw new Error(`no site ${name}`);
  return site;
};
const onlyPoint = ({ points }: Job): Point => {
  const [point] = points;
  if (!point) throw new Error('no point');
  return point;
};

/** What the next person’s meter shows: a source as its nameplate says now. */
function nextSite(site: Site, point: Point): Site {
  const volts = point.kind === 'doorbell' ? (point.transformer.ratedVolts ?? 16) : 16;
  const { look: _look, fails: _fails, ...same } = site;
  const transformer = { ratedVolts: volts, ratedVa: 30 };
  return { ...same, transformer, source: { openVolts: volts * 1.15, ohms: 1.8 } };
}

describe('a later job at a house', () => {
  it.each(HOUSES)('starts with what stands there and is climbed to its sheet: %s', (name) => {
    const site = siteOf(name);
    const first = new Hand(site);
    first.climb('p');
    const facts = factsForNext(first.job, first.entries, ON);
    expect(facts.filter(({ kind }) => NEVER.test(kind))).toEqual([]);
    const started = new Hand(site, facts);
    const { job } = started;
    expect(job.follows).toEqual({ jobId: 'j', on: ON });
    expect(job.site.region).toBe(first.job.site.region);
    // Its breaker is known by name; of its state nobody knows anything
    expect(job.circuits.map(({ way }) => way)).toEqual(first.job.circuits.map(({ way }) => way));
    expect(job.circuits.every(({ state, lookedAt }) => state.state === 'unknown' && lookedAt === null)).toBe(true);
    const next = new Hand(nextSite(site, onlyPoint(job)), facts);
    next.climb('p');
    const point = next.pointOf('p');
    const marks = ladderOf(next.job, point, assess(next.job, point, 200), { id: 'ines', at: 0, ownProofs: null });
    expect(marks.filter(({ state }) => state !== 'done').map(({ rung }) => rung)).toEqual([]);
  });

  const afterAt = (site: Site): Point => {
    const hand = new Hand(site);
    hand.climb('p');
    return onlyPoint(new Hand(site, factsForNext(hand.job, hand.entries, ON)).job);
  };
  const after = (name: string): Point => afterAt(siteOf(name));
  it('finds the new transformer and the treated chime, not the old ones', () => {
    const hand = new Hand(siteOf('an old 16 V 10 VA transformer'));
    hand.climb('p');
    const built = hand.pointOf('p');
    const taken = built.kind === 'doorbell' ? built.choice?.data : undefined;
    const point = after('an old 16 V 10 VA transformer');
    if (point.kind !== 'doorbell') throw new Error('no door');
    expect(taken?.transformer).toBeTruthy();
    expect(point.transformer).toMatchObject({
      ratedVolts: taken?.transformer?.ratedVolts,
      ratedVa: taken?.transformer?.ratedVa,
    });
    expect(point.look.wasThere).toBe('videoDoorbell');
    expect(point.chime.present).not.toBeUndefined();
  });
  it('finds no chime where it went with its housing, and asks for wires that were pulled anew', () => {
    const boxed = after('a British boxed chime');
    expect(boxed.kind === 'doorbell' && boxed.chime.chimeKind).toBe('none');
    const pulled = afterAt({
      ...siteOf('an entry phone whose cable stays in the wall'),
      runs: { awg: 24, lengthM: 30 },
    });
    expect(pulled.kind === 'doorbell' && pulled.runs.toDoor).not.toHaveProperty('awg');
    expect(pulled.kind === 'doorbell' && pulled.runs.toDoor.lengthLowM).toBe(30);
  });
  it('finds a floodlight where one was hung, and asks for a box that was exchanged', () => {
    const same = after('a floodlight on a box with room');
    expect([same.look.oldFixture, same.box.standardBox]).toEqual(['floodlight', 'oct-2-1-8']);
    expect(same.cables.every(({ facts }) => facts.conductors !== undefined)).toBe(true);
    expect(after('a floodlight on a pancake box').box).not.toHaveProperty('standardBox');
  });
  it('takes nothing over of what is built in part: it is neither as found nor as planned', () => {
    const hand = new Hand(siteOf('an old 16 V 10 VA transformer'));
    hand.climb('p');
    const ticks = hand.entries.filter(({ kind }) => kind === 'stepTicked');
    const half = hand.entries.filter((entry) => entry.kind !== 'pointLeft' && !ticks.slice(3).includes(entry));
    const facts: readonly Stated[] = factsForNext(
      { ...hand.job, points: new Hand(siteOf('an old 16 V 10 VA transformer'), half).job.points },
      half,
      ON,
    );
    expect(facts.map(({ kind }) => kind)).not.toContain('transformerDescribed');
    expect(facts.map(({ kind }) => kind)).not.toContain('chimeDescribed');
    expect(facts.map(({ kind }) => kind)).toContain('siteDescribed');
  });
});
