import { EXPLANATIONS, type Finding, type TroubleCase } from '@/core/faults';
import { isFields, isFigure, isText } from './shapes';

const isNamedList = (value: unknown): boolean =>
  Array.isArray(value) && value.every((one) => isFields(one) && isText(one.kind));

/** What the worker that finds faults is asked: a trouble, and a test that is to be spoken of. */
export const isTroubleCase = (value: unknown): value is TroubleCase =>
  isFields(value) &&
  (value.of === 'door' ? isFields(value.bell) : value.of === 'fixture' && isFields(value.fixture)) &&
  isNamedList(value.faults) &&
  isNamedList(value.tests) &&
  Array.isArray(value.walks) &&
  Array.isArray(value.done) &&
  isFields(value.afterRepair);

const isExplanation = (value: unknown): boolean => EXPLANATIONS.some((one) => one === value);

/** What it tells of what is being typed. */
export const isLikely = (value: unknown): value is Pick<Finding, 'explained' | 'faults'> =>
  isFields(value) && isExplanation(value.explained) && isNamedList(value.faults);

/** All that it tells. */
export const isFinding = (value: unknown): value is Finding =>
  isFields(value) &&
  isLikely(value) &&
  'steps' in value &&
  Array.isArray(value.steps) &&
  'expectedMinutes' in value &&
  isFigure(value.expectedMinutes) &&
  'predictions' in value &&
  isNamedList(value.predictions) &&
  'answers' in value &&
  Array.isArray(value.answers) &&
  'after' in value &&
  Array.isArray(value.after);
