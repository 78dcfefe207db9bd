import { said } from '../../said';
import type { Rule } from './rule';

/** Two windings on the same wires feed each other: each makes the other’s primary live. */
export const transformersParallel: Rule = {
  id: 'transformersParallel',
  name: said('oneTransformerLoop'),
  severity: 'stop',
  check: ({ edges, leadsIn }) => {
    const windings = edges.filter(({ element, a, b }) => element.kind === 'winding' && a !== b);
    return windings.flatMap((one, i) =>
      windings.slice(i + 1).flatMap((other) => {
        const joined = (one.a === other.a && one.b === other.b) || (one.a === other.b && one.b === other.a);
        return joined
          ? {
              words: said('joinedBellSide', { part: one.part.name, part2: other.part.name }),
              leads: leadsIn(one.a)
                .concat(leadsIn(one.b))
                .map(({ id }) => id),
            }
          : [];
      }),
    );
  },
};
