import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Browser, BrowserContext } from 'puppeteer-core';
import { v7 } from 'uuid';
import { DEAD_BELL, DEAD_MAINS } from '@/core/isolation/forTests';
import type { EntryData, EntryKind } from '@/core/kinds';
import { Screen, launch } from './screen';
import { Server } from './server';

// What a proof hangs on, as it was found wrong once, each by the clicks that showed it: two lights, a door, breakers between.

const INES = { id: 'ines', name: 'Ines' };
const TOMAS = { id: 'tomas', name: 'Tomas' };
const server = new Server();
let browser: Browser;
let context: BrowserContext;
let screen: Screen;
let jobId = '';

type Written = { readonly kind: EntryKind; readonly data: object; readonly minutesAgo?: number; readonly by?: object };
const wrote = <K extends EntryKind>(kind: K, data: EntryData<K>, minutesAgo = 0): Written => ({
  kind,
  data,
  minutesAgo,
});

/** Makes a job of what was written, and names the yard’s and the gate’s lights. */
async function job(...written: readonly Written[]): Promise<void> {
  const post = async (path: string, body: object): Promise<void> => {
    const answer = await fetch(`${server.url}/api/v1${path}`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(body),
    });
    if (!answer.ok) throw new Error(await answer.text());
  };
  jobId = v7();
  await post('/jobs', { id: jobId, at: new Date().toISOString(), by: INES, title: 'Siskin House' });
  const entries = [
    wrote('siteDescribed', { region: 'na-120' }, 40),
    wrote('boardListed', { boardId: 'b', ways: 8 }, 40),
    wrote('pointAdded', { pointId: 'yard', pointKind: 'floodlight', name: 'Yard', boxId: 'by' }, 40),
    wrote('pointAdded', { pointId: 'gate', pointKind: 'floodlight', name: 'Gate', boxId: 'bg' }, 40),
    wrote(
      'pointAdded',
      { pointId: 'door', pointKind: 'doorbell', name: 'Door', supplyId: 's', chimeId: 'c', boxId: 'bt' },
      40,
    ),
    ...written,
  ].map(({ kind, data, minutesAgo = 0, by = INES }) => ({
    id: v7(),
    at: new Date(Date.now() - minutesAgo * 60_000).toISOString(),
    by,
    kind,
    version: 1,
    data,
  }));
  await post(`/jobs/${jobId}/entries`, { entries });
}

const LOOKED = { otherInBox: 'no', sharedNeutral: 'no' } as const;
const named = (circuitId: string, way: string, ...feeds: string[]): Written =>
  wrote('circuitListed', { circuitId, way, feeds, ...LOOKED }, 5);
const off = (circuitId: string, minutesAgo = 4): Written =>
  wrote('circuitSwitched', { circuitId, to: 'off', tagged: true, guard: 'locked' }, minutesAgo);
const provedAt = (circuitId: string, placeId: string, minutesAgo = 3): Written =>
  wrote('deadProved', { circuitId, placeId, ...DEAD_MAINS }, minutesAgo);
/** The yard’s box open, its conductors proved dead by Ines behind breaker 7. */
const YARD = [
  named('c7', '7', 'yard'),
  off('c7'),
  wrote('stepTicked', { pointId: 'yard', stepId: 'box-photo', touches: 'nothing', how: 'done' }, 3.5),
  provedAt('c7', 'by'),
  wrote(
    'stepTicked',
    { pointId: 'yard', stepId: 'box-open', touches: 'mains', role: 'proof', placeId: 'by', how: 'done' },
    2,
  ),
] as const;

const go = (point: string, rung: string, on: Screen = screen): Promise<void> =>
  on.open(`${server.url}/jobs/${jobId}?point=${point}&rung=${rung}`);
const plate = (word: string, on: Screen = screen): Promise<void> => on.says(word, '[data-testid=circuit-state]');
/** The step at hand may be ticked. */
const free = (on: Screen = screen) => on.page.waitForSelector('[data-testid=tick]');
/** Looks at a step of the list that is not at hand. */
async function lookAt(step: string): Promise<void> {
  await screen.press('whole list');
  const line = await screen.page.waitForSelector(`[aria-label^="Open: ${step}"]`);
  await line?.click();
}
const held = (why: string, on: Screen = screen): Promise<void> => on.says(why, '.held-step');

async function proveMains(on: Screen = screen): Promise<void> {
  for (const label of ['hot to neutral', 'hot to ground', 'neutral to ground']) await on.type(label, '0');
  for (const words of ['Two-pole tester tried', 'Every pair and each', 'Tester tried on']) await on.press(words);
  await on.press('Write the proof down');
}

async function proveBell(between: string): Promise<void> {
  for (const [label, volts] of [
    ['between the two leads', between],
    ['first lead to ground', '0'],
    ['second lead to ground', '0'],
  ] as const)
    await screen.type(label, volts);
  await screen.press('Meter is rated for mains');
  await screen.press('Place is dry');
  await screen.press('Write the proof down', '.circuit-block');
  await screen.kept();
}

