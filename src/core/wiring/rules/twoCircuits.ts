import { said } from '../../said';
import { namesOf } from './graph';
import type { Rule } from './rule';

/** Two circuits in one box: both are named, and both proved dead. */
export const twoCircuits: Rule = {
  id: 'twoCircuits',
  name: said('everyCircuitBox'),
  severity: 'stop',
  check: ({ wiring }, { namedCircuits }) => {
    // Grounds are one, whichever circuit they came with
    const house = wiring.leads.filter((lead) => lead.house !== undefined && lead.carries !== 'ground');
    const circuits = [...new Set(house.flatMap(({ house: end }) => (end ? [end.circuit] : [])))];
    if (circuits.length < 2 || namedCircuits === null) return [];
    const others = house.filter((lead) => lead.house?.circuit !== circuits[0]);
    const leads = others.map(({ id }) => id);
    return namedCircuits < circuits.length
      ? [{ words: said('secondCircuitBoxNot', { names: namesOf(others) }), leads }]
      : [
          {
            severity: 'remark',
            words: said('twoCircuitsBox', { names: namesOf(others) }),
            leads,
          },
        ];
  },
};
