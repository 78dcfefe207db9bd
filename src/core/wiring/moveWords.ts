import { applyMove, type Move } from './move';
import { jointById, leadById, leadsAt, type Wiring } from './wiring';
import { capital } from '../units';

interface Clause {
  readonly leads: readonly string[];
  readonly from: string | null;
  readonly to: string | null;
}

const NUMBERS = ['no', 'one', 'two', 'three', 'four', 'five'] as const;

/** What already holds at a joint, for whoever has to put a lead with it. */
function beside(wiring: Wiring, joint: string, leads: readonly string[]): string {
  const others = leadsAt(wiring, joint).filter(({ id }) => !leads.includes(id));
  if (others.length === 0) return '';
  return others.length === 1
    ? ', with the wire that is there'
    : `, with the ${NUMBERS[others.length] ?? others.length} wires that are there`;
}

function towards(wiring: Wiring, id: string, leads: readonly string[]): string {
  const joint = jointById(wiring, id);
  if (!joint) return '';
  switch (joint.kind) {
    case 'screw':
      return `under ${joint.name}${beside(wiring, id, leads)}`;
    case 'port': {
      const part = wiring.parts.find(({ joints }) => joints.some((one) => one.id === id));
      return `into the ${part?.name ?? 'part'}`;
    }
    case 'cap':
      return 'under a cap of its own';
    case 'splice': {
      const others = leadsAt(wiring, id).filter((lead) => !leads.includes(lead.id));
      return others.length === 0 ? 'ready for its splice' : `joined to ${others.map(({ name }) => name).join(' and ')}`;
    }
  }
}

const named = (wiring: Wiring, leads: readonly string[]): string =>
  leads.length === 1
    ? (leadById(wiring, leads[0] ?? '')?.name ?? '')
    : `${NUMBERS[leads.length] ?? leads.length} wires`;

/** Moves gathered into what a hand does in one go: leads that come off the same joint and go to the same one. */
function clausesOf(moves: readonly Move[]): readonly Clause[] {
  const clauses: Clause[] = [];
  const used = new Set<Move>();
  for (const move of moves) {
    if (used.has(move) || (move.do !== 'off' && move.do !== 'on')) continue;
    used.add(move);
    const on =
      move.do === 'off'
        ? moves.find((other) => !used.has(other) && other.do === 'on' && other.lead === move.lead)
        : undefined;
    if (on) used.add(on);
    const from = move.do === 'off' ? move.joint : null;
    const to = move.do === 'on' ? move.joint : on?.do === 'on' ? on.joint : null;
    const last = clauses.at(-1);
    if (last && last.from === from && last.to === to && from !== null)
      clauses[clauses.length - 1] = { ...last, leads: [...last.leads, move.lead] };
    else clauses.push({ leads: [move.lead], from, to });
  }
  return clauses;
}

/** What moves do, said to the hand that does them: “Door’s wire off Front, into the module; module’s lead under Front”. */
export function moveWords(before: Wiring, moves: readonly Move[]): string {
  const after = moves.reduce(applyMove, before);
  const said = clausesOf(moves).map(({ leads, from, to }) => {
    const off = from === null ? null : `off ${jointById(before, from)?.name ?? jointById(after, from)?.name ?? ''}`;
    const on = to === null ? null : towards(after, to, leads);
    return `${named(after, leads) || named(before, leads)} ${[off, on].filter((part) => part !== null).join(', ')}`;
  });
  const text = said.join('; ');
  return capital(text);
}
