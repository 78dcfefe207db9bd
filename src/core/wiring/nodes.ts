import { jointsOf, type Wiring } from './wiring';

/**
 * Which joints are one and the same electrically: joined by conductors without ohms of their own.
 * @param isBare whether a lead counts as one
 * @returns the node of a joint, by its id; loose ends belong to none
 */
export function nodesOf(wiring: Wiring, isBare: (leadId: string) => boolean): (joint: string) => string {
  const root = new Map<string, string>(jointsOf(wiring).map(({ id }) => [id, id]));
  const find = (id: string): string => {
    let at = id;
    for (let up = root.get(at); up !== undefined && up !== at; up = root.get(at)) at = up;
    return at;
  };
  for (const { id, from, to } of wiring.leads)
    if (from !== null && to !== null && isBare(id)) root.set(find(from), find(to));
  return find;
}
