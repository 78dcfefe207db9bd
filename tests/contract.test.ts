import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { answerBell, bellRequest } from '@/contract/bell';
import { answerBreakerHunt, breakerHuntRequest } from '@/contract/breakerHunt';
import { newCrewRequest, newJobRequest, parseEntries, parseJobFile } from '@/contract/job';
import { parse } from '@/contract/parse';
import { ProblemError, problemOf } from '@/contract/problem';
import { answerBoxFill, boxFillRequest } from '@/contract/boxFill';
import { answerSearchOrder, searchOrderRequest } from '@/contract/searchOrder';
import { meterQuery } from '@/contract/simulated';
import { answerSourceFit, sourceFitRequest } from '@/contract/sourceFit';
import { runs } from './runs';

const uuid = '01a212cc-13b4-7042-af58-158cee1520fc';
const by = { id: 'ines', name: 'Ines' };
const at = '2026-03-04T09:00:00+01:00';
const entry = (kind: string, data: unknown, more: object = {}) => ({ id: uuid, at, by, kind, data, ...more });

/** The refusal of what `run` does: its status and the places that it names. */
function refusal(run: () => unknown): { status: number; paths: readonly string[]; detail: string } {
  try {
    run();
  } catch (error) {
    if (error instanceof ProblemError)
      return { status: error.status, paths: error.errors.map(({ path }) => path), detail: error.detail };
    throw error;
  }
  throw new Error('nothing was refused');
}

const bell = {
  frequencyHz: 60,
  source: { openCircuitVolts: 16, seriesOhms: 2 },
  chime: { treatment: 'none' },
  load: { kind: 'resistor', ohms: 6 },
};

