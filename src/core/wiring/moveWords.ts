import { said, type Text } from '../said';
import { applyMove, type Move } from './move';
import { jointById, leadById, leadsAt, type Wiring } from './wiring';

interface Clause {
  readonly leads: readonly string[];
  readonly from: string | null;
  readonly to: string | null;
}

/** What already holds at a joint, for whoever has to put a lead with it. */
const beside = (wiring: Wiring, joint: string, leads: readonly string[]): number =>
  leadsAt(wiring, joint).filter(({ id }) => !leads.includes(id)).length;

function towards(wiring: Wiring, id: string, leads: readonly string[]): Text {
  const joint = jointById(wiring, id);
  if (!joint) return '';
  switch (joint.kind) {
    case 'screw':
      return said('underScrew', { screw: joint.name, beside: beside(wiring, id, leads) });
    case 'port': {
      const part = wiring.parts.find(({ joints }) => joints.some((one) => one.id === id));
      return said('intoThePart', { part: part?.name ?? joint.name });
    }
    case 'cap':
      return said('underCapOwn');
    case 'splice': {
      const others = leadsAt(wiring, id).filter((lead) => !leads.includes(lead.id));
      return others.length === 0 ? said('readySplice') : said('joinedTo', { others: others.map(({ name }) => name) });
    }
  }
}

const named = (wiring: Wiring, leads: readonly string[]): Text =>
  leads.length === 1 ? (leadById(wiring, leads[0] ?? '')?.name ?? '') : said('severalWires', { wires: leads.length });

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
export function moveWords(before: Wiring, moves: readonly Move[]): Text {
  const after = moves.reduce(applyMove, before);
  return said('moves', {
    moves: clausesOf(moves).map(({ leads, from, to }) =>
      said('move', {
        what: named(after, leads) || named(before, leads),
        off: from === null ? null : (jointById(before, from)?.name ?? jointById(after, from)?.name ?? ''),
        to: to === null ? null : towards(after, to, leads),
      }),
    ),
  });
}
