import type { BoxSurvey } from '../boxSurvey';
import { feedCase } from '../feedCase';
import type { FeedRemedy } from './feedRemedy';
import { guardSwitch } from './guardSwitch';
import { joinAtSwitch, joinAtTimer } from './joinAhead';
import { newCable } from './newCable';
import { outletKept, outletOut } from './outlet';
import { takeOutSensor } from './takeOutSensor';
import { useFeed } from './useFeed';

/** Every feed remedy. A further one is a file and a line here. */
export const FEED_REMEDIES: readonly FeedRemedy[] = [
  useFeed,
  takeOutSensor,
  joinAtSwitch,
  guardSwitch,
  joinAtTimer,
  outletOut,
  outletKept,
  newCable,
];

export const FEED_REMEDY_IDS = FEED_REMEDIES.map(({ id }) => id);

export const feedRemedy = (id: string): FeedRemedy | undefined => FEED_REMEDIES.find((one) => one.id === id);

/** Remedies for a box as its feed was found, the least work first; none while the tests do not say. */
export function feedRemediesFor(survey: BoxSurvey): readonly FeedRemedy[] {
  const { feed } = feedCase(survey);
  if (feed === null) return [];
  return FEED_REMEDIES.filter(({ cases, fits }) => cases.includes(feed) && (fits?.(survey) ?? true)).sort(
    (a, b) => Number(a.work !== null) - Number(b.work !== null) || a.minutes - b.minutes,
  );
}
