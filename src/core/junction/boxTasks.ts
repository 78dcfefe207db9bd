import { said } from '../said';
import {
  GROUND_COLOURS,
  capAt,
  leadsAt,
  moveTask,
  spliceAt,
  type Lead,
  type Move,
  type Task,
  type Wiring,
} from '../wiring';

const BOX = 'box';

/** Where the leads of a function may lie: several in a splice, one alone under a cap. */
interface Held {
  readonly splice: string;
  readonly cap: string;
}

/** The ones to be used first stand first. */
const HELD: Readonly<Record<'ground' | 'neutral' | 'hot', readonly [Held, ...Held[]]>> = {
  ground: [{ splice: 'splice.ground', cap: 'cap.splice.ground' }],
  neutral: [{ splice: 'splice.neutral', cap: 'cap.splice.neutral' }],
  hot: [
    { splice: 'splice.hot', cap: 'cap.splice.hot' },
    { splice: 'splice.switched', cap: 'cap.splice.switched' },
  ],
};

/** Conductors of the house of one function that hang free: a new cable’s. */
const freeOf = (wiring: Wiring, carries: Lead['carries']): readonly Lead[] =>
  wiring.leads.filter((lead) => lead.carries === carries && lead.house && lead.from === null && lead.to === null);

/**
 * Brings the house’s leads of a function into one splice, with further leads. What lay under a cap comes out of it.
 * @param more leads of the fixture, pigtails
 */
export function gather(
  wiring: Wiring,
  carries: 'ground' | 'neutral' | 'hot',
  more: readonly string[],
): readonly Move[] {
  const [usual] = HELD[carries];
  const isUsed = ({ splice, cap }: Held): boolean => leadsAt(wiring, splice).length + leadsAt(wiring, cap).length > 0;
  const { splice, cap } = HELD[carries].find(isUsed) ?? usual;
  const there = wiring.splices.some(({ id }) => id === splice);
  const fromCap = leadsAt(wiring, splice).length > 0 ? [] : leadsAt(wiring, cap).map(({ id }) => id);
  return [
    ...fromCap.map((lead): Move => ({ do: 'off', lead, joint: cap })),
    ...(there ? [] : [{ do: 'splice', joint: spliceAt(splice, BOX, said('carries', { carries })) } as const]),
    ...[...fromCap, ...freeOf(wiring, carries).map(({ id }) => id), ...more].map((lead): Move => ({
      do: 'on',
      lead,
      joint: splice,
    })),
  ];
}

/** The old fixture’s leads off and the fixture down; every conductor of the house stays in its splice. */
export function oldOut(wiring: Wiring): readonly Task[] {
  const old = wiring.parts.find(({ id }) => id === 'oldFixture');
  if (!old) return [];
  const own = new Set(old.leads.map(({ id }) => id));
  const off = wiring.leads.flatMap(({ id, to }): readonly Move[] =>
    own.has(id) && to !== null ? [{ do: 'off', lead: id, joint: to }] : [],
  );
  return [
    moveTask(
      BOX,
      'box-old-out',
      'mains',
      [...off, { do: 'remove', part: old.id }],
      said('holdHangNever'),
      said('oldFixturesLeads'),
    ),
  ];
}

/** Conductors whose colour lies are marked before they are joined. */
export function marks(wiring: Wiring): readonly Task[] {
  const lies = wiring.leads.filter(
    ({ wire, carries, house, from }) =>
      wire &&
      wire.claims !== null &&
      !wire.marked &&
      // A bare or green one that is live is a fault, and no hot to be marked
      !GROUND_COLOURS.has(wire.colour) &&
      carries !== 'unknown' &&
      carries !== wire.claims &&
      (house ?? from),
  );
  if (lies.length === 0) return [];
  return [
    moveTask(
      BOX,
      'box-mark',
      'mains',
      lies.map(({ id }): Move => ({ do: 'mark', lead: id })),
      said('tapeSleeveColour'),
      said('mark', { lies: lies.map(({ name, carries }) => said('as', { name, carries })) }),
    ),
  ];
}

/** What is switched and not used any more, where the hot that is always on is. */
export function idleCaps(wiring: Wiring): readonly Task[] {
  if (leadsAt(wiring, 'splice.hot').length + leadsAt(wiring, 'cap.splice.hot').length === 0) return [];
  const idle = leadsAt(wiring, 'splice.switched');
  if (idle.length === 0) return [];
  return [
    moveTask(
      BOX,
      'box-idle',
      'mains',
      idle.flatMap(({ id }): readonly Move[] => [
        { do: 'off', lead: id, joint: 'splice.switched' },
        { do: 'splice', joint: capAt(`cap.idle.${id}`, BOX, said('outUse')) },
        { do: 'on', lead: id, joint: `cap.idle.${id}` },
      ]),
      said('comesSwitchNothing'),
      said('switchedLeadUnder'),
    ),
  ];
}
