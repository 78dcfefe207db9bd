import { saidKey, type Text } from '@/core/said';
import { jointsOf, leadsAt, type Joint, type Lead, type Part, type Wiring, type WiringPlace } from '@/core/wiring';

interface Spot {
  readonly x: number;
  readonly y: number;
}
/** A conductor that comes in from outside, at the top, under the name of its cable. */
export interface BoxCable {
  readonly id: string;
  readonly name: string;
  readonly fromX: number;
  readonly toX: number;
}
export interface BoxLead {
  readonly lead: Lead;
  readonly path: string;
  /** Where it comes in; null for a lead between two joints here. */
  readonly top: Spot | null;
  /** Where it ends with nothing. */
  readonly loose: Spot | null;
}
export interface BoxJoint extends Joint, Spot {
  /** Names of its leads are told under it. */
  readonly count: number;
}
export interface BoxPart extends Spot {
  readonly part: Part;
  readonly width: number;
}
export interface BoxLayout {
  readonly width: number;
  readonly height: number;
  readonly cables: readonly BoxCable[];
  readonly leads: readonly BoxLead[];
  readonly joints: readonly BoxJoint[];
  readonly parts: readonly BoxPart[];
}

const STEP = 52;
const GAP = 18;
const MARGIN = 26;
const ROW = { top: 70, joint: 184, port: 296, height: 362 } as const;
const PORT_STEP = 50;
/** Width of a letter, about; a splice’s name begins so far beside it. */
const LETTER = 7;
const NAME_AT = 17;
const ROUNDS = 6;
const LEAST_WIDTH = 340;

const mean = (values: readonly number[], otherwise: number): number =>
  values.length === 0 ? otherwise : values.reduce((sum, value) => sum + value, 0) / values.length;

/** The cable that a conductor belongs to; itself where it comes alone. */
const cableOf = ({ id, cable }: Lead): string => (cable === undefined ? id : saidKey(cable));
const cableNameOf = ({ name, cable }: Lead): Text => cable ?? name;

interface Column {
  readonly lead: Lead;
  readonly x: number;
}

/** Evenly spaced places for things that want to be somewhere, in the order of their wishes. */
function spread<T>(
  items: readonly T[],
  wish: (item: T) => number,
  step: (item: T) => number,
  width: number,
): ReadonlyMap<T, number> {
  const order = items.map((item, i) => ({ item, at: wish(item), i })).sort((a, b) => a.at - b.at || a.i - b.i);
  const total = order.reduce((sum, { item }) => sum + step(item), 0);
  let x = (width - total) / 2;
  return new Map(
    order.map(({ item }) => {
      const at = x + step(item) / 2;
      x += step(item);
      return [item, at];
    }),
  );
}

/** Which leads come in from outside at a place: one end is here, the other in the house or at another place. */
function columnsOf(wiring: Wiring, here: ReadonlySet<string>): readonly Lead[] {
  return wiring.leads.filter(({ house, from, to, carries }) => {
    const [a, b] = [from !== null && here.has(from), to !== null && here.has(to)];
    if (a && b) return false;
    const elsewhere = (from !== null && !here.has(from)) || (to !== null && !here.has(to));
    if (a || b) return house !== undefined || elsewhere || carries === 'bell';
    // A conductor of the house with both ends free hangs loose in the box
    return house !== undefined && from === null && to === null;
  });
}

/**
 * Where everything in a box is drawn: cables come in at the top, splices and caps stand in the middle, parts below. Both
 * rows are ordered by what they are joined to, a few rounds of barycentres, so that few leads cross.
 */
