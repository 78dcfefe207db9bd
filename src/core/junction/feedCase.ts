import { conductorsOf, type BoxSurvey } from './boxSurvey';

/** How the mains comes to a box (domain/junction, feed a to f). */
export const FEED_CASES = ['a', 'b', 'c', 'd', 'e', 'f'] as const;
export type FeedCase = (typeof FEED_CASES)[number];

export const FEED_WORDS: Readonly<Record<FeedCase, string>> = {
  a: 'Fed straight: the hot stays on whatever switch is turned.',
  b: 'A switched leg alone: the switch takes the camera down with it.',
  c: 'A sensor, photocell or timer stands ahead of it.',
  d: 'No neutral in the box: a switch loop alone.',
  e: 'An outlet’s box: fed through.',
  f: 'Fed straight from a protected circuit or a fused spur.',
};

export interface FeedFound {
  /** Null: the tests do not say yet. */
  readonly feed: FeedCase | null;
  readonly words: string;
  /** What is still open, in words. */
  readonly open: readonly string[];
}

/** Draws the conclusion from the functions that the tests have shown. */
export function feedCase(survey: BoxSurvey): FeedFound {
  const { ahead, deviceIn, fedFrom, residual, cables } = survey;
  const there = (carries: Parameters<typeof conductorsOf>[1]): boolean => conductorsOf(survey, carries).length > 0;
  const [hot, switched, neutral] = [there('hot'), there('switched'), there('neutral')];
  const unknown = conductorsOf(survey, 'unknown').length;
  const open = [
    ...(cables.length === 0 ? ['which cables come in'] : []),
    ...(unknown > 0 ? [`${unknown} ${unknown === 1 ? 'conductor' : 'conductors'} not tested to the end`] : []),
    ...(cables.length > 0 && unknown === 0 && !hot && !switched ? ['no conductor is hot: is the circuit on?'] : []),
  ];
  const found = (feed: FeedCase): FeedFound => ({ feed, words: FEED_WORDS[feed], open });
  if (!hot && !switched) return { feed: null, words: 'Not known yet how it is fed.', open };
  if (!neutral) return unknown > 0 ? { feed: null, words: 'No neutral was found so far.', open } : found('d');
  if (deviceIn === 'outlet') return found('e');
  // A sensor in the old fixture goes with it: behind a switched leg it is the switch that has to be dealt with
  if (ahead === 'timer' || (hot && (ahead === 'sensor' || ahead === 'photocell'))) return found('c');
  if (!hot) return found('b');
  return found(fedFrom === 'spur' || residual ? 'f' : 'a');
}
