import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { parseEntries } from '@/contract/job';
import { chooseAmong, optionId, optionsFor } from '@/core/advice';
import { DRAWS_FOR_A_CHOICE } from '@/core/bell';
import { SUPPLY_POLICIES, type SupplyPolicy } from '@/core/policy';
import { fold } from '@/core/job';
import type { Entry } from '@/core/kinds';
import { asked, asDoor } from '@/core/job/forTests';
import { assess, huntOf, ladderOf, nextMove, searchOf, stepStandings, worriesOf } from '@/core/points';
import { demoJobs } from '@/demo/demoFirm';

let count = 0;
const newId = () => `00000000-0000-7000-8000-${String(++count).padStart(12, '0')}`;
const day = (days: number, hour: number) => Date.UTC(2026, 2, 10 + days, hour);
const jobs = new Map(demoJobs(newId, day).map(({ title, entries }) => [title, entries]));

const opened = new Map<string, ReturnType<typeof openAnew>>();
/** A site of the firm as it is assessed; the same again is worked out once. */
const open = (title: string, draws = DRAWS_FOR_A_CHOICE) => {
  const key = `${title} ${draws}`;
  const known = opened.get(key) ?? openAnew(title, draws);
  opened.set(key, known);
  return known;
};
const openAnew = (title: string, draws: number) => {
  const entries = jobs.get(title);
  if (!entries) throw new Error(title);
  const job = fold({ id: 'x', title, createdAt: '' }, entries);
  const [point] = job.points;
  if (!point) throw new Error(`${title} has no point`);
  return { job, point, assessment: assess(job, point, draws) };
};
const verdictOf = (title: string) => open(title).assessment.reference.judgement.verdict;
/** The verdict on one way at a site. */
const wayVerdict = (title: string, transformer: string | null, treatment: string, join = false) => {
  const { survey, premises, known } = open(title).assessment;
  const id = optionId({
    transformer: transformer === null ? null : { id: transformer },
    tap: null,
    treatmentId: treatment,
    wire: join ? 'join' : 'keep',
  });
  const options = optionsFor(survey, premises).filter((way) => way.id === id);
  return chooseAmong(survey, known.houses, options, 'soundest').options[0]?.judgement.verdict;
};
/** What a school proposes at a site: transformer, treatment, wire. */
const proposedBy = (title: string, policy: SupplyPolicy): string | undefined => {
  const { survey, premises, known } = open(title, 500).assessment;
  return chooseAmong(survey, known.houses, optionsFor(survey, premises), policy).proposed?.id;
};

describe('the schools of a weak supply', () => {
  it('all leave a healthy transformer where it is, and join the pairs of a thin cable', () => {
    for (const policy of SUPPLY_POLICIES) {
      expect(proposedBy('Sandpiper House', policy)).toBe('keep+powerModule');
      expect(proposedBy('Cormorant Row 7', policy)).toBe('keep+powerModule+join');
    }
  });
  it('part at a tired 10 VA one', () => {
    expect(proposedBy('Tern Cottage', 'soundest')).toBe('plug-18-30+powerModule');
    expect(proposedBy('Tern Cottage', 'spareChime')).toMatch(/^(box-16-30|plug-18-30)\+powerModule/);
    expect(proposedBy('Tern Cottage', 'headroom')).toBe('box-24-40+powerModule');
    expect(proposedBy('Tern Cottage', 'silence')).toBe('plug-18-30+jumper');
  });
});

