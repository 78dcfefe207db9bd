import { said } from '../said';
import { lettersFor, thingNode, type HouseGraph } from '../house/houseGraph';
import { CIRCUIT_STATE_WORDS } from '../isolation';
import { buildOf } from '../points/builds';
import { circuitsOfPoint } from '../points/supplyOf';
import { loneThings } from './houseThings';
import type { Job } from './job';

/** The house of a job: boards with the circuits that were named, supplies, chimes and points, and the cables between. */
export function houseOf(job: Job): HouseGraph {
  const letters = lettersFor(job.points.map(({ name }) => name));
  const letterOf = new Map(job.points.map(({ id }, i) => [id, letters[i] ?? null]));
  const circuits = job.circuits.map(({ id, way, name, state }) =>
    thingNode(
      'circuit',
      id,
      [way, name && `“${name}”`].filter(Boolean).join(' ') || said('aCircuit'),
      CIRCUIT_STATE_WORDS[state.state],
    ),
  );
  const named = job.circuits.length > 0 ? '' : said('noneNamed');
  const boards =
    job.boards.length > 0
      ? job.boards.map(({ id, name }) => thingNode('board', id, name ?? said('theBoard'), named))
      : [thingNode('board', '', said('theBoard'), named)];
  const parts = job.points.map((point) => ({ point, ...buildOf(point).inHouse(job, point) }));
  // Each thing once, whatever hangs on it
  const once = new Map(
    parts.flatMap(({ nodes }) =>
      nodes.map((node) => [node.id, node.pointId ? { ...node, letter: letterOf.get(node.pointId) ?? null } : node]),
    ),
  );
  const cables = new Map(
    parts.flatMap(({ cables: all }) => all.map((cable) => [`${cable.from} ${cable.to}`, cable] as const)),
  );
  for (const { point, fedAt: to } of parts) {
    if (to === null) continue;
    for (const { id } of circuitsOfPoint(job, point)) {
      const from = `circuit ${id}`;
      cables.set(`${from} ${to}`, { from, to, carries: 'mains', words: '', proposed: false });
    }
  }
  const lone = loneThings(job).map(({ kind, id, name }) => thingNode(kind, id, name, said('nothingHangsYet')));
  return { nodes: [...boards, ...circuits, ...once.values(), ...lone], cables: [...cables.values()] };
}

/** The house as its customer is shown it: what is where and hangs on what, no figures; once all is handed over nothing is to be made. */
export function houseForCustomer(job: Job): HouseGraph {
  const { nodes, cables } = houseOf(job);
  const isBuilt = job.points.every(({ left }) => left !== null);
  const plain = <T extends { readonly proposed: boolean }>(one: T): T => ({
    ...one,
    words: '',
    proposed: one.proposed && !isBuilt,
  });
  return { nodes: nodes.map(plain), cables: cables.map(plain) };
}