describe('compute/bell', () => {
  const ask = (body: unknown) => answerBell(parse(bellRequest, body));
  it('works out a plain divider', () => {
    expect(ask(bell)).toMatchObject({ status: 'ok', doorVolts: 12, amps: 2, sourceVolts: 12, maxWatts: null });
  });
  it('ignores chime fields that a treatment does not need, even impossible ones', () => {
    expect(ask({ ...bell, chime: { treatment: 'none', ohms: -5, shuntOhms: 0 } })).toMatchObject({ doorVolts: 12 });
  });
  it.each([
    ['no frequency', { ...bell, frequencyHz: undefined }, 400, 'frequencyHz'],
    ['a list for the source', { ...bell, source: [] }, 400, 'source'],
    ['null for the chime', { ...bell, chime: null }, 400, 'chime'],
    ['a treatment that is none', { ...bell, chime: { treatment: 'wish' } }, 400, 'chime.treatment'],
    ['both gauges', { ...bell, runs: { toDoor: { lengthM: 1, awg: 20, mm2: 1 } } }, 400, 'runs.toDoor'],
    ['no gauge', { ...bell, runs: { toDoor: { lengthM: 1 } } }, 400, 'runs.toDoor'],
    ['watts missing', { ...bell, load: { kind: 'power', powerFactor: 1 } }, 400, 'load.watts'],
    ['a frequency of zero', { ...bell, frequencyHz: 0 }, 422, 'frequencyHz'],
    ['negative watts', { ...bell, load: { kind: 'power', watts: -1, powerFactor: 1 } }, 422, 'load.watts'],
    ['half a pair', { ...bell, runs: { toDoor: { lengthM: 1, awg: 20, pairs: 0.5 } } }, 422, 'runs.toDoor.pairs'],
    [
      'a displacement under the power factor',
      { ...bell, load: { kind: 'power', watts: 1, powerFactor: 0.9, displacementFactor: 0.5 } },
      422,
      'load.displacementFactor',
    ],
    [
      'colder than copper’s law knows',
      { ...bell, runs: { toDoor: { lengthM: 1, awg: 20, celsius: -250 } } },
      422,
      'runs.toDoor.celsius',
    ],
  ])('refuses %s', (_what, body, status, path) => {
    const refused = refusal(() => ask(body));
    expect(refused.status).toBe(status);
    expect(refused.paths).toContain(path);
  });
  it('solves a rectifier in the time domain, and 0 W as open', () => {
    const rectifier = { kind: 'rectifier', watts: 3, capacitanceF: 0.00022, dropVolts: 1.4 };
    const answer = ask({ ...bell, load: rectifier });
    expect(answer.status).toBe('ok');
    expect(answer.capMinVolts).toBeLessThan(answer.capMeanVolts ?? 0);
    expect(answer.maxWatts).toBeNull();
    const open = ask({ ...bell, load: { ...rectifier, watts: 0 } });
    expect(open).toMatchObject({ doorVolts: 16, amps: 0, powerFactor: null });
    const dry = ask({ ...bell, load: { ...rectifier, watts: 40 } });
    expect(dry).toMatchObject({ status: 'collapse', doorVolts: null, capMinVolts: null, maxWatts: null });
  });
  it('takes second loads from the same transformer', () => {
    // 2 Ω inside; 6 Ω at the front and 6 Ω at the rear are 3 Ω: 16 · 3/5 = 9.6 V, 1.6 A each
    const answer = ask({ ...bell, second: [{ from: 'chime', load: { kind: 'resistor', ohms: 6 } }] });
    expect(answer.doorVolts).toBeCloseTo(9.6, 9);
    expect(answer.amps).toBeCloseTo(1.6, 9);
    expect(answer.sourceVa).toBeCloseTo(9.6 * 3.2, 9);
    expect(answer.sourceWatts).toBeCloseTo(9.6 * 3.2, 9);
    expect(answer.second?.[0]?.doorVolts).toBeCloseTo(9.6, 9);
    expect(answer.second?.[0]?.amps).toBeCloseTo(1.6, 9);
  });
  it.each([
    ['a capacitor of nothing', { watts: 3, capacitanceF: 0, dropVolts: 1.4 }, 'load.capacitanceF', 422],
    ['a negative drop', { watts: 3, capacitanceF: 1e-4, dropVolts: -1 }, 'load.dropVolts', 422],
    ['no capacitor', { watts: 3, dropVolts: 1.4 }, 'load.capacitanceF', 400],
  ])('refuses a rectifier with %s', (_what, load, path, status) => {
    const refused = refusal(() => ask({ ...bell, load: { kind: 'rectifier', ...load } }));
    expect(refused.status).toBe(status);
    expect(refused.paths).toContain(path);
  });
  it('answers or refuses whatever numbers come: no NaN leaves', () => {
    const number = fc.double({ noNaN: true, noDefaultInfinity: true });
    fc.assert(
      fc.property(number, number, number, number, (volts, ohms, watts, powerFactor) => {
        const body = {
          ...bell,
          source: { openCircuitVolts: volts, seriesOhms: ohms },
          load: { kind: 'power', watts, powerFactor },
        };
        try {
          const answer = ask(body);
          for (const figure of Object.values(answer)) if (typeof figure === 'number') expect(figure).not.toBeNaN();
        } catch (error) {
          expect(error).toBeInstanceOf(ProblemError);
        }
      }),
      { seed: 7, numRuns: runs(300) },
    );
  });
});

describe('compute/source-fit', () => {
  const ask = (body: unknown) => answerSourceFit(parse(sourceFitRequest, body));
  const fit = { ratedVolts: 16, ratedVa: 16, openCircuitVolts: 20, loads: [{ ohms: 16, volts: 16 }] };
  it('gives Rs = RL (Voc/VL − 1), the volts at rated current and the VA behind them', () => {
    // 16 Ω · (20/16 − 1) = 4 Ω; at 1 A 16 V are left: 16 VA
    const { seriesOhms, voltsAtRated, sagVa } = ask(fit);
    expect(seriesOhms).toBeCloseTo(4, 9);
    expect(voltsAtRated).toBeCloseTo(16, 9);
    expect(sagVa).toBeCloseTo(16, 9);
  });
  it.each([
    ['no load', { ...fit, loads: [] }, 422],
    ['eleven loads', { ...fit, loads: Array(11).fill({ ohms: 16, volts: 16 }) }, 422],
    ['a load above the open volts', { ...fit, loads: [{ ohms: 16, volts: 21 }] }, 422],
    [
      'several loads and a meter without any error',
      {
        ...fit,
        loads: [
          { ohms: 16, volts: 16 },
          { ohms: 8, volts: 13 },
        ],
        meter: { percent: 0, counts: 0, resolutionVolts: 0.1 },
      },
      422,
    ],
    ['an unknown field', { ...fit, tap: 'left' }, 400],
  ])('refuses %s', (_what, body, status) => {
    expect(refusal(() => ask(body)).status).toBe(status);
  });
});

