import type { Text } from '../said';
import type { Rung } from '../kinds/rungs';

/** What stands in a house, as a drawing or a list shows it. Ids are unique over all nodes. */
export interface HouseNode {
  readonly id: string;
  readonly kind: 'board' | 'circuit' | 'box' | 'supply' | 'chime' | 'door' | 'floodlight';
  readonly name: Text;
  readonly words: Text;
  /** The point that it is; null for a thing. */
  readonly pointId: string | null;
  /** A letter of its own, for points. */
  readonly letter: string | null;
  /** The rung where its facts are asked, where its kind does not say so. */
  readonly opens?: Rung;
  /** Still to be made or fitted. */
  readonly proposed: boolean;
}

/** A cable or a reach by radio, from what feeds to what is fed. */
export interface HouseCable {
  readonly from: string;
  readonly to: string;
  readonly carries: 'mains' | 'bell';
  readonly words: Text;
  readonly proposed: boolean;
}

/** The things and points of a site with what hangs on what. */
export interface HouseGraph {
  readonly nodes: readonly HouseNode[];
  readonly cables: readonly HouseCable[];
}

/** What one point adds to the house: its things, itself, and the cables between; boards and circuits stand beside. */
export interface HousePart extends HouseGraph {
  /** The node that a circuit of this point ends at; null where there is none. */
  readonly fedAt: string | null;
}

/** A node with everything that hangs on it, for a list. */
export interface HouseBranch {
  readonly node: HouseNode;
  readonly branches: readonly HouseBranch[];
}

/** The graph as trees, from what feeds down to the points. What nothing feeds is a root of its own. */
export function branchesOf({ nodes, cables }: HouseGraph): readonly HouseBranch[] {
  const fed = new Set(cables.map(({ to }) => to));
  const below = (node: HouseNode, seen: readonly string[]): HouseBranch => ({
    node,
    branches: cables.flatMap(({ from, to }) => {
      const next = from === node.id && !seen.includes(to) ? nodes.find(({ id }) => id === to) : undefined;
      return next ? [below(next, [...seen, next.id])] : [];
    }),
  });
  return nodes.filter(({ id, kind }) => !fed.has(id) && kind !== 'board').map((node) => below(node, [node.id]));
}

/** A node of a thing, with no letter. */
export const thingNode = (kind: HouseNode['kind'], id: string, name: Text, words: Text): HouseNode => ({
  id: `${kind} ${id}`,
  kind,
  name,
  words,
  pointId: null,
  letter: null,
  proposed: false,
});

/** A node of a point; its letter is given where all points are known. */
export const pointNode = (kind: HouseNode['kind'], id: string, name: string): HouseNode => ({
  ...thingNode(kind, id, name, ''),
  pointId: id,
});

/** A letter for each name: its first that is free, else the next of the alphabet. */
export function lettersFor(names: readonly string[]): readonly string[] {
  const taken = new Set<string>();
  return names.map((name) => {
    const own = [...name.toUpperCase()].filter((letter) => /[A-Z]/.test(letter));
    const rest = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
    const letter = [...own, ...rest].find((one) => !taken.has(one)) ?? '?';
    taken.add(letter);
    return letter;
  });
}
