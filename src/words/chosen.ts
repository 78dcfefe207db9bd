import { english } from './en';
import type { Language } from './language';

/** The language of the program: another one is another line here. */
export const LANGUAGE: Language = english;
