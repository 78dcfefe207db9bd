import { hasPart, jointById, leadById, type Joint, type Lead, type Part, type Wiring } from './wiring';

/**
 * One change of a wiring, small enough for a hand: a part is put in place or taken out, an end comes off a joint, an end
 * goes to one. A remedy is a list of them; so is what was built.
 */
export type Move =
  | { readonly do: 'add'; readonly part: Part }
  | { readonly do: 'remove'; readonly part: string }
  /** Conductors that are there without a part: a new cable, spare pairs. */
  | { readonly do: 'lay'; readonly leads: readonly Lead[] }
  | { readonly do: 'pull'; readonly lead: string }
  | { readonly do: 'splice'; readonly joint: Joint }
  | { readonly do: 'off'; readonly lead: string; readonly joint: string }
  | { readonly do: 'on'; readonly lead: string; readonly joint: string }
  /** The winding between other screws of the same part: what feeds the loop from now on. */
  | { readonly do: 'feed'; readonly part: string; readonly from: string; readonly to: string }
  /** A switch guarded and labelled. */
  | { readonly do: 'guard'; readonly part: string }
  /** A conductor marked for what it carries, whatever its colour says. */
  | { readonly do: 'mark'; readonly lead: string };

/** A move that the wiring does not allow: a lead, joint or part that is not there. A bug of a plan, not of an installer. */
export class WrongMoveError extends Error {
  constructor(
    readonly move: Move,
    why: string,
  ) {
    super(`${why}: ${JSON.stringify(move)}`);
    this.name = 'WrongMoveError';
  }
}

const changeLead = (wiring: Wiring, id: string, change: (lead: Lead) => Lead): Wiring => ({
  ...wiring,
  leads: wiring.leads.map((lead) => (lead.id === id ? change(lead) : lead)),
});

/**
 * A wiring after a move. A splice that holds nothing any more is gone with its last lead.
 * @throws {WrongMoveError} where the move does not fit the wiring
 */
export function applyMove(wiring: Wiring, move: Move): Wiring {
  switch (move.do) {
    case 'add':
      return {
        ...wiring,
        parts: [...wiring.parts, move.part],
        leads: [...wiring.leads, ...move.part.leads],
      };
    case 'remove': {
      const part = wiring.parts.find(({ id }) => id === move.part);
      if (!part) throw new WrongMoveError(move, 'no such part');
      const gone = new Set(part.leads.map(({ id }) => id));
      const joints = new Set(part.joints.map(({ id }) => id));
      const leads = wiring.leads.filter(({ id }) => !gone.has(id));
      if (leads.some(({ from, to }) => (from !== null && joints.has(from)) || (to !== null && joints.has(to))))
        throw new WrongMoveError(move, 'a lead still hangs on the part');
      const ends = part.leads.flatMap(({ from, to }) => [from, to]);
      return withoutEmpty({ ...wiring, parts: wiring.parts.filter(({ id }) => id !== move.part), leads }, ends);
    }
    case 'lay':
      return { ...wiring, leads: [...wiring.leads, ...move.leads] };
    case 'pull': {
      const lead = leadById(wiring, move.lead);
      if (!lead) throw new WrongMoveError(move, 'no such lead');
      return withoutEmpty({ ...wiring, leads: wiring.leads.filter(({ id }) => id !== move.lead) }, [
        lead.from,
        lead.to,
      ]);
    }
    case 'splice':
      return { ...wiring, splices: [...wiring.splices, move.joint] };
    case 'off': {
      const lead = leadById(wiring, move.lead);
      if (!lead || (lead.from !== move.joint && lead.to !== move.joint))
        throw new WrongMoveError(move, 'the lead is not at that joint');
      return withoutEmpty(
        changeLead(wiring, move.lead, (one) =>
          one.from === move.joint ? { ...one, from: null } : { ...one, to: null },
        ),
        [move.joint],
      );
    }
    case 'feed':
      return {
        ...wiring,
        parts: wiring.parts.map((part) =>
          part.id === move.part
            ? {
                ...part,
                elements: part.elements.map((element) =>
                  element.kind === 'winding' ? { ...element, from: move.from, to: move.to } : element,
                ),
              }
            : part,
        ),
      };
    case 'guard':
      if (!hasPart(wiring, move.part)) throw new WrongMoveError(move, 'no such part');
      return {
        ...wiring,
        parts: wiring.parts.map((part) => (part.id === move.part ? { ...part, guarded: true } : part)),
      };
    case 'mark':
      if (!leadById(wiring, move.lead)) throw new WrongMoveError(move, 'no such lead');
      return changeLead(wiring, move.lead, (one) => (one.wire ? { ...one, wire: { ...one.wire, marked: true } } : one));
    case 'on': {
      const lead = leadById(wiring, move.lead);
      if (!lead || !jointById(wiring, move.joint)) throw new WrongMoveError(move, 'no such lead or joint');
      // The other end of a conductor of the house lies beyond what is worked on
      const held = [lead.from, lead.to].filter((end) => end !== null).length;
      if (held === 2 || (held === 1 && lead.house)) throw new WrongMoveError(move, 'the lead has no free end');
      return changeLead(wiring, move.lead, (one) =>
        one.from === null ? { ...one, from: move.joint } : { ...one, to: move.joint },
      );
    }
  }
}

/** Without those splices that hold nothing any more. */
function withoutEmpty(wiring: Wiring, left: readonly (string | null)[]): Wiring {
  const held = new Set(wiring.leads.flatMap(({ from, to }) => [from, to]));
  return { ...wiring, splices: wiring.splices.filter(({ id }) => held.has(id) || !left.includes(id)) };
}

/** A wiring after several moves, in their order. */
export const applyMoves = (wiring: Wiring, moves: readonly Move[]): Wiring => moves.reduce(applyMove, wiring);
