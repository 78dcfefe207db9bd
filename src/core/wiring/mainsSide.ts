import type { Work } from '../region';
import { said, type Text } from '../said';
import { adapterTasks, feedingPart, isPluggedIn, plugOutTask, putOn, takeOff } from './bellSide';
import { transformerPart } from './bellParts';
import { spliceAt } from './mainsParts';
import type { Move } from './move';
import { lookTask, moveTask, ofWork, proofTask, type Task } from './step';
import { hasPart, jointById, leadById, leadsAt, type Part, type Wiring } from './wiring';

/** How a transformer is put in its place. */
export type TransformerFit = 'onBox' | 'dinRail' | 'plugIn';

/** A transformer to be fitted. */
export interface FittedTransformer {
  readonly name: Text;
  readonly ratedVolts: number;
  readonly fit: TransformerFit;
  /** Where the board has no room for it; null: it sits where its fit says. */
  readonly enclosure: Text | null;
  /** What of fitting it places keep for a licence. */
  readonly work: Work;
}

const PLACE = 'transformer';

const BELL_OFF = said('bellWiresOff');
const BELL_OFF_HOW = said('oneTimeEach');

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
          { do: 'splice', joint: spliceAt(splice, feedingPart(found)?.place ?? PLACE, said('carries', { carries })) },
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
  onBox: [said('newTransformerBox'), said('boxCoverNo')],
  dinRail: [said('newTransformerRail'), said('lidMustOpen')],
} as const;

/** From the seat of a new transformer to its closed cover. */
function seatAndJoin(
  found: Wiring,
  { name, ratedVolts, fit, enclosure }: FittedTransformer & { readonly fit: 'onBox' | 'dinRail' },
  energise: boolean,
  place: Part['place'],
): readonly Task[] {
  const [seatWords, seatHow] = SEAT[fit];
  return [
    ...(enclosure === null
      ? []
      : [lookTask(PLACE, 'mains-enclosure', said('enclosureUp', { enclosure }), said('roomToOpenItsLid'))]),
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
      said('neverParkedFirst'),
      said('groundLeadBox'),
    ),
    moveTask(
      PLACE,
      'mains-neutral',
      'mains',
      joinPrimary(found, 'neutral'),
      said('testNotColour'),
      said('primaryLeadNeutral'),
    ),
    moveTask(
      PLACE,
      'mains-hot',
      'mains',
      joinPrimary(found, 'hot'),
      said('noBareCopperBelow'),
      said('otherPrimaryLeadHot'),
    ),
    ...(energise
      ? [
          {
            ...lookTask(
              PLACE,
              'mains-energise',
              said('onceOpenVolts', { ratedVolts }),
              said('everySpliceClosedFolded'),
            ),
            energises: true as const,
            reads: 'newOpenVolts' as const,
          },
          proofTask(PLACE, 'mains-dead-again', said('offProvedDead'), said('offTaggedLocked')),
        ]
      : []),
    {
      ...moveTask(PLACE, 'mains-close', 'mains', [], said('pictureNextPerson'), said('photographSplicesCover')),
      photo: true,
      closes: true,
    },
    // Before anything hangs on it; where nothing is switched on over an open box, with the cover on
    ...(energise
      ? []
      : [
          {
            ...lookTask(PLACE, 'mains-read-open', said('onceOpenVolts', { ratedVolts }), said('coverOnBellScrewsBare')),
            energises: true as const,
            reads: 'newOpenVolts' as const,
          },
        ]),
  ];
}

const WHO: Task = lookTask(PLACE, 'mains-who', said('doesMainsSide'), said('localRulesDecide'));

const LABEL: Task = lookTask(PLACE, 'mains-label', said('labelTransformerVolts'), said('nobodySearchesTwice'));

/** The last of a new transformer: the bell wires under its pair. */
const pairTask = (found: Wiring, ratedVolts: number): Task =>
  moveTask(
    PLACE,
    'mains-pair',
    'bell',
    putOn(found, ['new.S1', 'new.S2']),
    said('threeFourScrews'),
    said('bellWiresUnderPair', { ratedVolts }),
  );

/** On a circuit of its own, in place of an old one that goes with its plug: nothing of the house was on that. */
function insteadOfPlug(
  found: Wiring,
  old: Part,
  transformer: FittedTransformer & { readonly fit: 'onBox' | 'dinRail' },
  energise: boolean,
): readonly Task[] {
  return ofWork(transformer.work, [
    plugOutTask(),
    moveTask(PLACE, 'mains-bell-off', 'bell', takeOff(found), BELL_OFF_HOW, BELL_OFF),
    {
      ...lookTask(PLACE, 'plug-away', said('oldPlugAway'), said('nobodyPlugsOld')),
      moves: [{ do: 'remove', part: old.id }],
    },
    WHO,
    proofTask(PLACE, 'mains-open', said('coverOffProveAgain'), said('hotNeutralEachGround')),
    ...seatAndJoin(found, transformer, energise, old.place),
    pairTask(found, transformer.ratedVolts),
    LABEL,
  ]);
}

/**
 * The mains side of a new transformer, from the permission to the label (domain/power, the mains side). Everything that
 * touches a mains conductor is held by the gate until that is proved dead by the person who does it.
 * @param energise mains on once before the cover goes on, and proved dead again
 */
export function mainsSide(found: Wiring, transformer: FittedTransformer, energise: boolean): readonly Task[] {
  const { name, ratedVolts, fit, work } = transformer;
  const old = feedingPart(found);
  if (!old) return [];
  if (fit === 'plugIn') return adapterTasks(found, name);
  if (isPluggedIn(old)) return insteadOfPlug(found, old, { ...transformer, fit }, energise);
  const boxed = hasPart(found, 'boxed');
  return ofWork(work, [
    WHO,
    {
      ...lookTask(PLACE, 'mains-photo', said('photographOldTransformer'), said('twoWiresUnder')),
      photo: true,
    },
    // Bell screws inside a housing with mains terminals are mains work
    ...(boxed ? [] : [moveTask(PLACE, 'mains-bell-off', 'bell', takeOff(found), BELL_OFF_HOW, BELL_OFF)]),
    proofTask(PLACE, 'mains-open', said('coverOffProveAgain'), said('hotNeutralEach'), boxed ? takeOff(found) : []),
    moveTask(
      PLACE,
      'mains-old-out',
      'mains',
      oldOut(found, old),
      said('conductorsPassThrough'),
      boxed ? said('boxedChimeOutEvery') : said('oldPrimaryLeads'),
    ),
    ...seatAndJoin(found, { ...transformer, fit }, energise, old.place),
    pairTask(found, ratedVolts),
    LABEL,
  ]);
}

/** The mains side of a transformer where there was none: on its circuit’s conductors, nothing old to take out. */
export function freshMainsSide(found: Wiring, transformer: FittedTransformer, energise: boolean): readonly Task[] {
  const { fit, work } = transformer;
  if (fit === 'plugIn') return [];
  return ofWork(work, [
    WHO,
    proofTask(PLACE, 'mains-open', said('coverOffProveAgain'), said('hotNeutralEachGround')),
    ...seatAndJoin(found, { ...transformer, fit }, energise, PLACE),
    LABEL,
  ]);
}
