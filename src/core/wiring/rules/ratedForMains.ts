import type { Rule } from './rule';

/** The fixture is made for the mains of the place. */
export const ratedForMains: Rule = {
  id: 'ratedForMains',
  name: 'fixture rated for the mains',
  severity: 'stop',
  check: (_graph, { fixture, nominalVolts }) =>
    fixture && (nominalVolts < fixture.voltsLow || nominalVolts > fixture.voltsHigh)
      ? [
          {
            words: `${fixture.name} is made for ${fixture.voltsLow} to ${fixture.voltsHigh} V; here are ${nominalVolts} V.`,
            leads: [],
          },
        ]
      : [],
};
