import { betweenPart, boxedChimePart, chimePart, doorPart, transformerPart } from './bellParts';
import type { BellPath } from './bellPath';
import { applyMoves, type Move } from './move';
import { capAt, spliceAt, switchPart } from './mainsParts';
import { EMPTY_WIRING, type Lead, type Wiring } from './wiring';

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
  /** What is at the front door now. */
  readonly door: 'button' | 'device' | 'nothing';
  /** The transformer dies with a switch. */
  readonly switched?: boolean;
  /** Names of the transformer’s bell screws, the pair in use first. */
  readonly screws?: readonly string[];
}

/** An ordinary point: a button, a chime with screws, nothing else on the transformer. */
export const ORDINARY_BELL: BellFacts = {
  chime: 'screws',
  present: { path: 'series' },
  secondChime: false,
  rear: 'none',
  straight: false,
  door: 'button',
};

const wire = (id: string, name: string, run: string, from: string | null, to: string | null): Lead => ({
  id,
  name,
  carries: 'bell',
  run,
  from,
  to,
});

const DOOR = { button: ['button', 'old button'], device: ['oldDevice', 'old doorbell'] } as const;

/** Where the way back of the loop is joined, at the chime. */
export const RETURN_SPLICE = 'splice.return';
/** Where the wires of Trans and Front are joined with no chime between them. */
export const THROUGH_SPLICE = 'splice.through';

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
  const [trans, front] = inLoop ? ['chime.Trans', 'chime.Front'] : [THROUGH_SPLICE, THROUGH_SPLICE];
  return applyMoves(EMPTY_WIRING, [
    { do: 'add', part: transformerPart('old', 'old transformer', 'leads', { screws }) },
    ...mainsMoves('old', listed),
    ...(facts.switched && !listed.some(({ carries }) => carries === 'hot') ? switchMoves() : []),
    ...(chime === 'screws' ? [{ do: 'add', part: chimePart('chime', 'chime', 'chime') } as const] : []),
    ...(inLoop ? [] : [{ do: 'splice', joint: spliceAt(THROUGH_SPLICE, 'chime', 'wires joined') } as const]),
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
          { do: 'splice', joint: spliceAt(RETURN_SPLICE, 'chime', 'wires that pass by') },
          {
            do: 'lay',
            leads: [
              wire('toDoor.b', 'door’s other wire', 'toDoor', doorScrew(door, 'D2'), RETURN_SPLICE),
              wire('toChime.b', 'transformer’s other wire', 'toChime', RETURN_SPLICE, `old.${s2}`),
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
              rear === 'device' ? 'rear doorbell' : 'rear button',
              'rearDoor',
              rear === 'device' ? 'load' : 'button',
            ),
          },
          {
            do: 'lay',
            leads: [
              // Where the chime is out of the loop, its Rear is too
              wire('toRear.a', 'rear door’s wire', 'toRear', inLoop ? 'chime.Rear' : THROUGH_SPLICE, 'rear.D1'),
              wire('toRear.b', 'rear door’s other wire', 'toRear', 'rear.D2', straight ? `old.${s2}` : RETURN_SPLICE),
            ],
          },
        ] as const)),
  ]);
}

function doorMoves(door: BellFacts['door']): readonly Move[] {
  if (door === 'nothing') return [];
  const [id, name] = DOOR[door];
  return [{ do: 'add', part: doorPart(id, name, 'door', door === 'device' ? 'load' : 'button') }];
}

const doorScrew = (door: BellFacts['door'], screw: 'D1' | 'D2'): string | null =>
  door === 'nothing' ? null : `${DOOR[door][0]}.${screw}`;
