import { isConductor } from './bellPath';
import type { Move } from './move';
import { moveTask, type Task } from './step';
import type { Lead, Wiring } from './wiring';
import { capital } from '../units';

/** Conductors of the runs that are named. */
const conductorsOf = ({ leads }: Wiring, runs: readonly string[]): readonly Lead[] =>
  leads.filter(({ run }) => run !== undefined && runs.includes(run));

/** Spare pairs joined to the used one, at both ends of the runs that have some. */
export function joinPairs(found: Wiring, runs: readonly string[]): readonly Task[] {
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
      'One conductor of every pair together, the other of every pair together: same colours at both ends.',
      'Join the spare pairs to the used one, inside end',
    ),
    moveTask(
      'cable',
      'pairs-far',
      'bell',
      conductors.flatMap((lead) => at(lead, lead.to)),
      'Loop ohms should now be the single pair’s over the number of pairs: read it before closing.',
      'Join the spare pairs to the used one, door end',
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
function replaced(found: Wiring, runs: readonly string[], words: Replacing): readonly Task[] {
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
    moveTask(
      'cable',
      `${words.id}-loop`,
      'bell',
      [],
      'It should read what its length and gauge say; more is a bad joint.',
      'Loop ohms of the new wire read, far ends together',
    ),
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
  readonly lay: string;
  readonly layHow: string;
  readonly swap: string;
  readonly swapHow: string;
}

/** Thin runs pulled anew. */
export const repull = (found: Wiring, runs: readonly string[]): readonly Task[] =>
  replaced(found, runs, {
    id: 'repull',
    lay: 'Heavier wire pulled beside the thin one, both ends long enough',
    layHow: 'The old one may draw it in. Away from mains cables; holes to the outside angled down.',
    swap: 'New wires in the place of the thin ones, at both ends',
    swapHow: 'One joint at a time, so that no wire changes its place.',
  });

/** Runs whose old cable stays in the wall, out of use, with a new one beside it. */
export const leaveCable = (found: Wiring, runs: readonly string[]): readonly Task[] =>
  replaced(found, runs, {
    id: 'own-cable',
    lay: 'New bell wire pulled beside the old cable, both ends long enough',
    layHow: 'Away from mains cables; holes to the outside angled down.',
    swap: 'New wires in the place of the old cable, its ends capped and labelled “not used”',
    swapHow: 'One joint at a time. The old cable stays in the wall: nothing of it is fed.',
  });

const RUN_WORDS: Readonly<Record<string, string>> = { toChime: 'the chime', toDoor: 'the door' };

/** Splices that the readings show to be bad: cut back and made anew. */
export const mendTasks = (runs: readonly string[]): readonly Task[] =>
  runs.flatMap((run) => [
    moveTask(
      'cable',
      `mend-${run}`,
      'bell',
      [],
      'Find it where the cable was lengthened. Cut back to bright copper, new connector, tug each wire.',
      `Splices on the way to ${RUN_WORDS[run] ?? run} opened, cut back, made anew`,
    ),
    moveTask(
      'cable',
      `mend-${run}-loop`,
      'bell',
      [],
      'It should read what its length and gauge say. If it does not, another splice hides on the way.',
      `Loop ohms to ${RUN_WORDS[run] ?? run} read again, far ends together`,
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
      'Tape them to the wall. An old lit button must not stay in the loop.',
      old
        ? `${capital(old.name)} off, leads kept from falling back into the wall`
        : 'Leads out of the wall, kept from falling back',
    ),
    moveTask(
      'door',
      'door-d1',
      'bell',
      [device, ...on('D1')],
      'Strip 8 mm, hook clockwise. No copper beyond the screw head.',
      'One lead under the device’s first screw',
    ),
    moveTask(
      'door',
      'door-d2',
      'bell',
      on('D2'),
      'Fold the slack behind the plate, nothing under the gasket.',
      'Other lead under the second screw',
    ),
  ];
}
