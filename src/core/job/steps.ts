import { TRANSFORMERS } from '../catalogue';
import { TREATMENTS, treatmentById } from '../chime';
import { checksFor, type Check } from '../prove';
import { mainsSideSteps, type Step, type Touches } from '../wiring';
import type { Point } from './job';
import type { EntryData } from './kinds';

const ADAPTER_STEPS: readonly Step[] = [
  {
    id: 'adapter-off',
    place: 'transformer',
    words: 'Both bell wires off the old transformer’s screws, labelled',
    how: 'Only the bell screws. The old transformer’s mains side stays closed and untouched.',
    touches: 'bell',
  },
  {
    id: 'adapter-join',
    place: 'transformer',
    words: 'Bell wires to the plug-in adapter’s lead, not yet plugged in',
    how: 'Inline connectors, strip 8 mm. Either way round: AC has no polarity here.',
    touches: 'bell',
    tug: true,
  },
];

const REPULL_STEPS: readonly Step[] = [
  {
    id: 'repull-cable',
    place: 'cable',
    words: 'Heavier wire pulled beside the thin one, both ends long enough',
    how: 'The old one may draw it in. Away from mains cables; holes to the outside angled down.',
    touches: 'bell',
  },
  {
    id: 'repull-loop',
    place: 'cable',
    words: 'Loop ohms of the new wire read, far ends together',
    how: 'It should read what its length and gauge say; more is a bad joint.',
    touches: 'bell',
  },
];

const PAIR_STEPS: readonly Step[] = [
  {
    id: 'pairs-near',
    place: 'cable',
    words: 'Join the spare pairs to the used one, inside end',
    how: 'One conductor of every pair together, the other of every pair together: same colours at both ends.',
    touches: 'bell',
    tug: true,
  },
  {
    id: 'pairs-far',
    place: 'cable',
    words: 'Join the spare pairs to the used one, door end',
    how: 'Loop ohms should now be the single pair’s over the number of pairs: read it before closing.',
    touches: 'bell',
    tug: true,
  },
];

const DOOR_STEPS: readonly Step[] = [
  {
    id: 'door-old',
    place: 'door',
    words: 'Old button off, leads kept from falling back into the wall',
    how: 'Tape them to the wall. An old lit button must not stay in the loop.',
    touches: 'bell',
  },
  {
    id: 'door-d1',
    place: 'door',
    words: 'One lead under the device’s first screw',
    how: 'Strip 8 mm, hook clockwise. No copper beyond the screw head.',
    touches: 'bell',
    terminal: 'D1',
    tug: true,
  },
  {
    id: 'door-d2',
    place: 'door',
    words: 'Other lead under the second screw',
    how: 'Fold the slack behind the plate, nothing under the gasket.',
    touches: 'bell',
    terminal: 'D2',
    tug: true,
  },
];

/** What is done at the transformer; one that the catalogue does not know any more sits on a box. */
function supplySteps(transformer: EntryData<'choiceMade'>['transformer']): readonly Step[] {
  if (!transformer) return [];
  if (!transformer.mainsWork) return ADAPTER_STEPS;
  const fit = TRANSFORMERS.find(({ id }) => id === transformer.id)?.fit;
  return mainsSideSteps(fit === 'dinRail' ? 'dinRail' : 'onBox', transformer.ratedVolts);
}

/**
 * The steps of a choice, terminal by terminal: supply, chime, cable, then the door, so that the chime is treated before
 * the device is first energised.
 */
export function stepsOf(
  choice: Pick<EntryData<'choiceMade'>, 'transformer' | 'treatmentId' | 'joinPairs' | 'repull'>,
): readonly Step[] {
  const { transformer, treatmentId, joinPairs, repull } = choice;
  return [
    ...supplySteps(transformer),
    ...(treatmentById(treatmentId)?.steps ?? []),
    ...(joinPairs ? PAIR_STEPS : []),
    ...(repull ? REPULL_STEPS : []),
    ...DOOR_STEPS,
  ];
}

const ALL_STEPS = new Map(
  [
    ...mainsSideSteps('onBox', 0),
    ...ADAPTER_STEPS,
    ...PAIR_STEPS,
    ...REPULL_STEPS,
    ...DOOR_STEPS,
    ...TREATMENTS.flatMap(({ steps }) => steps),
  ].map((step) => [step.id, step]),
);

/** What a step touches; one that nobody knows is taken for mains. */
export const touchesOf = (stepId: string): Touches => ALL_STEPS.get(stepId)?.touches ?? 'mains';

/** What is checked at a point after power-on: a new transformer has checks of its own. */
export const checksOf = ({ choice }: Point): readonly Check[] => checksFor(choice?.data.transformer != null);