describe('entries', () => {
  it('are taken with what they say and nothing more', () => {
    const [taken] = parseEntries({ entries: [entry('noteWritten', { text: 'hello' })] });
    // Without a version it is of the first one
    expect(taken).toEqual({ ...entry('noteWritten', { text: 'hello' }), version: 1 });
  });
  it.each([
    ['no list', { entries: 'none' }, 400, 'entries'],
    ['an empty list', { entries: [] }, 422, 'entries'],
    ['an id that is none', { entries: [entry('noteWritten', { text: 'a' }, { id: '7' })] }, 400, 'entries[0].id'],
    [
      'a time without its offset',
      { entries: [entry('noteWritten', { text: 'a' }, { at: '2026-03-04T09:00:00' })] },
      400,
      'entries[0].at',
    ],
    [
      'a day that is none',
      { entries: [entry('noteWritten', { text: 'a' }, { at: '2026-02-31T25:00:00Z' })] },
      400,
      'entries[0].at',
    ],
    ['an unknown kind', { entries: [entry('sang', {})] }, 400, 'entries[0].kind'],
    ['a kind of every object', { entries: [entry('toString', {})] }, 400, 'entries[0].kind'],
    ['data that are a list', { entries: [entry('noteWritten', [])] }, 400, 'entries[0].data'],
    [
      'an unknown field in the data',
      { entries: [entry('noteWritten', { text: 'a', loud: true })] },
      400,
      'entries[0].data',
    ],
    [
      'a 400 V reading on the bell side',
      {
        entries: [
          entry('readingTaken', { pointId: 'a', what: 'volts', at: 'door', state: 'liveDay', low: 400, high: 400 }),
        ],
      },
      422,
      'entries[0].data.high',
    ],
    [
      'a negative length',
      { entries: [entry('runDescribed', { pointId: 'a', run: 'toDoor', lengthLowM: -1 })] },
      422,
      'entries[0].data.lengthLowM',
    ],
    [
      'a gauge that does not exist',
      { entries: [entry('runDescribed', { pointId: 'a', run: 'toDoor', awg: 77 })] },
      422,
      'entries[0].data.awg',
    ],
    [
      'a skipped check without its reason',
      { entries: [entry('checkDone', { pointId: 'a', check: 'lit', result: 'skipped' })] },
      422,
      'entries[0].data.reason',
    ],
  ])('refuse %s, at its place', (_what, body, status, path) => {
    const refused = refusal(() => parseEntries(body));
    expect({ status: refused.status, named: refused.paths }).toEqual({
      status,
      named: expect.arrayContaining([path]),
    });
  });
  it('never fail otherwise than by a refusal, whatever comes', () => {
    fc.assert(
      fc.property(
        fc.anything(),
        fc.constantFrom('noteWritten', 'siteDescribed', 'readingTaken', 'choiceMade'),
        (data, kind) => {
          for (const body of [data, { entries: [data] }, { entries: [entry(kind, data)] }])
            try {
              parseEntries(body);
            } catch (error) {
              expect(error).toBeInstanceOf(ProblemError);
            }
        },
      ),
      { seed: 11, numRuns: runs(400) },
    );
  });
});

