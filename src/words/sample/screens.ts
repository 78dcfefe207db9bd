import { english } from '../en';
import type { Language } from '../language';

/** What the screens of the sample say; the rest is English. */
export const screens: Partial<Language['screens']> = {
  frame: {
    ...english.screens.frame,
    board: 'Tafel',
    catalogue: 'Katalog',
    settings: 'Einstellungen',
    findASiteOr: 'Ort oder Auftrag suchen',
    print: 'Drucken',
  },
};
