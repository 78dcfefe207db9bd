import 'fake-indexeddb/auto';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { cleanup, configure, render, screen, waitFor, within } from '@testing-library/react';
import { expect } from 'vitest';
import userEvent from '@testing-library/user-event';
import { AppRouterContext } from 'next/dist/shared/lib/app-router-context.shared-runtime';
import type { ReactNode } from 'react';
import { DEFAULT_SETTINGS, type Settings } from '@/contract/settings';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import { fold, type Job } from '@/core/job';
import type { DeadNew } from '@/core/points';
import { newEntry, type Entry, type EntryData, type EntryKind, type NewEntry, type Rung } from '@/core/kinds';
import { CrewProvider } from '@/ui/crew/CrewContext';
import { JobScreen } from '@/ui/job/JobScreen';
import { forgetTyped } from '@/ui/log/typedTexts';
import { emptyShelf } from '../emptyShelf';
// Fetched when they are shown; here they stand already, for a test reads one module at a time
import '@/ui/points/yard/YardBench';
import '@/ui/rungs/prove/ProveBench';
import '@/ui/rungs/isolate/IsolateBench';
import '@/ui/rungs/leave/LeaveBench';
import '@/ui/rungs/wire/WireBench';
import '@/ui/points/doorbell/DoorbellMeasure';
import '@/ui/points/doorbell/look/DoorbellLook';
import '@/ui/points/doorbell/choose/ChooseBench';
import '@/ui/points/doorbell/mount/MountBench';
import '@/ui/points/doorbell/prove/DoorbellProve';
import '@/ui/points/floodlight/FixtureBench';
import '@/ui/points/floodlight/FloodlightBox';
import '@/ui/points/floodlight/FloodlightLook';
import '@/ui/points/plugFloodlight/OutletBench';
import '@/ui/points/plugFloodlight/PlugChooseBench';
import '@/ui/points/plugFloodlight/PlugLook';
import '@/ui/meter/MeterDialog';
import '@/ui/frame/KeyDialog';

// A job’s screen without a browser: the same components on the same log, before a server that a test can hold away.

// A wait ends with what it waits for; on a busy machine that may take its time
configure({ asyncUtilTimeout: 15_000 });

export const INES = { id: 'ines', name: 'Ines' };
export const TOMAS = { id: 'tomas', name: 'Tomas' };
export const CREW = [
  { ...INES, licensed: false },
  { ...TOMAS, licensed: true },
];

/** What the server of a test does with what is sent to it. */
export interface FakeServer {
  readonly log: Entry[];
  /** Everything that was asked: “POST /jobs/j/entries”. */
  readonly asked: string[];
  /** Null: it answers as it should. Otherwise what comes instead; what throws is no server at all. */
  instead: (() => Answer) | null;
}

/** What the interface reads of an answer. */
type Answer = Pick<Response, 'ok' | 'status' | 'json' | 'headers'>;

/** An answer of the server, or of whoever speaks in its place. @param body undefined: it is no JSON */
export const answering = (body: unknown, status = 200): Answer => ({
  ok: status >= 200 && status < 300,
  status,
  headers: new Headers(),
  json: () =>
    body === undefined
      ? Promise.reject(new SyntaxError('no JSON'))
      : Promise.resolve(JSON.parse(JSON.stringify(body)) as unknown),
});

/** Where a request goes, below the interface’s root. */
export const pathOf = (to: RequestInfo | URL): string =>
  (typeof to === 'string' ? to : to instanceof URL ? to.href : to.url).replace(/^.*\/api\/v1/, '');

/** What is sent with it, read; null where that is no JSON. */
export const bodyOf = (init: RequestInit | undefined): unknown =>
  typeof init?.body === 'string' && init.body.startsWith('{') ? JSON.parse(init.body) : null;

/** Answers as the routes do, from an array. */
export function fakeServer(log: Entry[]): FakeServer {
  const server: FakeServer = { log, asked: [], instead: null };
  const answered = async (path: string, init?: RequestInit): Promise<Answer> => {
    server.asked.push(`${init?.method ?? 'GET'} ${path}`);
    await Promise.resolve();
    if (server.instead) return server.instead();
    if (/^\/jobs\/[^/]+\/entries$/.test(path) && init?.method === 'POST') {
      const { entries } = bodyOf(init) as { entries: NewEntry[] };
      const taken = entries.map((entry): Entry => {
        const known = log.find(({ id }) => id === entry.id);
        if (known) return known;
        const numbered: Entry = { ...entry, seq: log.length + 1, receivedAt: entry.at };
        log.push(numbered);
        return numbered;
      });
      return answering({ entries: taken, last: log.length });
    }
    if (/^\/jobs\/[^/]+\/entries\?after=\d+$/.test(path)) return answering({ entries: log, last: log.length });
    return answering({ title: 'Not found', status: 404, detail: `Nothing at ${path}.`, errors: [] }, 404);
  };
  globalThis.fetch = (to, init) => answered(pathOf(to), init) as Promise<Response>;
  return server;
}

