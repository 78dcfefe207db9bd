import { string } from 'yup';
import { exact } from './exact';
import { isFields, isText } from './shapes';

/** Query of GET /api/v1/jobs/{id}/news: who listens, and at which point; left out: somebody who is not told of. */
export const newsQuery = exact({
  as: string().min(1).max(64),
  point: string().min(1).max(64),
});

/** Somebody who has a job open. */
export interface Here {
  readonly byId: string;
  readonly pointId: string | null;
}

export const isHeres = (value: unknown): value is readonly Here[] =>
  Array.isArray(value) &&
  value.every((one) => isFields(one) && isText(one.byId) && (one.pointId === null || isText(one.pointId)));
