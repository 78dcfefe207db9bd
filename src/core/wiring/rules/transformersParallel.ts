import type { Rule } from './rule';

/** Two windings on the same wires feed each other: each makes the other’s primary live. */
export const transformersParallel: Rule = {
  id: 'transformersParallel',
  name: 'one transformer on the loop',
  severity: 'stop',
  check: ({ edges, leadsIn }) => {
    const windings = edges.filter(({ element, a, b }) => element.kind === 'winding' && a !== b);
    return windings.flatMap((one, i) =>
      windings.slice(i + 1).flatMap((other) => {
        const joined = (one.a === other.a && one.b === other.b) || (one.a === other.b && one.b === other.a);
        return joined
          ? {
              words: `${one.part.name} and ${other.part.name} are joined on the bell side: each makes the other’s primary live.`,
              leads: leadsIn(one.a)
                .concat(leadsIn(one.b))
                .map(({ id }) => id),
            }
          : [];
      }),
    );
  },
};
