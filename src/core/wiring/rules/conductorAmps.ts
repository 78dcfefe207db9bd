import { said } from '../../said';
import type { Rule } from './rule';

/** The smallest conductor of the building carries what its breaker or fuse lets through (domain/junction, checks). */
export const conductorAmps: Rule = {
  id: 'conductorAmps',
  name: said('ruleConductorAmps'),
  severity: 'stop',
  check: (_graph, { box }) => {
    if (!box?.protection) return [];
    const { amps, smallest } = box.protection;
    if (!smallest || amps <= smallest.mostAmps) return [];
    const words = said('conductorTooThin', { name: smallest.name, mostAmps: smallest.mostAmps, amps });
    return [{ words, leads: [smallest.id], ...(amps <= smallest.worryAmps ? { severity: 'worry' as const } : {}) }];
  },
};
