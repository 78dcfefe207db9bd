import { string } from 'yup';
import { isDay } from '../facts';
import { exact, reference } from './fields';

/** A job at a house where there was one before: what stood there then was taken over. */
export const followsJob = exact({
  jobId: reference(),
  /** The day it was taken over. */
  on: string().test('day', 'no such day', isDay).defined(),
});
