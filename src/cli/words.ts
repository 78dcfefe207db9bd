import { fold, placeOf } from '@/core/job';
import { isSaid, type Figure, type Said } from '@/core/said';
import { demoJobs } from '@/demo/demoFirm';
import { everythingSaid } from '@/demo/everythingSaid';
import { english, sayIn } from '@/words';
import { screens as inEnglish } from '@/words/en/screens';
import { screens as inSample } from '@/words/sample/screens';
import { textsOfScreens } from '@/words/screenTexts';
import { SAMPLE } from '@/words/sample';

// npm run words: every sentence, for somebody to read. What the demo firm brings forth is shown as it reads there, each
// code with one example; of the others the plain ones as they stand. With “sample” the sample of a second language.
const examples = new Map<string, string>();
const parts = (one: Said): readonly Said[] => Object.values(one).flatMap(within);
function within(figure: Figure): readonly Said[] {
  if (isSaid(figure)) return [figure, ...parts(figure)];
  return Array.isArray(figure) ? (figure as readonly Figure[]).flatMap(within) : [];
}

const isSample = process.argv[2] === 'sample';
const language = isSample ? SAMPLE : english;
let ids = 0;
for (const { title, entries } of demoJobs(
  () => `words-${++ids}`,
  (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
)) {
  const job = fold({ id: title, title, createdAt: '' }, entries);
  const say = sayIn(placeOf(job), language);
  for (const one of everythingSaid(job, true).flatMap((whole) => [whole, ...parts(whole)]))
    if (!examples.has(one.code)) examples.set(one.code, say(one));
}
const codes = Object.keys(language.sentences);
for (const code of codes.toSorted()) {
  const sentence: unknown = Object.entries(language.sentences).find(([name]) => name === code)?.[1];
  const example = examples.get(code) ?? (typeof sentence === 'string' ? sentence : null);
  console.log(`${code}: ${example ?? '(not brought forth by the demo firm)'}`);
}
const screens = textsOfScreens(isSample ? inSample : inEnglish);
for (const { room, name, text } of screens) console.log(`${room}.${name}: ${text}`);
console.log(
  `\n${codes.length} sentences, ${examples.size} of them brought forth by the demo firm; ${screens.length} texts of the screens themselves.`,
);