describe('job files', () => {
  const file = {
    format: 'fox-ladder/job',
    version: 1,
    job: { id: uuid, createdAt: at, title: 'Tern' },
    entries: [entry('noteWritten', { text: 'a' }, { seq: 1, receivedAt: at })],
    attachments: [],
  };
  it('are taken, with or without what a server had added', () => {
    expect(parseJobFile(file).entries).toHaveLength(1);
    expect(parseJobFile({ ...file, attachments: undefined }).attachments).toEqual([]);
  });
  it('say that a newer one is newer, and what to do', () => {
    expect(refusal(() => parseJobFile({ ...file, version: 2 }))).toMatchObject({
      status: 422,
      detail: expect.stringContaining('Update the program'),
    });
  });
  it.each([
    ['something else', 'a song', 400],
    ['another format', { ...file, format: 'other/job' }, 400],
    ['no version', { ...file, version: '1' }, 400],
    ['a broken hash', { ...file, attachments: [{ id: 'a', mediaType: 'image/png', sha256: 'zz', base64: '' }] }, 400],
    ['an entry that is none', { ...file, entries: [7] }, 400],
  ])('refuse %s', (_what, body, status) => {
    expect(refusal(() => parseJobFile(body)).status).toBe(status);
  });
});

describe('names', () => {
  it('are refused when empty or endless', () => {
    expect(parse(newCrewRequest, { id: 'a', name: 'Ines' }).name).toBe('Ines');
    expect(refusal(() => parse(newCrewRequest, { id: 'a', name: '  ' })).status).toBeGreaterThanOrEqual(400);
    expect(refusal(() => parse(newJobRequest, { id: uuid, at, by, title: 'x'.repeat(121) })).paths).toContain('title');
  });
});

describe('problems', () => {
  it('carry RFC 9457’s fields and never a stack', () => {
    const problem = problemOf(new ProblemError(422, 'No.', [{ path: 'a', message: 'is wrong' }]));
    expect(problem).toEqual({
      type: 'about:blank',
      title: 'Understood, but not possible',
      status: 422,
      detail: 'No.',
      errors: [{ path: 'a', message: 'is wrong' }],
    });
  });
});

describe('compute/breaker-hunt', () => {
  const ask = (body: unknown) => answerBreakerHunt(parse(breakerHuntRequest, body));
  const ways = [
    { id: 'w1', probability: 0.4 },
    { id: 'w2', probability: 0.25 },
    { id: 'w3', probability: 0.15 },
    { id: 'w4', probability: 0.1, doNotDrop: true },
    { id: 'w5', probability: 0.1, doNotDrop: true },
  ];
  it('answers the worked example', () => {
    const answer = ask({ ways, answered: [{ dropped: ['w1'], died: false }] });
    expect(answer.expectedTests).toBeCloseTo(1.58333, 5);
    expect(answer.ways[0]).toMatchObject({ id: 'w2' });
    expect(answer.ways[0]?.probability).toBeCloseTo(0.416667, 6);
    expect(answer.byAgreement).toEqual(['w4', 'w5']);
  });
  it.each([
    ['no ways', {}, 400, 'ways'],
    ['a way without probability', { ways: [{ id: 'a' }] }, 400, 'ways[0].probability'],
    ['a probability in words', { ways: [{ id: 'a', probability: '1' }] }, 400, 'ways[0].probability'],
    ['an unknown field', { ways: [{ id: 'a', probability: 1, amps: 15 }] }, 400, 'ways[0]'],
    ['an answer without a set', { ways, answered: [{ died: true }] }, 400, 'answered[0].dropped'],
    ['a negative probability', { ways: [{ id: 'a', probability: -1 }] }, 422, 'ways[0].probability'],
    ['probabilities that are all zero', { ways: [{ id: 'a', probability: 0 }] }, 422, 'ways'],
    ['two ways with one number', { ways: [ways[0], ways[0]] }, 422, 'ways[1].id'],
    ['a way that is not there', { ways, answered: [{ dropped: ['w9'], died: true }] }, 422, 'answered[0].dropped[0]'],
    [
      'answers that contradict',
      {
        ways,
        answered: [
          { dropped: ['w1'], died: true },
          { dropped: ['w1'], died: false },
        ],
      },
      422,
      'answered',
    ],
  ])('refuses %s', (_what, body, status, path) => {
    const refused = refusal(() => ask(body));
    expect(refused.status).toBe(status);
    expect(refused.paths).toContain(path);
  });
});

