import { afterAll, beforeAll } from 'vitest';
import type { Browser } from 'puppeteer-core';
import { Screen, launch } from './screen';
import { Server } from './server';

/** The demo firm on a server of its own, a browser before it, and the ids of its jobs. */
export interface Stage {
  readonly server: Server;
  readonly screen: Screen;
  readonly browser: Browser;
  readonly jobs: ReadonlyMap<string, string>;
  /** Opens a job by its title; `where` is the rest of the address. */
  readonly go: (title: string, where: string) => Promise<void>;
}

/** Sets the stage before the tests of a file and clears it after them. @returns what is there once they run */
export function demoStage(): () => Stage {
  const server = new Server();
  let stage: Stage | null = null;
  beforeAll(async () => {
    server.fill();
    await server.start();
    const browser = await launch();
    const screen = new Screen(await browser.newPage());
    const list = (await (await fetch(`${server.url}/api/v1/jobs?limit=50`)).json()) as {
      jobs: { id: string; title: string }[];
    };
    const jobs = new Map(list.jobs.map(({ id, title }) => [title, id]));
    stage = {
      server,
      screen,
      browser,
      jobs,
      go: (title, where) => screen.open(`${server.url}/jobs/${jobs.get(title) ?? ''}${where}`),
    };
  });
  afterAll(async () => {
    await stage?.browser.close();
    await server.stop();
    server.clear();
  });
  return () => {
    if (!stage) throw new Error('the stage is set before the first test');
    return stage;
  };
}
