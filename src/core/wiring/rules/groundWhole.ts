import { distinct, said } from '../../said';
import type { Rule } from './rule';

/** Fixture, plate, metal box and the supply’s ground are one; without a ground only as the region’s rule allows, in writing. */
export const groundWhole: Rule = {
  id: 'groundWhole',
  name: said('groundPathWhole'),
  severity: 'stop',
  check: (graph, { groundDecision }) => {
    const metal = graph.wiring.parts.flatMap(({ name, bonds = [], leads }) =>
      bonds.map((joint) => ({ name, joint, leads: leads.filter(({ carries }) => carries === 'ground') })),
    );
    if (metal.length === 0) return [];
    const grounds = graph.sources.filter(({ lead }) => lead.carries === 'ground');
    if (grounds.length === 0) {
      const names = distinct(metal.map(({ name }) => name));
      const leads = metal.flatMap((one) => one.leads.map(({ id }) => id));
      // A class 2 transformer without a ground is put right at its box; a fixture that people reach is not hung
      const touched = graph.edges.some(({ element }) => element.kind === 'lamp');
      return groundDecision === null
        ? [
            {
              ...(touched ? {} : { severity: 'worry' as const }),
              words: said('noReachesFind', { names }),
              leads,
            },
          ]
        : [{ severity: 'worry', words: said('noReachesWriting', { names, groundDecision }), leads }];
    }
    const nodes = new Set(grounds.map(({ node }) => node));
    return metal
      .filter(({ joint, leads }) => {
        // A ground lead that hangs free is told as a loose lead
        const own = graph.wiring.leads.filter(({ id }) => leads.some((lead) => lead.id === id));
        return !nodes.has(graph.nodeOf(joint)) && !own.some(({ from, to }) => from === null || to === null);
      })
      .map(({ name, leads }) => ({
        words: said('notOnGround', { name }),
        leads: leads.map(({ id }) => id),
      }));
  },
};
