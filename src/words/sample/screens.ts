import { screens as english, type Screens } from '../en/screens';

/** What the screens of the sample say; what is not said in it yet is English. */
export const screens: Screens = {
  ...english,
  frame: {
    ...english.frame,
    board: 'Tafel',
    catalogue: 'Katalog',
    settings: 'Einstellungen',
    findASiteOr: 'Ort oder Auftrag suchen',
    print: 'Drucken',
  },
};
