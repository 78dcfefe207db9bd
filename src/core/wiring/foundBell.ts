import { said, type Text } from '../said';
import { betweenPart, boxedChimePart, chimePart, doorPart, passingPart, transformerPart } from './bellParts';
import type { BellPath } from './bellPath';
import { applyMoves, type Move } from './move';
import { capAt, spliceAt, switchPart } from './mainsParts';
import { EMPTY_WIRING, type Lead, type Wiring } from './wiring';

/** What hangs at a door before the work. */
export interface DoorFound {
  readonly id: string;
  readonly name: Text;
  readonly element: 'load' | 'button';
}
export const OLD_BUTTON: DoorFound = { id: 'button', name: said('oldButton'), element: 'button' };
export const OLD_DEVICE: DoorFound = { id: 'oldDevice', name: said('oldDoorbell'), element: 'load' };

/** What sits inside where a chime would be. */
export interface InsideFound {
  readonly id: string;
  readonly name: Text;
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
  /** It plugs in: no conductor of the house is on it. */
  readonly plugged?: boolean;
  /** A transformer on a circuit comes instead of one that plugs in. */
  readonly toBreaker?: boolean;
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

const wire = (id: string, name: Text, run: string, from: string | null, to: string | null): Lead => ({
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
export const JOINED_SPLICE = spliceAt(THROUGH_SPLICE, 'chime', said('wiresJoined'));
export const PASSING_SPLICE = spliceAt(RETURN_SPLICE, 'chime', said('wiresPass'));

/** Mains conductors of the house at the transformer’s box, spliced to its primary leads: as listed there, else one of each. */
function mainsMoves(transformer: string, listed: readonly Lead[]): readonly Move[] {
  const carries = ['hot', 'neutral', 'ground'] as const;
  // Once hot and neutral are known by test, a ground that is not listed is not there
  const known = (['hot', 'neutral'] as const).every((one) => listed.some((lead) => lead.carries === one));
  return carries.flatMap((one): readonly Move[] => {
    const splice = `splice.${one}`;
    const own = listed.filter((lead) => lead.carries === one).map((lead) => ({ ...lead, to: splice }));
    return [
      { do: 'splice', joint: spliceAt(splice, 'transformer', said('carries', { carries: one })) },
      { do: 'lay', leads: own.length > 0 ? own : known ? [] : [houseLead(one, splice)] },
      { do: 'on', lead: `${transformer}.${one}`, joint: splice },
    ];
  });
}

/** The circuit’s conductors where a supply is still to be made, each in a splice of its own. */
function conductorMoves(listed: readonly Lead[]): readonly Move[] {
  const known = (['hot', 'neutral'] as const).every((one) => listed.some((lead) => lead.carries === one));
  return (['hot', 'neutral', 'ground'] as const).flatMap((one): readonly Move[] => {
    const splice = `splice.${one}`;
    const own = listed.filter((lead) => lead.carries === one).map((lead) => ({ ...lead, to: splice }));
    const leads = own.length > 0 ? own : known ? [] : [houseLead(one, splice)];
    return leads.length === 0
      ? []
      : [
          { do: 'splice', joint: spliceAt(splice, 'transformer', said('carries', { carries: one })) },
          { do: 'lay', leads },
        ];
  });
}

/** What is there where a supply is still to be made: the circuit’s conductors; nothing where it will be a plug. */
export const mainsConductors = (plug: boolean, listed: readonly Lead[]): Wiring =>
  plug ? EMPTY_WIRING : applyMoves(EMPTY_WIRING, conductorMoves(listed));

/** The circuit that a transformer hangs on, where nobody tells several apart. */
const ONLY_CIRCUIT = 'A';

const houseLead = (carries: 'hot' | 'neutral' | 'ground', to: string): Lead => ({
  id: `house.${carries}`,
  name: said('houseConductor', { carries: said('carries', { carries }) }),
  carries,
  from: null,
  to,
  house: { circuit: ONLY_CIRCUIT, beyond: 'supply' },
});

/** A switch between the board and the house’s hot: the bell dies with it. Not told where its conductors are listed. */
const switchMoves = (): readonly Move[] => [
  { do: 'add', part: switchPart('switch', said('switch')) },
  {
    do: 'lay',
    leads: [
      {
        id: 'switch.feed',
        name: said('feedSwitch'),
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
    leads: [{ id: 'house.hot', name: said('housesHot'), carries: 'hot', from: 'switch.out', to: 'splice.hot' }],
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
            name: said('oldModule'),
            place: 'chime',
            kind: 'shunt',
            ohms: present.shuntOhms,
            leads: [said('oldModuleLead'), said('otherOldModule')],
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
            name: said('oldLink'),
            place: 'chime',
            kind: 'link',
            ohms: present.linkOhms,
            leads: [said('oldLink'), said('oldLinksOther')],
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
      { do: 'splice', joint: capAt('cap.ground', 'chime', said('groundCapped')) },
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
          wire('toDoor.a', said('wireDoor'), 'toDoor', 'boxed.bell 1', doorScrew(door, 'D1')),
          wire('toDoor.b', said('otherWireDoor'), 'toDoor', doorScrew(door, 'D2'), 'boxed.bell 2'),
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
    {
      do: 'add',
      part: transformerPart('old', facts.transformer ?? said('theOldTransformer'), facts.plugged ? 'plug' : 'leads', {
        screws,
      }),
    },
    ...(!facts.plugged ? mainsMoves('old', listed) : facts.toBreaker ? conductorMoves(listed) : []),
    ...(facts.switched && !facts.plugged && !listed.some(({ carries }) => carries === 'hot') ? switchMoves() : []),
    ...(chime === 'screws'
      ? [{ do: 'add', part: chimePart('chime', 'chime', said('chime'), facts.terminal) } as const]
      : []),
    ...(inside ? [{ do: 'add', part: passingPart(inside.id, inside.name) } as const] : []),
    ...(inLoop || inside ? [] : [{ do: 'splice', joint: JOINED_SPLICE } as const]),
    ...doorMoves(door),
    {
      do: 'lay',
      leads: [
        wire('toChime.a', said('transformersWire'), 'toChime', `old.${s1}`, trans),
        wire('toDoor.a', said('doorsWire'), 'toDoor', front, doorScrew(door, 'D1')),
      ],
    },
    ...(straight
      ? [
          {
            do: 'lay',
            leads: [wire('straight', said('straightWire'), 'straight', doorScrew(door, 'D2'), `old.${s2}`)],
          } as const,
        ]
      : ([
          ...(inside ? [] : [{ do: 'splice', joint: PASSING_SPLICE } as const]),
          {
            do: 'lay',
            leads: [
              wire('toDoor.b', said('doorsOtherWire'), 'toDoor', doorScrew(door, 'D2'), back),
              wire('toChime.b', said('transformersOtherWire'), 'toChime', back, `old.${s2}`),
            ],
          },
        ] as const)),
    ...(inLoop ? presentMoves(present) : []),
    ...(secondChime && inLoop
      ? ([
          { do: 'add', part: chimePart('chime2', 'cable', said('secondChime')) },
          {
            do: 'lay',
            leads: [
              wire('toSecond.a', said('secondChimesWire'), 'toSecond', 'chime.Trans', 'chime2.Trans'),
              wire('toSecond.b', said('secondChimesOther'), 'toSecond', 'chime.Front', 'chime2.Front'),
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
              facts.rearName ?? (rear === 'device' ? said('theRearDoorbell') : said('rearButton')),
              'rearDoor',
              rear === 'device' ? 'load' : 'button',
            ),
          },
          {
            do: 'lay',
            leads: [
              // Where the chime is out of the loop, its Rear is too
              wire('toRear.a', said('rearDoorsWire'), 'toRear', inLoop ? 'chime.Rear' : through, 'rear.D1'),
              wire('toRear.b', said('rearDoorsOther'), 'toRear', 'rear.D2', straight ? `old.${s2}` : back),
            ],
          },
        ] as const)),
  ]);
}

function doorMoves(door: DoorFound | null): readonly Move[] {
  return door ? [{ do: 'add', part: doorPart(door.id, door.name, 'door', door.element) }] : [];
}

const doorScrew = (door: DoorFound | null, screw: 'D1' | 'D2'): string | null => door && `${door.id}.${screw}`;