/** A browser of somebody’s own, as another phone is. */
async function phoneOf({ id }: { readonly id: string }): Promise<{ screen: Screen; context: BrowserContext }> {
  const own = await browser.createBrowserContext();
  const page = await own.newPage();
  await page.evaluateOnNewDocument((who) => localStorage.setItem('fox-ladder-who', who), id);
  return { screen: new Screen(page), context: own };
}

beforeAll(async () => {
  server.fill();
  await server.start();
  browser = await launch();
});
beforeEach(async () => {
  await context?.close();
  ({ screen, context } = await phoneOf(INES));
});
afterAll(async () => {
  await browser?.close();
  await server.stop();
  server.clear();
});

describe('one breaker at two places', () => {
  it('is live at both where it was said to be live at one', async () => {
    await job(...YARD, named('c7g', 'Breaker 07', 'gate'));
    await go('yard', 'wire');
    await free();
    await go('gate', 'isolate');
    await screen.says('Is it the same');
    await screen.press('It is live now');
    await screen.kept();
    await go('yard', 'wire');
    await held('Held:');
    expect(await screen.text('[data-testid=circuit-state]')).not.toContain('PROVED DEAD');
  });
  it('is proved dead in each box by itself', async () => {
    await job(...YARD);
    await go('gate', 'isolate');
    await screen.choose('or the same as', '7');
    await screen.kept();
    await screen.says('Proved dead at Yard: that is no test of the conductors here.');
    await screen.rung('Wire');
    await screen.press('Done', '.thumb');
    await screen.says('prove it dead here');
    expect(await screen.page.$('[data-testid=tick]')).toBeNull();
  });
});

describe('what ends a proof', () => {
  it('is a step that energises, also where somebody else did it', async () => {
    await job(...YARD);
    await go('yard', 'wire');
    await lookAt('Everybody clear');
    await screen.press('It has been done already');
    await screen.press('By somebody else');
    await screen.kept();
    await plate('LIVE');
    // Proved dead again is what comes next, and nothing else
    await lookAt('Part the conductors');
    await held('the circuit is live');
  });
  it('is volts on any screen: on the bell side, and what is lit at Prove', async () => {
    await job(
      named('c3', '3', 'door'),
      off('c3'),
      wrote('deadProved', { circuitId: 'c3', placeId: 's', ...DEAD_BELL }, 3),
    );
    await go('door', 'measure');
    await plate('PROVED DEAD');
    await screen.keep('open volts, transformer', '18.4');
    await plate('NOT KNOWN');
    // More than bell voltage makes that side mains until somebody writes why, whatever is read then
    await screen.rung('Isolate');
    await screen.press('Tagged');
    await screen.press('3 is off and tagged');
    await proveBell('119');
    await screen.says('this bell side is mains until somebody writes why');
    await screen.press('Tagged');
    await screen.press('3 is off and tagged');
    await proveBell('0');
    await screen.says('this bell side is mains until somebody writes why');
    await screen.keep('why it stood there', 'the lamp’s wire lay on it');
    await screen.until(() => !document.body.innerText.includes('until somebody writes why'));
  });
  it('is a cable that is found later', async () => {
    await job(...YARD);
    await go('yard', 'wire');
    await free();
    await screen.rung('Measure');
    await screen.press('+ 14/2 with ground');
    await screen.kept();
    await screen.rung('Wire');
    await held('not proved dead');
  });
  it('is a proof that comes late, over another’s on and off', async () => {
    await job(named('c7', '7', 'yard'), off('c7'), YARD[2]);
    const other = await phoneOf(TOMAS);
    await go('yard', 'wire');
    await go('yard', 'isolate', other.screen);
    await screen.page.setOfflineMode(true);
    await proveMains();
    await screen.says('kept here', '.kept');
    await other.screen.press('It is on again');
    await other.screen.press('Tagged');
    await other.screen.press('Locked off');
    await other.screen.press('7 is off and tagged');
    await other.screen.kept();
    await screen.page.setOfflineMode(false);
    await screen.kept();
    await screen.page.reload({ waitUntil: 'networkidle2' });
    await plate('OFF');
    expect(await screen.text('[data-testid=circuit-state]')).not.toContain('PROVED DEAD');
    await other.context.close();
  });
});

describe('a hunt', () => {
  it('never drops a breaker that somebody works under at another point', async () => {
    await job(...YARD, wrote('huntPlanned', { pointId: 'door', people: 1 }, 1));
    await go('door', 'isolate');
    await screen.says('kept: somebody works under it');
    const drop = await screen.page.$$eval('.drop-set b', (ways) => ways.map((way) => way.textContent));
    expect(drop).not.toContain('7');
  });
});

