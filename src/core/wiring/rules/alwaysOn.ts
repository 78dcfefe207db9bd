import { said } from '../../said';
import { consumers, fedBy } from './graph';
import type { Rule, RuleFinding } from './rule';

/** The feed stays on whatever switch is turned; a switch that is guarded and labelled is a remark. */
export const alwaysOn: Rule = {
  id: 'alwaysOn',
  name: said('alwaysOn'),
  severity: 'stop',
  check: (graph) =>
    consumers(graph).flatMap((consumer): readonly RuleFinding[] => {
      const { hot, part, element } = fedBy(graph, consumer);
      const ahead = hot?.passed.find(({ element: { kind } }) => kind === 'switch' || kind === 'sensor');
      if (!hot || !ahead) return [];
      if (ahead.part.guarded)
        return [
          {
            severity: 'remark',
            words: said('diesGuardedLabelled', { part: part.name, part2: ahead.part.name }),
            leads: [hot.lead.id],
          },
        ];
      return [
        {
          // A transformer that dies with a light rings no more; a remedy is told at Look
          severity: element.kind === 'primary' ? 'worry' : 'stop',
          words: said('comesThrough', { part: part.name, lead: hot.lead.name, part2: ahead.part.name }),
          leads: [hot.lead.id],
        },
      ];
    }),
};
