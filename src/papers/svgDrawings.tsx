import render from 'dom-serializer';
import { isTag, type Element } from 'domhandler';
import { findAll, textContent } from 'domutils';
import { SHIPPED_CATALOGUE } from '@/core/catalogue';
import type { Job } from '@/core/job';
import { TradeSheet } from '@/ui/sheet/TradeSheet';
import { inked, inkOf } from './ink';
import { markupOf } from './markup';

/** A drawing of a job as a file of its own. */
export interface SvgDrawing {
  readonly name: string;
  readonly svg: string;
}

/** Writes on every element how it is painted: a file has no style sheet beside it. */
function painted(node: Element): void {
  for (const [name, value] of Object.entries(node.attribs)) node.attribs[name] = inked(value);
  const ink = inkOf(node);
  for (const [name, value] of Object.entries(ink)) node.attribs[name] ??= value;
  node.children.filter(isTag).forEach(painted);
}

const fileName = (number: number, words: string): string =>
  `${String(number).padStart(2, '0')}-${
    words
      .normalize('NFKD')
      .replace(/[^\w]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 48)
      .toLowerCase() || 'drawing'
  }.svg`;

/** What a drawing shows: its own words, as far as they name it. */
const named = (svg: Element): string => (svg.attribs['aria-label'] ?? textContent(svg)).split('.')[0] ?? '';

/** All drawings of a job’s sheet, in its order, each as a file that any program of drawings opens. */
export function svgDrawings(job: Job, printedAt: string): readonly SvgDrawing[] {
  // What is drawn was chosen, or is there: no catalogue is asked
  const sheet = markupOf(<TradeSheet job={job} printedAt={printedAt} catalogue={SHIPPED_CATALOGUE} />);
  return findAll(({ name, attribs }) => name === 'svg' && /\bdrawing\b/.test(attribs.class ?? ''), sheet.children).map(
    (svg, i) => {
      painted(svg);
      const [, , width, height] = (svg.attribs.viewBox ?? '').split(' ');
      svg.attribs = { xmlns: 'http://www.w3.org/2000/svg', ...svg.attribs, ...(width && height && { width, height }) };
      return { name: fileName(i + 1, named(svg)), svg: render(svg, { xmlMode: true }) };
    },
  );
}