/** What a browser has and this machine doesn’t: nothing of it draws or works anything out here. */
export function standIns(): void {
  class IdlePort extends EventTarget {
    postMessage = () => undefined;
    terminate = () => undefined;
    start = () => undefined;
    close = () => undefined;
  }
  // What is judged and seen is worked out by the page itself
  class IdleWorker extends IdlePort {
    constructor(url: URL) {
      super();
      if (/judging|seeing/.test(url.href)) throw new RangeError('no such worker here');
    }
  }
  class IdleChannel {
    readonly port1 = new IdlePort();
    readonly port2 = new IdlePort();
  }
  // What is kept here is never changed afterwards: it need not be cloned
  const structuredClone = (value: unknown): unknown => value;
  Object.assign(globalThis, { Worker: IdleWorker, MessageChannel: IdleChannel, structuredClone });
  Object.assign(window, {
    scrollTo: () => undefined,
    matchMedia: () => ({
      matches: false,
      addEventListener: () => undefined,
      removeEventListener: () => undefined,
      // What Bootstrap’s drawer still asks for
      addListener: () => undefined,
      removeListener: () => undefined,
    }),
  });
}

/** Where links lead, without pages to go to. */
export const routed: string[] = [];
const router = {
  push: (to: string) => void routed.push(to),
  replace: (to: string) => void routed.push(to),
  refresh: () => void routed.push('here again'),
  back: () => undefined,
  forward: () => undefined,
  prefetch: () => undefined,
  bfcacheId: 'here',
};

/** Shows something with all that stands round a page. */
export function show(page: ReactNode) {
  standIns();
  // Somebody has said who is here, unless a test begins before that
  if (localStorage.getItem('fox-ladder-who') === null) localStorage.setItem('fox-ladder-who', INES.id);
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const rendered = render(
    <AppRouterContext value={router}>
      <QueryClientProvider client={client}>
        <CrewProvider crew={CREW} own={null}>
          {page}
        </CrewProvider>
      </QueryClientProvider>
    </AppRouterContext>,
  );
  return { ...rendered, user: userEvent.setup({ delay: null }) };
}

let ids = 0;
/** A log to begin with: what is said of it in order, by one person. */
export class Written {
  readonly entries: Entry[] = [];

  write<K extends EntryKind>(kind: K, data: EntryData<K>): this {
    const id = `00000000-0000-7000-8000-${String(++ids).padStart(12, '0')}`;
    // Written just now: who was away for long is asked about it
    const at = new Date(Date.now() - 300_000 + this.entries.length * 1000).toISOString();
    const entry = newEntry(kind, data, { id, at, by: INES });
    this.entries.push({ ...entry, seq: this.entries.length + 1, receivedAt: at });
    return this;
  }
}

export interface Opened {
  readonly pointId?: string;
  readonly rung?: Rung;
  readonly area?: string;
  readonly settings?: Partial<Settings>;
  readonly deadNew?: readonly DeadNew[];
}

/** A job’s screen as somebody has it before them. */
export function openJob(
  entries: readonly Entry[],
  { pointId = '', rung, area, settings = {}, deadNew = [] }: Opened = {},
) {
  const head = { id: 'job', title: 'Siskin House', createdAt: '2026-03-04T09:00:00Z' };
  const server = fakeServer([...entries]);
  const shown = show(
    <JobScreen
      log={JSON.stringify({ head, entries })}
      pointId={pointId}
      firstRung={rung ?? null}
      firstArea={area ?? null}
      settings={{ ...DEFAULT_SETTINGS, ...settings }}
      found={{}}
      deadNew={deadNew}
      catalogue={SHIPPED_CATALOGUE}
      ahead={null}
    />,
  );
  const bench = (): HTMLElement => screen.getByRole('main');
  return {
    ...shown,
    server,
    bench,
    /** The job as the server has it. */
    job: (): Job => fold(head, server.log),
    /** What was written since the screen was opened, newest last. */
    written: (): readonly Entry[] => server.log.slice(entries.length),
    /** Waits until the rung at hand stands on the bench. */
    ready: () => waitFor(() => expect(bench().textContent).not.toContain('fetching this rung'), { timeout: 20_000 }),
    /** Waits until nothing is on its way to the server. */
    kept: () =>
      waitFor(() => expect(within(bench()).getAllByRole('status')[0]?.textContent).toBe('kept'), { timeout: 20_000 }),
  };
}

/** Takes the screen away as a reload does: what the browser keeps stays. */
export function reload(): void {
  cleanup();
  forgetTyped();
}

/** Takes the screen away, and what it left in the browser. */
export async function close(): Promise<void> {
  reload();
  localStorage.clear();
  await emptyShelf();
}
