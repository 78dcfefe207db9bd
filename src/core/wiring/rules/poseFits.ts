import { said } from '../../said';
import type { Rule } from './rule';

/** Camera and sensor come round to where they are to look, from this wall or eave. */
export const poseFits: Rule = {
  id: 'poseFits',
  name: said('rulePose'),
  severity: 'stop',
  check: (_graph, { box, fixture }) => {
    const pose = box?.pose;
    if (!pose || pose.can) return [];
    const { headMissDeg, sensorMissDeg } = pose;
    return [
      { words: said('cannotComeRound', { fixture: fixture?.name ?? '', headMissDeg, sensorMissDeg }), leads: [] },
    ];
  },
};