describe('compute/box-fill', () => {
  const ask = (body: unknown) => answerBoxFill(parse(boxFillRequest, body));
  const printed = {
    rule: 'us-314.16',
    edition: 2020,
    boxIn3: 15.5,
    conductors: [
      { awg: 14, count: 4, role: 'ends' },
      { awg: 18, count: 3, role: 'fixture' },
    ],
    canopy: 'flat',
    clamps: 'internal',
    grounds: { count: 3, awg: 14, fromCanopy: 1 },
  };
  it('answers the printed examples', () => {
    expect(ask(printed)).toMatchObject({ requiredIn3: 16.5, spareIn3: -1, fits: false });
    expect(ask({ ...printed, canopy: 'domed' })).toMatchObject({ requiredIn3: 12, spareIn3: 3.5, fits: true });
  });
  it('needs no more than the box and what is in it', () => {
    expect(ask({ rule: 'us-314.16', edition: 2023, boxIn3: 6, conductors: [] })).toEqual({
      requiredIn3: 0,
      spareIn3: 6,
      fits: true,
      items: [],
    });
  });
  it.each([
    ['another rule', { ...printed, rule: 'eu' }, 400],
    ['another edition', { ...printed, edition: 2014 }, 400],
    ['an unknown field', { ...printed, lid: true }, 400],
    ['a role that is none', { ...printed, conductors: [{ awg: 14, count: 1, role: 'hot' }] }, 400],
    ['a box of 0 in³', { ...printed, boxIn3: 0 }, 422],
    ['a size without an allowance', { ...printed, conductors: [{ awg: 15, count: 1, role: 'ends' }] }, 422],
    ['a yoke of 4 AWG', { ...printed, yokes: [{ awg: 4 }] }, 422],
    ['half a conductor', { ...printed, conductors: [{ awg: 14, count: 1.5, role: 'ends' }] }, 422],
    ['fewer than none', { ...printed, fittings: -1 }, 422],
    ['more grounds from the canopy than there are', { ...printed, grounds: { count: 1, awg: 14, fromCanopy: 2 } }, 422],
  ])('refuses %s', (_what, body, status) => {
    expect(refusal(() => ask(body)).status).toBe(status);
  });
});

describe('compute/search-order', () => {
  const ask = (body: unknown) => answerSearchOrder(parse(searchOrderRequest, body));
  const place = (id: string, probability: number, minutes: number) => ({ id, probability, minutes });
  it('answers the worked example', () => {
    const answer = ask({ places: [place('board', 0.5, 10), place('furnace', 0.3, 3), place('attic', 0.2, 12)] });
    expect(answer.order).toEqual(['furnace', 'board', 'attic']);
    expect(answer.expectedMinutes).toBeCloseTo(12.4, 9);
  });
  it.each([
    ['nothing to search', { places: [] }, 422, 'places'],
    ['no places', {}, 400, 'places'],
    ['minutes missing', { places: [{ id: 'a', probability: 1 }] }, 400, 'places[0].minutes'],
    ['negative minutes', { places: [place('a', 1, -1)] }, 422, 'places[0].minutes'],
    ['all zero', { places: [place('a', 0, 1)] }, 422, 'places'],
    ['one id twice', { places: [place('a', 1, 1), place('a', 1, 1)] }, 422, 'places[1].id'],
    ['minutes that overflow', { places: [place('a', 1, 1e308), place('b', 1, 1e308)] }, 422, 'places'],
  ])('refuses %s', (_what, body, status, path) => {
    const refused = refusal(() => ask(body));
    expect(refused.status).toBe(status);
    expect(refused.paths).toContain(path);
  });
});

describe('the simulated meter’s query', () => {
  const query = { job: 'j', point: 'p', function: 'voltsAc', from: 'S1', to: 'S2', state: 'open' };
  it.each([
    ['a function that is none', { ...query, function: 'smell' }, 400],
    ['a screw that is none', { ...query, to: 'S9' }, 400],
    ['both probes on one screw', { ...query, to: 'S1' }, 422],
    ['no job', { ...query, job: undefined }, 400],
  ])('refuses %s', (_what, body, status) => {
    expect(refusal(() => parse(meterQuery, body)).status).toBe(status);
  });
});
