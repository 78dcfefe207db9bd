import { betweenPart, boxedChimePart, chimePart, doorPart, passingPart, transformerPart } from './bellParts';
import type { BellPath } from './bellPath';
import { applyMoves, type Move } from './move';
import { capAt, spliceAt, switchPart } from './mainsParts';
import { EMPTY_WIRING, type Lead, type Wiring } from './wiring';

/** What hangs at a door before the work. */
export interface DoorFound {
  readonly id: string;
  readonly name: string;
  readonly element: 'load' | 'button';
}
export const OLD_BUTTON: DoorFound = { id: 'button', name: 'old button', element: 'button' };
export const OLD_DEVICE: DoorFound = { id: 'oldDevice', name: 'old doorbell', element: 'load' };

/** What sits inside where a chime would be. */
export interface InsideFound {
  readonly id: string;
  readonly name: string;
}

/** What the survey says of a point’s bell wiring. */
export interface BellFacts {
  readonly chime: 'screws' | 'boxed' | 'none';
  /** How the way from Trans to Front is treated now. */
  readonly present: BellPath;
  /** A second chime hangs beside the first one. */
  readonly secondChime: boolean;
  /** What hangs on the chime’s Rear. */
  readonly rear: 'none' | 'button' | 'device';
  /** One conductor goes straight from the transformer to the door, past the chime. */
  readonly straight: boolean;
  /** What hangs at the door now; null: nothing does. */
  readonly door: DoorFound | null;
  /** What sits where a chime would be, and the wires pass under its screws; null: they are joined there. */
  readonly inside?: InsideFound | null;
  /** The transformer dies with a switch. */
  readonly switched?: boolean;
  /** Names of the transformer’s bell screws, the pair in use first. */
  readonly screws?: readonly string[];
  /** What it is called where it is not the old one: chosen at another door of the same supply. */
  readonly transformer?: string;
  /** The chime’s screw that this door hangs on; the other door’s is then what is called rear here. */
  readonly terminal?: 'Front' | 'Rear';
  /** What the other door is called. */
  readonly rearName?: string;
}

/** An ordinary point: a button, a chime with screws, nothing else on the transformer. */
export const ORDINARY_BELL: BellFacts = {
  chime: 'screws',
  present: { path: 'series' },
  secondChime: false,
  rear: 'none',
  straight: false,
  door: OLD_BUTTON,
};

const wire = (id: string, name: string, run: string, from: string | null, to: string | null): Lead => ({
  id,
  name,
  carries: 'bell',
  run,
  from,
  to,
});

/** Where the way back of the loop is joined, at the chime. */
export const RETURN_SPLICE = 'splice.return';
/** Where the wires of Trans and Front are joined with no chime between them. */
export const THROUGH_SPLICE = 'splice.through';
export const JOINED_SPLICE = spliceAt(THROUGH_SPLICE, 'chime', 'wires joined');
export const PASSING_SPLICE = spliceAt(RETURN_SPLICE, 'chime', 'wires that pass by');

/** Mains conductors of the house at the transformer’s box, spliced to its primary leads: as listed there, else one of each. */
function mainsMoves(transformer: string, listed: readonly Lead[]): readonly Move[] {
  const carries = ['hot', 'neutral', 'ground'] as const;
  // Once hot and neutral are known by test, a ground that is not listed is not there
  const known = (['hot', 'neutral'] as const).every((one) => listed.some((lead) => lead.carries === one));
  return carries.flatMap((one): readonly Move[] => {
    const splice = `splice.${one}`;
    const own = listed.filter((lead) => lead.carries === one).map((lead) => ({ ...lead, to: splice }));
    return [
      { do: 'splice', joint: spliceAt(splice, 'transformer', one) },
      { do: 'lay', leads: own.length > 0 ? own : known ? [] : [houseLead(one, splice)] },
      { do: 'on', lead: `${transformer}.${one}`, joint: splice },
    ];
  });
}

