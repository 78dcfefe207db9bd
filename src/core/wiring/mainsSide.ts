import type { Step } from './step';

/** How a transformer is put in its place. */
export type TransformerFit = 'onBox' | 'dinRail' | 'plugIn';

const at = (step: Omit<Step, 'place'>): Step => ({ place: 'transformer', ...step });

/** Before anything is touched, whoever does it. */
const BEFORE: readonly Step[] = [
  at({
    id: 'mains-who',
    words: 'Whoever does the mains side is permitted to, here',
    how: 'Local rules decide. Mains can kill; if not competent and permitted, hire a licensed electrician.',
    touches: 'nothing',
  }),
  at({
    id: 'mains-photo',
    words: 'Photograph the old transformer, count and label the wires on its bell screws',
    how: 'Two wires under one screw may mean a second chime or a second door. Which pair of screws were they on?',
    touches: 'nothing',
  }),
  at({
    id: 'mains-always-on',
    words: 'Feed tried with every switch: it stays on',
    how: 'A transformer on a light’s switch leg dies with the light. Then another feed is chosen first.',
    touches: 'nothing',
  }),
  at({
    id: 'mains-bell-off',
    words: 'Bell wires off the old transformer’s screws',
    how: 'One at a time, each keeps its label.',
    touches: 'bell',
  }),
  at({
    id: 'mains-open',
    words: 'Cover off: prove again at these very conductors, then photograph and count them',
    how: 'Hot to neutral, each to ground. Old primary leads may be two alike: a colour is a claim.',
    touches: 'mains',
  }),
  at({
    id: 'mains-old-out',
    words: 'Old primary leads out, every house conductor capped',
    how: 'Conductors that pass through to something else stay together as they were.',
    touches: 'mains',
  }),
];

const SEAT: Readonly<Record<Exclude<TransformerFit, 'plugIn'>, Step>> = {
  onBox: at({
    id: 'mains-seat',
    words: 'New transformer on the box: knock-out thread and lock-nut, or a cable clamp',
    how: 'On a box with a cover, no mains splice in free air. Its leads count in the box’s fill. Room for air: it gets warm.',
    touches: 'mains',
  }),
  dinRail: at({
    id: 'mains-seat',
    words: 'New transformer on the rail of its enclosure, mains and bell wires apart',
    how: 'The lid must open; a metal enclosure is earthed; not in a bathroom’s zones. Its fuse is 3 A or as its sheet says.',
    touches: 'mains',
  }),
};

/** After it sits: earth first, then neutral, then hot. */
const JOIN: readonly Step[] = [
  at({
    id: 'mains-earth',
    words: 'Ground lead to the box, frame or ground terminal',
    how: 'Never parked. First to go on, last to come off.',
    touches: 'mains',
    tug: true,
  }),
  at({
    id: 'mains-neutral',
    words: 'Primary lead to the neutral of the same circuit',
    how: 'By test, not by colour. Copper only. The connector holds both: twist until firm.',
    touches: 'mains',
    tug: true,
  }),
  at({
    id: 'mains-hot',
    words: 'Other primary lead to the hot',
    how: 'No bare copper below the skirt. Push the splices back, nothing pinched.',
    touches: 'mains',
    tug: true,
  }),
  at({
    id: 'mains-close',
    words: 'Photograph the splices, cover on',
    how: 'The picture is what the next person has.',
    touches: 'mains',
  }),
];

const LABEL: Step = at({
  id: 'mains-label',
  words: 'Label on the transformer: volts, VA, circuit, date',
  how: 'Nobody searches twice. After power-on: open volts against it; warm, not hot, after a quarter of an hour.',
  touches: 'nothing',
});

/** Bell wires on the pair of screws that gives the volts that were chosen. */
const pairStep = (ratedVolts: number): Step =>
  at({
    id: 'mains-pair',
    words: `Bell wires under the pair of screws that gives ${ratedVolts} V`,
    how: 'With three or four screws each pair gives other volts. The screw that is not used stays empty. Either way round.',
    touches: 'bell',
    tug: true,
  });

/**
 * The mains side of a new transformer, from the permission to the label (domain/power, the mains side). Everything that
 * touches a mains conductor is held by the gate until that is proved dead by the person who does it.
 */
export const mainsSideSteps = (fit: Exclude<TransformerFit, 'plugIn'>, ratedVolts: number): readonly Step[] => [
  ...BEFORE,
  SEAT[fit],
  ...JOIN,
  pairStep(ratedVolts),
  LABEL,
];
