import { said, type Text } from '../said';
import { isConductor } from './bellPath';
import type { Move } from './move';
import { lookTask, moveTask, type Task } from './step';
import type { Lead, Wiring } from './wiring';

/** Conductors of the runs that are named. */
const conductorsOf = ({ leads }: Wiring, runs: readonly Text[]): readonly Lead[] =>
  leads.filter(({ run }) => run !== undefined && runs.includes(run));

/** Spare pairs joined to the used one, at both ends of the runs that have some. */
export function joinPairs(found: Wiring, runs: readonly Text[]): readonly Task[] {
  const conductors = conductorsOf(found, runs);
  const spare = (lead: Lead): string => `${lead.id}.spare`;
  const at = (lead: Lead, joint: string | null): readonly Move[] =>
    joint === null ? [] : [{ do: 'on', lead: spare(lead), joint }];
  return [
    moveTask(
      'cable',
      'pairs-near',
      'bell',
      [
        { do: 'lay', leads: conductors.map((lead) => laid(lead, spare(lead), 'beside')) },
        ...conductors.flatMap((lead) => at(lead, lead.from)),
      ],
      said('oneConductorEvery'),
      said('joinSparePairs'),
    ),
    moveTask(
      'cable',
      'pairs-far',
      'bell',
      conductors.flatMap((lead) => at(lead, lead.to)),
      said('loopOhmsShould'),
      said('joinSparePairsUsed'),
    ),
  ];
}

/** A lead that carries what another one does, with both ends free. */
const laid = (lead: Lead, id: string, how: 'beside' | 'instead'): Lead => ({
  ...lead,
  id,
  from: null,
  to: null,
  laid: { how, of: lead.laid?.of ?? lead.id },
});

/** New wire laid beside an old run, read, then in its place joint by joint. */
function replaced(found: Wiring, runs: readonly Text[], words: Replacing): readonly Task[] {
  const conductors = conductorsOf(found, runs);
  const fresh = (lead: Lead): string => `${lead.id}.new`;
  return [
    moveTask(
      'cable',
      `${words.id}-cable`,
      'bell',
      [{ do: 'lay', leads: conductors.map((lead) => laid(lead, fresh(lead), 'instead')) }],
      words.layHow,
      words.lay,
    ),
    moveTask('cable', `${words.id}-loop`, 'bell', [], said('shouldReadLength'), said('loopOhmsNew')),
    moveTask(
      'cable',
      `${words.id}-swap`,
      'bell',
      conductors.flatMap((lead): readonly Move[] => [
        ...[lead.from, lead.to].flatMap((joint): readonly Move[] =>
          joint === null
            ? []
            : [
                { do: 'on', lead: fresh(lead), joint },
                { do: 'off', lead: lead.id, joint },
              ],
        ),
        { do: 'pull', lead: lead.id },
      ]),
      words.swapHow,
      words.swap,
    ),
  ];
}

interface Replacing {
  readonly id: string;
  readonly lay: Text;
  readonly layHow: Text;
  readonly swap: Text;
  readonly swapHow: Text;
}

/** Thin runs pulled anew. */
export const repull = (found: Wiring, runs: readonly Text[]): readonly Task[] =>
  replaced(found, runs, {
    id: 'repull',
    lay: said('heavierWirePulled'),
    layHow: said('oldOneMay'),
    swap: said('newWiresPlace'),
    swapHow: said('oneJointTime'),
  });

/** Runs whose old cable stays in the wall, out of use, with a new one beside it. */
export const leaveCable = (found: Wiring, runs: readonly Text[]): readonly Task[] =>
  replaced(found, runs, {
    id: 'own-cable',
    lay: said('newBellWire'),
    layHow: said('awayMainsCables'),
    swap: said('newWiresPlaceOld'),
    swapHow: said('oneJointTimeOld'),
  });

const RUN_WORDS: Readonly<Record<string, Text>> = { toChime: said('theChime'), toDoor: said('theDoor') };

/** Splices that the readings show to be bad: cut back and made anew. */
export const mendTasks = (runs: readonly string[]): readonly Task[] =>
  runs.flatMap((run) => [
    moveTask(
      'cable',
      `mend-${run}`,
      'bell',
      [],
      said('findCableLengthened'),
      said('splicesWayOpened', { run: RUN_WORDS[run] ?? run }),
    ),
    moveTask(
      'cable',
      `mend-${run}-loop`,
      'bell',
      [],
      said('shouldReadLengthGauge'),
      said('loopOhmsRead', { run: RUN_WORDS[run] ?? run }),
    ),
  ]);

/** Leads that belong under a screw of the device: the run’s own, and what was laid beside it. */
const doorLeads = ({ leads }: Wiring, screw: 'D1' | 'D2'): readonly Lead[] =>
  leads.filter((lead) =>
    screw === 'D1' ? isConductor(lead, 'toDoor.a') : isConductor(lead, 'toDoor.b') || isConductor(lead, 'straight'),
  );

/** The door: what was there comes off, the device goes on. */
export function doorTasks(found: Wiring, device: Extract<Move, { do: 'add' }>): readonly Task[] {
  const old = found.parts.find(({ place }) => place === 'door');
  const off = (old?.joints ?? []).flatMap(({ id: joint }) =>
    found.leads
      .filter(({ from, to }) => from === joint || to === joint)
      .map(({ id }): Move => ({ do: 'off', lead: id, joint })),
  );
  const on = (screw: 'D1' | 'D2'): readonly Move[] =>
    doorLeads(found, screw).map(({ id }) => ({ do: 'on', lead: id, joint: `${device.part.id}.${screw}` }));
  return [
    moveTask(
      'door',
      'door-old',
      'bell',
      [...off, ...(old ? [{ do: 'remove', part: old.id } as const] : [])],
      said('tapeThemWall'),
      old ? said('offLeadsKept', { old: old.name }) : said('leadsOutWall'),
    ),
    lookTask('door', 'door-through', said('leadsThroughStack'), said('wedgeAndPlateFirst')),
    moveTask('door', 'door-d1', 'bell', [device, ...on('D1')], said('stripAndHookClean'), said('oneLeadUnder')),
    moveTask('door', 'door-d2', 'bell', on('D2'), said('foldSlackBehind'), said('otherLeadUnder')),
  ];
}
