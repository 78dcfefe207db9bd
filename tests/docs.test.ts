import { describe, expect, it } from 'vitest';
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import path from 'node:path';

const PAGES = [
  'README.md',
  'CONTRIBUTING.md',
  'docs/architecture.md',
  ...pagesOf('docs/domain'),
  'docs/formats/README.md',
];
function pagesOf(folder: string): readonly string[] {
  return readdirSync(folder).map((name) => path.join(folder, name));
}
function filesOf(folder: string): readonly string[] {
  return readdirSync(folder).flatMap((name) => {
    const at = path.join(folder, name);
    return statSync(at).isDirectory() ? filesOf(at) : [at];
  });
}
const sources = ['src', 'tests', 'scripts'].flatMap(filesOf).filter((file) => /\.(tsx?|mjs)$/.test(file));

describe('the written house', () => {
  it.each(PAGES)('%s names no file that is not there', (page) => {
    const named = [...readFileSync(page, 'utf8').matchAll(/`((?:src|tests|docs|scripts)\/[\w./-]+)`/g)];
    const missing = named.flatMap(([, file = '']) => (existsSync(file) ? [] : [file]));
    expect(missing).toEqual([]);
  });
  it.each(PAGES)('%s links to nothing that is not there', (page) => {
    const links = [...readFileSync(page, 'utf8').matchAll(/\]\(([^)#:]+)\)/g)];
    const missing = links.flatMap(([, link = '']) => (existsSync(path.join(path.dirname(page), link)) ? [] : [link]));
    expect(missing).toEqual([]);
  });
  it('has every page that a comment cites, and no page that none cites', () => {
    const cited = new Set(
      sources.flatMap((file) =>
        [...readFileSync(file, 'utf8').matchAll(/\bdomain\/([a-z]+)/g)].map(([, page]) => page),
      ),
    );
    const pages = pagesOf('docs/domain').map((file) => path.basename(file, '.md'));
    expect(cited).toEqual(new Set(pages.filter((page) => page !== 'README')));
  });
  it('tells the figures that the code has', () => {
    const said = (page: string): string => readFileSync(`docs/domain/${page}.md`, 'utf8').replace(/\s+/g, ' ');
    const figure = (file: string, name: string): string =>
      new RegExp(`${name}[^=:]*[=:] ?([\\d._]+)`).exec(readFileSync(file, 'utf8'))?.[1] ?? `no ${name} in ${file}`;
    expect(said('safety')).toContain(`${figure('src/core/isolation/proof.ts', 'DEAD_VOLTS_MOST')} V is dead`);
    expect(said('safety')).toContain(`over ${figure('src/core/isolation/proof.ts', 'BELL_VOLTS_MOST')} V`);
    expect(said('power')).toContain(`up to ${figure('src/core/points/doorbell/takeables.ts', 'MOST_OF_RATING')} times`);
    const share = Number(figure('src/core/advice/nextReadings.ts', 'CHANCE_THAT_COUNTS'));
    expect(said('power')).toContain(`under ${100 * share} % it changes nothing`);
    const belief = (word: string): number => 100 * Number(figure('src/core/bell/judge.ts', ` ${word}`));
    expect(said('power')).toContain(`belief at least ${belief('holds')} %`);
    expect(said('power')).toContain(`at least ${belief('tight')} %, but`);
    expect(said('power')).toContain(`at most ${belief('fails')} %`);
  });
});
