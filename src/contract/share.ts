import { string } from 'yup';
import { exact } from './exact';
import { uuid } from './job';
import { isFields, isFigure, isText } from './shapes';

// A link by which a customer reads their own page, without an account.

/** A link is good for so many days at most. */
export const MOST_SHARE_DAYS = 366;

const DAY = /^\d{4}-\d{2}-\d{2}$/;
/** The 31st of February is read as another day, and so is none. */
const isDay = (day: string): boolean =>
  Number.isFinite(Date.parse(day)) && new Date(day).toISOString().slice(0, 10) === day;

/** Request of POST /api/v1/jobs/{id}/shares: the last day on which it is good, YYYY-MM-DD. */
export const shareRequest = exact({
  id: uuid(),
  until: string().defined().matches(DAY, 'is a day, YYYY-MM-DD').test('day', 'is no day of the calendar', isDay),
});
export type ShareRequest = ReturnType<typeof shareRequest.validateSync>;

/** A link as the firm sees it. What opens it is told once, to whoever makes it. */
export interface Share {
  readonly id: string;
  readonly by: string;
  readonly madeAt: string;
  /** The last day on which it is good, YYYY-MM-DD. */
  readonly until: string;
  /** ISO 8601; null where nobody has withdrawn it. */
  readonly endedAt: string | null;
  /** How often its page was opened, and when last. */
  readonly opened: number;
  readonly lastOpened: string | null;
}

const isShare = (value: unknown): value is Share =>
  isFields(value) &&
  [value.id, value.by, value.madeAt, value.until].every(isText) &&
  (value.endedAt === null || isText(value.endedAt)) &&
  isFigure(value.opened) &&
  (value.lastOpened === null || isText(value.lastOpened));

export const isShareList = (value: unknown): value is { readonly shares: readonly Share[] } =>
  isFields(value) && Array.isArray(value.shares) && value.shares.every(isShare);

export interface MadeShare {
  readonly share: Share;
  /** The whole address, to be given to the customer. */
  readonly address: string;
}

export const isMadeShare = (value: unknown): value is MadeShare =>
  isFields(value) && isShare(value.share) && isText(value.address);
