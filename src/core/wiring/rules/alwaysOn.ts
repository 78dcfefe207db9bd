import { consumers, fedBy } from './graph';
import type { Rule, RuleFinding } from './rule';

/** The feed stays on whatever switch is turned; a switch that is guarded and labelled is a remark. */
export const alwaysOn: Rule = {
  id: 'alwaysOn',
  name: 'always on',
  severity: 'stop',
  check: (graph, { words }) =>
    consumers(graph).flatMap((consumer): readonly RuleFinding[] => {
      const { hot, part, element } = fedBy(graph, consumer);
      const ahead = hot?.passed.find(({ element: { kind } }) => kind === 'switch' || kind === 'sensor');
      if (!hot || !ahead) return [];
      if (ahead.part.guarded)
        return [
          {
            severity: 'remark',
            words: `The ${part.name} dies with the ${ahead.part.name}: guarded and labelled, it stays on.`,
            leads: [hot.lead.id],
          },
        ];
      return [
        {
          // A transformer that dies with a light rings no more; a remedy is told at Look
          severity: element.kind === 'primary' ? 'worry' : 'stop',
          words: `The ${part.name}’s ${words.hot} (${hot.lead.name}) comes through the ${ahead.part.name}: it is not always on.`,
          leads: [hot.lead.id],
        },
      ];
    }),
};
