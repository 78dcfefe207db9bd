import { adapterTasks, feedingPart, putOn, takeOff } from './bellSide';
import { transformerPart } from './bellParts';
import { spliceAt } from './mainsParts';
import type { Move } from './move';
import { lookTask, moveTask, type Task } from './step';
import { hasPart, jointById, leadById, leadsAt, type Part, type Wiring } from './wiring';

/** How a transformer is put in its place. */
export type TransformerFit = 'onBox' | 'dinRail' | 'plugIn';

/** A transformer to be fitted. */
export interface FittedTransformer {
  readonly name: string;
  readonly ratedVolts: number;
  readonly fit: TransformerFit;
}

const PLACE = 'transformer';

const BELL_OFF = 'Bell wires off the old transformer’s screws';
const BELL_OFF_HOW = 'One at a time, each keeps its label.';

/** Old primary leads out of their splices, or the house’s conductors off the terminals of a boxed chime. */
function oldOut(found: Wiring, old: Part): readonly Move[] {
  const inside = new Set(old.joints.map(({ id }) => id));
  const own = new Set(old.leads.map(({ id }) => id));
  return [
    ...found.leads.flatMap(({ id, from, to, carries }): readonly Move[] => {
      if (carries === 'bell') return [];
      if (own.has(id)) return to === null ? [] : [{ do: 'off', lead: id, joint: to }];
      return [from, to].flatMap((end): readonly Move[] =>
        end !== null && inside.has(end) ? [{ do: 'off', lead: id, joint: end }] : [],
      );
    }),
    { do: 'remove', part: old.id },
  ];
}

/** A new primary lead into the splice of the house’s conductor; made where there was none. */
const joinPrimary = (found: Wiring, carries: 'hot' | 'neutral' | 'ground'): readonly Move[] => {
  const splice = `splice.${carries}`;
  // A splice that holds the old transformer’s lead alone goes with it
  const old = new Set(feedingPart(found)?.leads.map(({ id }) => id));
  const there = leadsAt(found, splice).some(({ id }) => !old.has(id));
  return [
    ...(there
      ? []
      : ([
          { do: 'splice', joint: spliceAt(splice, feedingPart(found)?.place ?? PLACE, carries) },
          ...(jointById(found, `cap.${carries}`)
            ? ([{ do: 'off', lead: `house.${carries}`, joint: `cap.${carries}` }] as const)
            : []),
          ...(leadById(found, `house.${carries}`)
            ? ([{ do: 'on', lead: `house.${carries}`, joint: splice }] as const)
            : []),
        ] as const)),
    { do: 'on', lead: `new.${carries}`, joint: splice },
  ];
};

const SEAT = {
  onBox: [
    'New transformer on the box: knock-out thread and lock-nut, or a cable clamp',
    'On a box with a cover, no mains splice in free air. Its leads count in the box’s fill. Room for air: it gets warm.',
  ],
  dinRail: [
    'New transformer on the rail of its enclosure, mains and bell wires apart',
    'The lid must open; a metal enclosure is earthed; not in a bathroom’s zones. Its fuse is 3 A or as its sheet says.',
  ],
} as const;

/** From the seat of a new transformer to its closed cover. */
function seatAndJoin(
  found: Wiring,
  { name, ratedVolts, fit }: FittedTransformer & { readonly fit: 'onBox' | 'dinRail' },
  energise: boolean,
  place: Part['place'],
): readonly Task[] {
  const [seatWords, seatHow] = SEAT[fit];
  return [
    moveTask(
      PLACE,
      'mains-seat',
      'mains',
      [{ do: 'add', part: transformerPart('new', name, 'leads', { place }) }],
      seatHow,
      seatWords,
    ),
    moveTask(
      PLACE,
      'mains-earth',
      'mains',
      joinPrimary(found, 'ground'),
      'Never parked. First to go on, last to come off.',
      'Ground lead to the box, frame or ground terminal',
    ),
    moveTask(
      PLACE,
      'mains-neutral',
      'mains',
      joinPrimary(found, 'neutral'),
      'By test, not by colour. Copper only. The connector holds both: twist until firm.',
      'Primary lead to the neutral of the same circuit',
    ),
    moveTask(
      PLACE,
      'mains-hot',
      'mains',
      joinPrimary(found, 'hot'),
      'No bare copper below the skirt. Push the splices back, nothing pinched.',
      'Other primary lead to the hot',
    ),
    ...(energise
      ? [
          {
            ...lookTask(
              PLACE,
              'mains-energise',
              `On once: open volts at the new screws, over ${ratedVolts} V`,
              'Every splice closed and folded, nobody touching. At or under the label: wrong screws, or something is on.',
            ),
            energises: true as const,
          },
          moveTask(
            PLACE,
            'mains-dead-again',
            'mains',
            [],
            'Off, tagged, locked; the tester tried before and after.',
            'Off and proved dead again, to close up',
          ),
        ]
      : []),
    {
      ...moveTask(
        PLACE,
        'mains-close',
        'mains',
        [],
        'The picture is what the next person has.',
        'Photograph the splices, cover on',
      ),
      photo: true,
    },
  ];
}