describe('the made-up firm', () => {
  it('has twenty-five sites, sixteen on 120 V and nine on 230 V, whose entries the open interface takes', () => {
    expect(jobs.size).toBe(25);
    const regions = [...jobs.keys()].map((title) => open(title).job.site.region);
    expect(regions.filter((region) => region === 'na-120')).toHaveLength(16);
    expect(regions.filter((region) => region === 'gb-230')).toHaveLength(9);
    for (const entries of jobs.values()) {
      const written = entries.map(({ seq: _seq, receivedAt: _receivedAt, ...entry }: Entry) => entry);
      expect(parseEntries({ entries: written })).toHaveLength(entries.length);
    }
  });
  it('has an old transformer that fails at night, and another one that would hold', () => {
    const { reference } = open('Tern Cottage').assessment;
    expect(inWords(reference.judgement, say)).toMatchObject({ verdict: 'fails', governing: 'liveNight' });
    expect(wayVerdict('Tern Cottage', 'plug-18-30', 'powerModule')).toBe('holds');
  });
  it('has a healthy one that reads high with nothing on it', () => {
    const { known } = open('Sandpiper House').assessment;
    expect(known.openVolts.likely).toBeGreaterThan(1.15 * 16);
    expect(verdictOf('Sandpiper House')).toBe('holds');
  });
  it('has one of which nothing can be told yet', () => {
    expect(verdictOf('Marram View')).toBe('cannotTell');
    expect(open('Marram View').assessment.known.sourceKnown).toBe(false);
  });
  it('has a long thin cable that joined pairs cure', () => {
    expect(['fails', 'cannotTell', 'tight']).toContain(wayVerdict('Cormorant Row 7', null, 'powerModule', false));
    expect(wayVerdict('Cormorant Row 7', null, 'powerModule', true)).toBe('holds');
  });
  it('has an 8 V transformer to be replaced, its mains side held until it is proved dead', () => {
    const { job, point, assessment } = open('Gull House');
    expect(['fails', 'cannotTell']).toContain(wayVerdict('Gull House', null, 'fuseLink'));
    expect(assessment.reference.judgement.verdict).toBe('holds');
    expect(nextMove(job, point, assessment, asked('ines')).rung).toBe('isolate');
    const mains = stepStandings(job, point, asked('ines')).filter(({ step }) => step.touches === 'mains');
    expect(mains.length).toBeGreaterThan(5);
    expect(mains.every(({ held }) => held !== null)).toBe(true);
  });
  it('has one that waits for its first charge, and a finished one', () => {
    const lapwing = open('Lapwing Lodge');
    expect(nextMove(lapwing.job, lapwing.point, lapwing.assessment, asked('tomas')).rung).toBe('prove');
    const oyster = open('Oyster Quay 5');
    const marks = ladderOf(oyster.job, oyster.point, oyster.assessment, asked('tomas'));
    expect(marks.map(({ state }) => state)).toEqual(marks.map(() => 'done'));
    expect(oyster.point.checks.doorVolts?.data.result).toBe('passed');
  });
  it('has a board of 24 ways in mid-hunt, which its own answers can finish', () => {
    const { job, point, assessment } = open('Whimbrel Court');
    const hunt = huntOf(job, point);
    expect(hunt.state).toBe('hunting');
    expect(inWords(nextMove(job, point, assessment, asked('tomas')), say)).toMatchObject({ rung: 'isolate' });
    expect('left' in hunt && hunt.left.map(({ id }) => id)).toContain('main/12');
  });
  it('has a bell that dies with the light, a search, a weak spot and a customer who is not ready', () => {
    const worries = (title: string) => {
      const { job, point, assessment } = open(title);
      return worriesOf(job, point, assessment).map(({ id }) => id);
    };
    expect(worries('Dunlin Terrace 4')).toContain('switchedFeed');
    expect(worries('Plover Point')).toContain('wifi');
    expect(worries('Knot Cottage')).toContain('customer');
    const redshank = open('Redshank Hall');
    expect(searchOf(redshank.job, asDoor(redshank.point)).left[0]?.id).toBe('droppedCeiling');
    expect(say(nextMove(redshank.job, redshank.point, redshank.assessment, asked('ines')).words)).toContain(
      'dropped ceiling',
    );
  });
  it('reads nothing that its own physics can’t explain', () => {
    for (const title of jobs.keys()) {
      const { point, assessment } = open(title);
      if (point.kind !== 'doorbell') continue;
      const { fits } = assessment.known;
      expect(fits.filter(({ contradicts }) => contradicts)).toEqual([]);
    }
  });
});
