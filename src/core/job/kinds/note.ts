import { object, string } from 'yup';
import { TEXT } from '../limits';
import { maybe, reference } from './fields';

export const noteWritten = object({ text: string().min(1).max(TEXT.long).defined() });

/** Strikes another entry of the same job. A strike may itself be struck. */
export const entryStruck = object({ target: reference(), reason: maybe.text() });
