import { said, type Text } from '../said';
import { conductorsOf, type BoxSurvey } from './boxSurvey';

/** How the mains comes to a box (domain/junction, feed a to f). */
export const FEED_CASES = ['a', 'b', 'c', 'd', 'e', 'f'] as const;
export type FeedCase = (typeof FEED_CASES)[number];

export const FEED_WORDS: Readonly<Record<FeedCase, Text>> = {
  a: said('fedStraightHot'),
  b: said('switchedLegAlone'),
  c: said('sensorPhotocellTimer'),
  d: said('noNeutralBox'),
  e: said('outletsBoxFed'),
  f: said('fedStraightProtected'),
};

export interface FeedFound {
  /** Null: the tests do not say yet. */
  readonly feed: FeedCase | null;
  readonly words: Text;
  /** What is still open, in words. */
  readonly open: readonly Text[];
}

/** Draws the conclusion from the functions that the tests have shown. */
export function feedCase(survey: BoxSurvey): FeedFound {
  const { ahead, deviceIn, fedFrom, residual, cables } = survey;
  const there = (carries: Parameters<typeof conductorsOf>[1]): boolean => conductorsOf(survey, carries).length > 0;
  const [hot, switched, neutral] = [there('hot'), there('switched'), there('neutral')];
  const unknown = conductorsOf(survey, 'unknown').length;
  const open = [
    ...(cables.length === 0 ? [said('cablesCome')] : []),
    ...(unknown > 0 ? [said('conductorsNotTested', { conductors: unknown })] : []),
    ...(cables.length > 0 && unknown === 0 && !hot && !switched ? [said('noConductorHot')] : []),
  ];
  const found = (feed: FeedCase): FeedFound => ({ feed, words: FEED_WORDS[feed], open });
  if (!hot && !switched) return { feed: null, words: said('notKnownYet'), open };
  if (!neutral) return unknown > 0 ? { feed: null, words: said('noNeutralFound'), open } : found('d');
  if (deviceIn === 'outlet') return found('e');
  // A sensor in the old fixture goes with it: behind a switched leg it is the switch that has to be dealt with
  if (ahead === 'timer' || (hot && (ahead === 'sensor' || ahead === 'photocell'))) return found('c');
  if (!hot) return found('b');
  return found(fedFrom === 'spur' || residual ? 'f' : 'a');
}
