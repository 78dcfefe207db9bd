import { said } from '../../said';
import type { Rule } from './rule';

/** The fixture is made for the mains of the place. */
export const ratedForMains: Rule = {
  id: 'ratedForMains',
  name: said('fixtureRatedMains'),
  severity: 'stop',
  check: (_graph, { fixture, nominalVolts }) =>
    fixture && (nominalVolts < fixture.voltsLow || nominalVolts > fixture.voltsHigh)
      ? [
          {
            words: said('madeVHere', {
              fixture: fixture.name,
              voltsLow: fixture.voltsLow,
              voltsHigh: fixture.voltsHigh,
              nominalVolts,
            }),
            leads: [],
          },
        ]
      : [],
};