describe('who is at the box', () => {
  it('is asked after twenty minutes, held until it is answered, and written down', async () => {
    const late = YARD.map((one) => ({ ...one, minutesAgo: (one.minutesAgo ?? 0) + 25 }));
    await job(...late);
    await go('yard', 'wire');
    await screen.says('Back at the work?');
    await held('nothing written for long');
    await screen.press('I stood at it');
    await free();
    await screen.kept();
    const { entries } = (await (await fetch(`${server.url}/api/v1/jobs/${jobId}/entries?limit=200`)).json()) as {
      entries: { kind: string }[];
    };
    expect(entries.at(-1)?.kind).toBe('stayedAtWork');
  });
  it('is another one after a change of the person, there and back', async () => {
    await job(...YARD);
    await go('yard', 'wire');
    await free();
    for (const who of ['tomas', 'ines']) {
      await screen.page.select('.strip select', who);
      await screen.kept();
    }
    await held('not proved dead');
  });
  it('is the same in two tabs of one browser', async () => {
    await job(named('c7', '7', 'yard'), off('c7'), YARD[2]);
    const second = new Screen(await context.newPage());
    await go('yard', 'wire', second);
    await go('yard', 'wire');
    await screen.page.bringToFront();
    await proveMains();
    await screen.kept();
    await second.page.bringToFront();
    await plate('PROVED DEAD', second);
    await second.page.select('.strip select', 'tomas');
    await second.kept();
    await screen.page.bringToFront();
    await screen.until(() => document.querySelector<HTMLSelectElement>('.strip select')?.value === 'tomas');
    await screen.until(
      () => !document.querySelector('[data-testid=circuit-state]')?.textContent?.includes('PROVED DEAD'),
    );
  });
});

describe('the server away', () => {
  it('holds what a proof of before opened, and says that what is written is kept here alone', async () => {
    await job(...YARD.filter((one) => one !== YARD[2]));
    await go('yard', 'wire');
    await free();
    await server.stop();
    await screen.press('Done', '.thumb');
    await screen.says('kept here', '.kept');
    await held('the server is away');
    await screen.says('The lock and the tag on the breaker are the true guard');
    await server.start(new URL(server.url).port);
    await screen.kept();
  });
  it('with a clock that is an hour wrong loses nothing, and dates it as the server does', async () => {
    await job(...YARD);
    await go('yard', 'wire');
    await screen.page.evaluate(() => {
      const real = Date.now.bind(Date);
      Date.now = () => real() + 3_600_000;
    });
    await screen.press('Done', '.thumb');
    await screen.kept();
    const { entries } = (await (await fetch(`${server.url}/api/v1/jobs/${jobId}/entries?limit=200`)).json()) as {
      entries: { at: string; data: { stepId?: string } }[];
    };
    const tick = entries.find(({ data }) => data.stepId === 'box-spread');
    expect(Math.abs(Date.parse(tick?.at ?? '') - Date.now())).toBeLessThan(60_000);
  });
});

describe('what the gate asks', () => {
  it('can be true: no conductor is tested before the cover is off, nor a lock asked for where none fits', async () => {
    await job(named('c7', '7', 'yard'));
    await go('yard', 'isolate');
    await screen.press('Tagged');
    await screen.press('7 is off and tagged');
    await screen.choose('what keeps it off', 'Taped, board watched');
    await screen.type('who watches the board', 'Ruth');
    await screen.press('Write it down');
    await screen.kept();
    expect(await screen.page.$('[data-testid=proof-mains]')).toBeNull();
    await screen.press('Go on at Wire');
    await screen.press('Done', '.thumb');
    await screen.says('Cover off as if live');
    await screen.page.waitForSelector('[data-testid=proof-mains]');
  });
  it('is a licence where the firm keeps all mains for one', async () => {
    await job(...YARD, wrote('policyTaken', { licensedWork: 'allMains' }, 1));
    await go('yard', 'wire');
    await held('licensed work');
  });
  it('is nothing that was not asked: a box of which little is known can’t be told yet', async () => {
    await job(
      wrote('boxDescribed', { boxId: 'by', standardBox: 'oct-2-1-8', material: 'metal' }),
      wrote('cableDescribed', {
        boxId: 'by',
        cableId: 'k',
        role: 'feed',
        conductors: (['hot', 'neutral', 'ground'] as const).map((carries, i) => ({
          id: String(i + 1),
          awg: 14,
          strands: 'solid',
          metal: 'copper',
          colour: (['black', 'white', 'bare'] as const)[i] ?? 'black',
          carries,
        })),
      }),
    );
    await go('yard', 'choose');
    await screen.says('Not checked', 'main');
    expect(await screen.text('main')).not.toContain('Every rule is kept');
    await screen.says('Can’t tell yet', 'main');
  });
});

describe('what can hurt', () => {
  it('is said at each rung where it bites, from Look on', async () => {
    await job(...YARD, wrote('siteDescribed', { hazards: ['overheadWires', 'dog'] }));
    for (const [rung, where] of [
      ['isolate', ['Dog']],
      ['wire', ['Dog', 'wires']],
      ['mount', ['Dog', 'wires']],
    ] as const) {
      await go('yard', rung);
      for (const words of where) await screen.says(words, 'main .caution');
    }
    await go('yard', 'wire');
    await screen.says('Mains can kill', 'main');
  });
});

it('no page threw', () => expect(screen.faults).toEqual([]));
