import { Z95, normals, seeded } from '../random';
import type { Aim, Scene, Where } from './scene';
import { seenTargets } from './seenTarget';

/** Half widths of 90 %: what is paced is known to 10 %, a tape to 3 cm, a turn by the phone’s compass to 5° (domain/mount). */
const SPREAD = { paced: 0.1, tapedM: 0.03, turnDeg: 5, lensM: 0.03 } as const;
const DRAWS = 300;
const SEED = 1803;

export interface Doubt {
  /** Chance that each target is met, by its id. */
  readonly chances: ReadonlyMap<string, number>;
  /** The target whose taping would settle most: the chance nearest to a coin’s among those that are paced; null where none is. */
  readonly tape: string | null;
}

/** How sure it is that each target is met, over what is only paced and turned by eye. The same scene gives the same chances. */
export function doubtOf(scene: Scene, aim: Aim): Doubt {
  const places: readonly Where[] = [...scene.targets, ...scene.obstacles];
  const errors = normals(DRAWS * (2 * places.length + 1), seeded(SEED));
  let next = 0;
  const error = (halfWidth: number): number => ((errors[next++] ?? 0) * halfWidth) / Z95;
  const met = new Map(scene.targets.map(({ id }) => [id, 0]));
  const drawn = <T extends Where>(one: T): T => ({
    ...one,
    distanceM: Math.max(0.3, one.distanceM + error(one.how === 'paced' ? SPREAD.paced * one.distanceM : SPREAD.tapedM)),
    turnDeg: one.turnDeg + error(SPREAD.turnDeg),
  });
  for (let i = 0; i < DRAWS; i++) {
    const lensM = aim.lensM + error(SPREAD.lensM);
    const yard: Scene = { ...scene, targets: scene.targets.map(drawn), obstacles: scene.obstacles.map(drawn) };
    for (const { target, miss } of seenTargets(yard, { ...aim, lensM }))
      if (miss === null) met.set(target.id, (met.get(target.id) ?? 0) + 1);
  }
  const chances = new Map([...met].map(([id, count]) => [id, count / DRAWS]));
  const open = (id: string): number => Math.abs((chances.get(id) ?? 0) - 0.5);
  const [tape] = scene.targets
    .filter(({ id, how }) => how === 'paced' && open(id) < 0.48)
    .sort((a, b) => open(a.id) - open(b.id));
  return { chances, tape: tape?.id ?? null };
}