export function boxLayout(wiring: Wiring, place: WiringPlace, say: (text: Text) => string): BoxLayout {
  const all = jointsOf(wiring).filter((joint) => joint.place === place);
  const here = new Set(all.map(({ id }) => id));
  const parts = wiring.parts.filter((part) => part.place === place);
  const middle = wiring.splices.filter((joint) => joint.place === place);
  const incoming = columnsOf(wiring, here);

  // Cables as they are listed, conductors as they are listed in them
  const groups = [...new Set(incoming.map(cableOf))];
  const topWidth = incoming.length * STEP + Math.max(0, groups.length - 1) * GAP;
  // Wide enough for its ports and its name
  const widthOf = ({ joints, name }: Part): number =>
    Math.max(joints.length * PORT_STEP, say(name).length * LETTER + 14);
  const portsOf = (part: Part): number => widthOf(part) + 6;
  const bottomWidth = parts.reduce((sum, part) => sum + portsOf(part) + 16, 0);
  const width = Math.max(LEAST_WIDTH, topWidth + 2 * MARGIN, middle.length * 70 + 2 * MARGIN, bottomWidth + 2 * MARGIN);

  let x = (width - topWidth) / 2;
  const cables: BoxCable[] = [];
  const columns: Column[] = groups.flatMap((group) => {
    const leads = incoming.filter((lead) => cableOf(lead) === group);
    const fromX = x;
    const placed = leads.map((lead) => {
      const at = { lead, x: x + STEP / 2 };
      x += STEP;
      return at;
    });
    cables.push({ id: group, name: leads[0] ? say(cableNameOf(leads[0])) : '', fromX, toX: x });
    x += GAP;
    return placed;
  });
  const topX = new Map(columns.map(({ lead, x: at }) => [lead.id, at]));

  // Rounds: splices go where their leads are, parts where their splices are
  let jointX: ReadonlyMap<string, number> = new Map(
    middle.map(({ id }, i) => [id, (i + 1) * (width / (middle.length + 1))]),
  );
  let portX: ReadonlyMap<string, number> = new Map();
  for (let round = 0; round < ROUNDS; round++) {
    const wishOfSplice = ({ id }: Joint): number =>
      mean(
        leadsAt(wiring, id).flatMap((lead) => {
          const other = lead.from === id ? lead.to : lead.from;
          return [topX.get(lead.id), other === null ? undefined : portX.get(other)].filter((at) => at !== undefined);
        }),
        jointX.get(id) ?? width / 2,
      );
    const spliceStep = Math.min(110, (width - 2 * MARGIN) / Math.max(1, middle.length));
    const places = spread(middle, wishOfSplice, () => spliceStep, width);
    jointX = new Map([...places].map(([joint, at]) => [joint.id, at]));
    const wishOfJoint = ({ id }: Joint): number =>
      mean(
        leadsAt(wiring, id).flatMap((lead) => {
          const other = lead.from === id ? lead.to : lead.from;
          return [topX.get(lead.id), other === null ? undefined : jointX.get(other)].filter((at) => at !== undefined);
        }),
        width / 2,
      );
    const partPlaces = spread(
      parts,
      ({ joints }) => mean(joints.map(wishOfJoint), width / 2),
      (part) => portsOf(part) + 16,
      width,
    );
    portX = new Map(
      parts.flatMap((part) => {
        const middleX = partPlaces.get(part) ?? width / 2;
        const order = [...part.joints].sort((a, b) => wishOfJoint(a) - wishOfJoint(b));
        return order.map(({ id }, i) => [id, middleX + (i - (order.length - 1) / 2) * PORT_STEP] as const);
      }),
    );
  }

  const spots = new Map<string, Spot>([
    ...middle.map(({ id }): [string, Spot] => [id, { x: jointX.get(id) ?? 0, y: ROW.joint }]),
    ...parts.flatMap(({ joints }) =>
      joints.map(({ id }): [string, Spot] => [id, { x: portX.get(id) ?? 0, y: ROW.port }]),
    ),
  ]);
  const leads = wiring.leads.flatMap((lead): readonly BoxLead[] => {
    const ends = [lead.from, lead.to].flatMap((end) => (end === null ? [] : (spots.get(end) ?? [])));
    const [a, b] = ends;
    const at = topX.get(lead.id);
    if (at !== undefined) {
      const top = { x: at, y: ROW.top };
      if (a) return [{ lead, path: between(top, a), top, loose: null }];
      const loose = { x: at, y: ROW.top + 52 };
      return [{ lead, path: `M${at} ${ROW.top}V${loose.y}`, top, loose }];
    }
    if (a && b) return [{ lead, path: between(a, b), top: null, loose: null }];
    if (!a) return [];
    const loose = { x: a.x, y: a.y === ROW.port ? a.y - 44 : a.y + 44 };
    return [{ lead, path: `M${a.x} ${a.y}V${loose.y}`, top: null, loose }];
  });
  // The name of what stands last has room beside it
  const reach = Math.max(
    0,
    ...middle.map(({ id, name }) => (jointX.get(id) ?? 0) + NAME_AT + (say(name).length + 4) * LETTER),
  );
  return {
    width: Math.max(width, reach),
    height: parts.length > 0 ? ROW.height : ROW.joint + 56,
    cables,
    leads,
    joints: all.map((joint) => ({
      ...joint,
      ...(spots.get(joint.id) ?? { x: 0, y: 0 }),
      count: leadsAt(wiring, joint.id).length,
    })),
    parts: parts.map((part) => {
      const xs = part.joints.map(({ id }) => portX.get(id) ?? 0);
      const width = widthOf(part);
      return { part, x: (Math.min(...xs) + Math.max(...xs) - width) / 2, y: ROW.port, width };
    }),
  };
}

/** A lead’s way: one soft bend, straight where it can. */
function between(a: Spot, b: Spot): string {
  if (Math.abs(a.x - b.x) < 1) return `M${a.x} ${a.y}V${b.y}`;
  if (Math.abs(a.y - b.y) < 1) return `M${a.x} ${a.y}q${(b.x - a.x) / 2} 46 ${b.x - a.x} 0`;
  const middle = (a.y + b.y) / 2;
  return `M${a.x} ${a.y}C${a.x} ${middle} ${b.x} ${middle} ${b.x} ${b.y}`;
}