/** The circuit’s conductors where a supply is still to be made, each in a splice of its own; none for a plug. */
export function mainsConductors(plug: boolean, listed: readonly Lead[]): Wiring {
  if (plug) return EMPTY_WIRING;
  const known = (['hot', 'neutral'] as const).every((one) => listed.some((lead) => lead.carries === one));
  return applyMoves(
    EMPTY_WIRING,
    (['hot', 'neutral', 'ground'] as const).flatMap((one): readonly Move[] => {
      const splice = `splice.${one}`;
      const own = listed.filter((lead) => lead.carries === one).map((lead) => ({ ...lead, to: splice }));
      const leads = own.length > 0 ? own : known ? [] : [houseLead(one, splice)];
      return leads.length === 0
        ? []
        : [
            { do: 'splice', joint: spliceAt(splice, 'transformer', one) },
            { do: 'lay', leads },
          ];
    }),
  );
}

/** The circuit that a transformer hangs on, where nobody tells several apart. */
const ONLY_CIRCUIT = 'A';

const houseLead = (carries: 'hot' | 'neutral' | 'ground', to: string): Lead => ({
  id: `house.${carries}`,
  name: `house’s ${carries}`,
  carries,
  from: null,
  to,
  house: { circuit: ONLY_CIRCUIT, beyond: 'supply' },
});

/** A switch between the board and the house’s hot: the bell dies with it. Not told where its conductors are listed. */
const switchMoves = (): readonly Move[] => [
  { do: 'add', part: switchPart('switch', 'switch') },
  {
    do: 'lay',
    leads: [
      {
        id: 'switch.feed',
        name: 'feed of the switch',
        carries: 'hot',
        from: null,
        to: 'switch.in',
        house: { circuit: ONLY_CIRCUIT, beyond: 'supply' },
      },
    ],
  },
  { do: 'pull', lead: 'house.hot' },
  {
    do: 'lay',
    leads: [{ id: 'house.hot', name: 'house’s hot', carries: 'hot', from: 'switch.out', to: 'splice.hot' }],
  },
];

/** What stands between Trans and Front beside or instead of the coil, as it was found. */
function presentMoves(present: BellPath): readonly Move[] {
  switch (present.path) {
    case 'shunt':
      return [
        {
          do: 'add',
          part: betweenPart({
            id: 'oldModule',
            name: 'old module',
            place: 'chime',
            kind: 'shunt',
            ohms: present.shuntOhms,
            leads: ['old module lead', 'other old module lead'],
          }),
        },
        { do: 'on', lead: 'oldModule.a', joint: 'chime.Front' },
        { do: 'on', lead: 'oldModule.b', joint: 'chime.Trans' },
      ];
    case 'link':
      return [
        {
          do: 'add',
          part: betweenPart({
            id: 'oldLink',
            name: 'old link',
            place: 'chime',
            kind: 'link',
            ohms: present.linkOhms,
            leads: ['old link', 'old link’s other end'],
          }),
        },
        { do: 'on', lead: 'oldLink.a', joint: 'chime.Front' },
        { do: 'on', lead: 'oldLink.b', joint: 'chime.Trans' },
      ];
    default:
      return [];
  }
}

/**
 * A point’s wiring as it was found, from what the survey says.
 * @param listed the house’s conductors in the transformer’s box, where they were looked at
 */
