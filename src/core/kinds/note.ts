import { string } from 'yup';
import { TEXT } from '../facts';
import { exact, maybe, reference } from './fields';

export const noteWritten = exact({ text: string().min(1).max(TEXT.long).defined() });

/** Strikes another entry of the same job. A strike may itself be struck. */
export const entryStruck = exact({ target: reference(), reason: maybe.text() });
