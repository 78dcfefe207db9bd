import type { PlaceWords } from '../terms';

const SHARES = {
  hours: (figure: string) => `${figure} Stunden`,
  under: (figure: string) => `unter ${figure}`,
  over: (figure: string) => `über ${figure}`,
};

/** One set of words for every region: where German is spoken there is one. */
export const placeWords = (): PlaceWords => ({
  ...SHARES,
  hot: 'Außenleiter',
  ground: 'Schutzleiter',
  groundConductor: 'Schutzleiter',
  way: 'Sicherung',
  ways: 'Sicherungen',
  board: 'Verteiler',
  box: 'Dose',
  outlet: 'Steckdose',
  anOutlet: 'einer Steckdose',
  connector: 'Klemme',
  residual: 'FI-Schalter',
  arcFault: 'Brandschutzschalter',
  colour: 'Farbe',
  grey: 'grau',
  labelled: 'beschriftet',
  aluminium: 'Aluminium',
  fibre: 'Faser',
  neighbour: 'Nachbar',
});
