import type { LastingState } from '../catalogue';
import { AS_FOUND_PAIRS, type Change } from './conditions';
import type { House } from './houses';
import type { Draw } from './loopVolts';
import type { BellSurvey } from './survey';

/** Nothing is changed yet: how the point is wired while it is read. */
export const asFound = ({ present }: Pick<BellSurvey, 'present'>): Change => ({
  transformer: null,
  treatment: present,
  pairFactor: AS_FOUND_PAIRS,
});

/** The survey's device in a state, in this house. */
export const drawOf = (survey: BellSurvey, house: House, state: LastingState): Draw => ({
  watts: survey.device.watts[state] * house.watts,
  powerFactor: survey.device.powerFactor,
  displacementFactor: survey.device.displacementFactor,
});