export function foundBell(facts: BellFacts, listed: readonly Lead[] = []): Wiring {
  const { chime, present, rear, straight, door, secondChime } = facts;
  if (chime === 'boxed') {
    return applyMoves(EMPTY_WIRING, [
      { do: 'add', part: boxedChimePart() },
      // Its ground ends capped: an all-plastic housing has no terminal for it
      { do: 'splice', joint: capAt('cap.ground', 'chime', 'ground, capped') },
      {
        do: 'lay',
        leads: [
          houseLead('hot', 'boxed.hot'),
          houseLead('neutral', 'boxed.neutral'),
          houseLead('ground', 'cap.ground'),
        ],
      },
      ...doorMoves(door),
      {
        do: 'lay',
        leads: [
          wire('toDoor.a', 'wire to the door', 'toDoor', 'boxed.bell 1', doorScrew(door, 'D1')),
          wire('toDoor.b', 'other wire to the door', 'toDoor', doorScrew(door, 'D2'), 'boxed.bell 2'),
        ],
      },
    ]);
  }
  const screws = facts.screws ?? ['S1', 'S2'];
  const [s1 = 'S1', s2 = 'S2'] = screws;
  const inLoop = chime === 'screws' && present.path !== 'none';
  const inside = inLoop ? null : (facts.inside ?? null);
  // Both wires that pass stand under its screws
  const passing = inside ? [`${inside.id}.1`, `${inside.id}.2`] : [THROUGH_SPLICE, RETURN_SPLICE];
  const [through = THROUGH_SPLICE, back = RETURN_SPLICE] = passing;
  const [trans, front] = inLoop ? ['chime.Trans', 'chime.Front'] : [through, through];
  return applyMoves(EMPTY_WIRING, [
    { do: 'add', part: transformerPart('old', facts.transformer ?? 'old transformer', 'leads', { screws }) },
    ...mainsMoves('old', listed),
    ...(facts.switched && !listed.some(({ carries }) => carries === 'hot') ? switchMoves() : []),
    ...(chime === 'screws' ? [{ do: 'add', part: chimePart('chime', 'chime', 'chime', facts.terminal) } as const] : []),
    ...(inside ? [{ do: 'add', part: passingPart(inside.id, inside.name) } as const] : []),
    ...(inLoop || inside ? [] : [{ do: 'splice', joint: JOINED_SPLICE } as const]),
    ...doorMoves(door),
    {
      do: 'lay',
      leads: [
        wire('toChime.a', 'transformer’s wire', 'toChime', `old.${s1}`, trans),
        wire('toDoor.a', 'door’s wire', 'toDoor', front, doorScrew(door, 'D1')),
      ],
    },
    ...(straight
      ? [
          {
            do: 'lay',
            leads: [wire('straight', 'straight wire', 'straight', doorScrew(door, 'D2'), `old.${s2}`)],
          } as const,
        ]
      : ([
          ...(inside ? [] : [{ do: 'splice', joint: PASSING_SPLICE } as const]),
          {
            do: 'lay',
            leads: [
              wire('toDoor.b', 'door’s other wire', 'toDoor', doorScrew(door, 'D2'), back),
              wire('toChime.b', 'transformer’s other wire', 'toChime', back, `old.${s2}`),
            ],
          },
        ] as const)),
    ...(inLoop ? presentMoves(present) : []),
    ...(secondChime && inLoop
      ? ([
          { do: 'add', part: chimePart('chime2', 'cable', 'second chime') },
          {
            do: 'lay',
            leads: [
              wire('toSecond.a', 'second chime’s wire', 'toSecond', 'chime.Trans', 'chime2.Trans'),
              wire('toSecond.b', 'second chime’s other wire', 'toSecond', 'chime.Front', 'chime2.Front'),
            ],
          },
        ] as const)
      : []),
    ...(rear === 'none'
      ? []
      : ([
          {
            do: 'add',
            part: doorPart(
              'rear',
              facts.rearName ?? (rear === 'device' ? 'rear doorbell' : 'rear button'),
              'rearDoor',
              rear === 'device' ? 'load' : 'button',
            ),
          },
          {
            do: 'lay',
            leads: [
              // Where the chime is out of the loop, its Rear is too
              wire('toRear.a', 'rear door’s wire', 'toRear', inLoop ? 'chime.Rear' : through, 'rear.D1'),
              wire('toRear.b', 'rear door’s other wire', 'toRear', 'rear.D2', straight ? `old.${s2}` : back),
            ],
          },
        ] as const)),
  ]);
}

function doorMoves(door: DoorFound | null): readonly Move[] {
  return door ? [{ do: 'add', part: doorPart(door.id, door.name, 'door', door.element) }] : [];
}

const doorScrew = (door: DoorFound | null, screw: 'D1' | 'D2'): string | null => door && `${door.id}.${screw}`;
