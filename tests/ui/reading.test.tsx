/** @vitest-environment jsdom */
import { afterEach, describe, expect, it } from 'vitest';
import { screen } from '@testing-library/react';
import { fold, placeOf } from '@/core/job';
import { RUNGS, RUNG_NAMES } from '@/core/kinds';
import { demoJobs } from '@/demo/demoFirm';
import { faultsOf } from '@/words/faults';
import { close, openJob } from './onScreen';

// Every rung of the demo firm as somebody reads it: what words and figures make together, on the screen itself.

let ids = 0;
const demo = demoJobs(
  () => `00000000-0000-7000-8000-${String(++ids).padStart(12, '0')}`,
  (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
);
const points = demo.flatMap(({ title, entries }) => {
  const job = fold({ id: title, title, createdAt: '' }, entries);
  return job.points.map(({ id, name }) => [`${title}, ${name}`, entries, id, placeOf(job)] as const);
});

/** The text of an element; two pieces that touch are read as two. */
function spoken(node: Node): string {
  if (node.nodeType === Node.TEXT_NODE) return node.textContent ?? '';
  return [...node.childNodes]
    .map(spoken)
    .reduce(
      (before, next) =>
        /[\p{L}\d.]$/u.test(before) && /^[\p{L}\d]/u.test(next) ? `${before} · ${next}` : before + next,
      '',
    );
}

/** The texts of the blocks of a page: what stands in one piece is read in one piece. */
function textsOf(root: HTMLElement): readonly string[] {
  const blocks = root.querySelectorAll(
    'p, li, dt, dd, h2, h3, caption, td, th, label, summary, figcaption, text, button',
  );
  return [...blocks]
    .filter((block) => !block.querySelector('p, li, dt, dd, td, label, text'))
    .map((block) => spoken(block).replace(/\s+/g, ' ').trim())
    .filter((text) => text !== '');
}

afterEach(close);

describe('what stands on the screen', () => {
  it.each(points)('of %s is fit to be read, rung by rung', async (_name, entries, pointId, { region }) => {
    const { ready, bench, user } = openJob(entries, { pointId, rung: 'look' });
    const ladder = screen.getByRole('navigation', { name: 'Ladder' });
    for (const rung of RUNGS) {
      // By what stands on it: to ask for each name as it is read aloud takes longer than all the rest
      const at = [...ladder.querySelectorAll('button')].find((one) => one.textContent.includes(RUNG_NAMES[rung]));
      if (!at) throw new Error(`no rung ${rung}`);
      await user.click(at);
      await ready();
      const faults = textsOf(bench()).flatMap((text) =>
        faultsOf(text, region)
          .filter((fault) => fault !== 'a gap' && fault !== 'over 25 words')
          .map((fault) => `${rung}: ${fault}: ${text}`),
      );
      expect(faults).toEqual([]);
    }
  });
});