const WHO: Task = lookTask(
  PLACE,
  'mains-who',
  'Whoever does the mains side is permitted to, here',
  'Local rules decide. Mains can kill; if not competent and permitted, hire a licensed electrician.',
);

const ALWAYS_ON: Task = lookTask(
  PLACE,
  'mains-always-on',
  'Feed tried with every switch: it stays on',
  'A transformer on a light’s switch leg dies with the light. Then another feed is chosen first.',
);

const LABEL: Task = lookTask(
  PLACE,
  'mains-label',
  'Label on the transformer: volts, VA, circuit, date',
  'Nobody searches twice. After power-on: open volts against it; warm, not hot, after a quarter of an hour.',
);

/**
 * The mains side of a new transformer, from the permission to the label (domain/power, the mains side). Everything that
 * touches a mains conductor is held by the gate until that is proved dead by the person who does it.
 * @param energise mains on once before the cover goes on, and proved dead again
 */
export function mainsSide(
  found: Wiring,
  { name, ratedVolts, fit }: FittedTransformer,
  energise: boolean,
): readonly Task[] {
  const old = feedingPart(found);
  if (!old) return [];
  if (fit === 'plugIn') return adapterTasks(found, name);
  const boxed = hasPart(found, 'boxed');
  return [
    WHO,
    {
      ...lookTask(
        PLACE,
        'mains-photo',
        'Photograph the old transformer, count and label the wires on its bell screws',
        'Two wires under one screw may mean a second chime or a second door. Which pair of screws were they on?',
      ),
      photo: true,
    },
    ALWAYS_ON,
    // Bell screws inside a housing with mains terminals are mains work
    ...(boxed ? [] : [moveTask(PLACE, 'mains-bell-off', 'bell', takeOff(found), BELL_OFF_HOW, BELL_OFF)]),
    moveTask(
      PLACE,
      'mains-open',
      'mains',
      boxed ? takeOff(found) : [],
      'Hot to neutral, each to ground. Old primary leads may be two alike: a colour is a claim.',
      'Cover off: prove again at these very conductors, then photograph and count them',
    ),
    moveTask(
      PLACE,
      'mains-old-out',
      'mains',
      oldOut(found, old),
      'Conductors that pass through to something else stay together as they were.',
      boxed
        ? 'Boxed chime out, every house conductor capped, both cables kept from falling back'
        : 'Old primary leads out, every house conductor capped',
    ),
    ...seatAndJoin(found, { name, ratedVolts, fit }, energise, old.place),
    moveTask(
      PLACE,
      'mains-pair',
      'bell',
      putOn(found, ['new.S1', 'new.S2']),
      'With three or four screws each pair gives other volts. The screw that is not used stays empty. Either way round.',
      `Bell wires under the pair of screws that gives ${ratedVolts} V`,
    ),
    LABEL,
  ];
}

/** The mains side of a transformer where there was none: on its circuit’s conductors, nothing old to take out. */
export function freshMainsSide(found: Wiring, transformer: FittedTransformer, energise: boolean): readonly Task[] {
  const { name, ratedVolts, fit } = transformer;
  if (fit === 'plugIn') return [];
  return [
    WHO,
    ALWAYS_ON,
    moveTask(
      PLACE,
      'mains-open',
      'mains',
      [],
      'Hot to neutral, each to ground. A colour is a claim.',
      'Cover off: prove again at these very conductors, then photograph and count them',
    ),
    ...seatAndJoin(found, { name, ratedVolts, fit }, energise, PLACE),
    LABEL,
  ];
}
