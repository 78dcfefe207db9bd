import { said, type Text } from '../said';
import {
  THROUGH_SPLICE,
  hasPart,
  isConductor,
  leadsAt,
  lookTask,
  moveTask,
  type Lead,
  type Move,
  type Task,
  type Wiring,
} from '../wiring';

/** Before a screw is turned, at every chime. */
export const LABEL_TASK: Task = {
  ...lookTask('chime', 'chime-label', said('photographTerminalsCount'), said('countWiresUnder')),
  photo: true,
};

/** A fused lead is tested before it goes in. */
export const fuseTestTask = (id: string): Task => lookTask('van', id, said('testFuseLink'), said('oneMayDead'));

/** Ends that meet at the chime: what comes from the transformer, what goes to the door, and where each is held. */
export type ChimeSide = 'Trans' | 'Front';
export interface HeldLead {
  readonly lead: Lead;
  readonly joint: string;
}

/** House wires on one side of the chime: under its screw, or in the splice that stands for both. */
export function wiresOn(found: Wiring, side: ChimeSide): readonly HeldLead[] {
  const conductor = side === 'Trans' ? 'toChime.a' : 'toDoor.a';
  const own = found.leads.find((lead) => isConductor(lead, conductor));
  const joint = side === 'Trans' ? own?.to : own?.from;
  if (joint === undefined || joint === null) return [];
  return leadsAt(found, joint)
    .filter((lead) => joint !== THROUGH_SPLICE || isConductor(lead, 'toChime.a') === (side === 'Trans'))
    .map((lead) => ({ lead, joint }));
}

/** All wires of one side off their joint; `to` a joint, or capped. */
export const swing = (found: Wiring, side: ChimeSide, to: string | null): readonly Move[] =>
  wiresOn(found, side).flatMap(({ lead, joint }): readonly Move[] => [
    { do: 'off', lead: lead.id, joint },
    ...(to === null ? [] : [{ do: 'on', lead: lead.id, joint: to } as const]),
  ]);

/** The wire of the rear door, where it hangs on the chime’s Rear. */
export const rearWires = (found: Wiring): readonly Lead[] => leadsAt(found, 'chime.Rear');

/** Whether a doorbell hangs on the rear door: it needs its supply whatever becomes of the chime. */
export const rearIsFed = ({ parts }: Wiring): boolean =>
  parts.some(({ place, elements }) => place === 'rearDoor' && elements.some(({ kind }) => kind === 'load'));

/** Where the chime goes out of the loop and a doorbell hangs at the rear: its wire follows the transformer’s. */
export function rearFollows(found: Wiring, id: string, joint: string): readonly Task[] {
  if (!rearIsFed(found)) return [];
  return [
    moveTask(
      'chime',
      id,
      'bell',
      rearWires(found).flatMap(({ id: lead }): readonly Move[] => [
        { do: 'off', lead, joint: 'chime.Rear' },
        { do: 'on', lead, joint },
      ]),
      said('chimeOutLoop'),
    ),
  ];
}

/** What an earlier visit left at the chime comes out first: a module, a link, or wires joined past it. */
export function clearChime(found: Wiring): readonly Task[] {
  const outOf = (part: 'oldModule' | 'oldLink', id: string, words: Text, how: Text): readonly Task[] =>
    hasPart(found, part)
      ? [
          moveTask(
            'chime',
            id,
            'bell',
            [
              { do: 'off', lead: `${part}.a`, joint: 'chime.Front' },
              { do: 'off', lead: `${part}.b`, joint: 'chime.Trans' },
              { do: 'remove', part },
            ],
            how,
            words,
          ),
        ]
      : [];
  const joined = hasPart(found, 'chime') && wiresOn(found, 'Trans')[0]?.joint === THROUGH_SPLICE;
  return [
    ...outOf('oldModule', 'old-module-out', said('oldModuleOut'), said('modulesComeVersions')),
    ...outOf('oldLink', 'old-link-out', said('oldLinkOut'), said('houseWiresStay')),
    ...(joined
      ? [
          moveTask(
            'chime',
            'wires-back',
            'bell',
            [...swing(found, 'Trans', 'chime.Trans'), ...swing(found, 'Front', 'chime.Front')],
            said('wireOneFed'),
            said('joinedWiresApart'),
          ),
        ]
      : []),
  ];
}
