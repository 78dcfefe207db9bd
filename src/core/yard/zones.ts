import { isHidden, sees, type Vec3 } from '../view';
import { overTarget } from './ground';
import { cameraAt, isVisited, lensPlace, standing, type Aim, type Scene, type Target, type TargetKind } from './scene';
import type { Mask } from './privacy';
import { seenTargets } from './seenTarget';

/** An upright rectangle of the picture in which something is looked out for, in per cent as an app asks for it. */
export type Zone = Pick<Mask, 'left' | 'top' | 'right' | 'foot'> & { readonly target: Target };

/** Room about a target in which somebody or something may come: to each side, and up. Engineering defaults, metres. */
const VISITOR_ROOM = { asideM: 1, tallM: 2 } as const;
const THING_ROOM: Readonly<Record<TargetKind, { readonly asideM: number; readonly tallM: number }>> = {
  car: { asideM: 2.4, tallM: 1.6 },
  bins: { asideM: 0.8, tallM: 1.2 },
  window: VISITOR_ROOM,
  street: VISITOR_ROOM,
  garden: VISITOR_ROOM,
  gate: VISITOR_ROOM,
  door: VISITOR_ROOM,
  path: VISITOR_ROOM,
  other: VISITOR_ROOM,
};
/** Along each edge of that room a picture is asked about at so many places. */
const ALONG = 4;

/** Where in the picture a camera is to look out for each target that it meets. */
export function zonesOf(scene: Scene, aim: Aim): readonly Zone[] {
  const camera = cameraAt(scene, aim);
  const look = sees(camera, []);
  const lens = lensPlace(scene, aim);
  const solids = standing(scene);
  return seenTargets(scene, aim).flatMap(({ target, miss }): readonly Zone[] => {
    if (target.wants === 'out' || miss !== null) return [];
    const { asideM, tallM } = isVisited(target) ? VISITOR_ROOM : THING_ROOM[target.what];
    const [x, y, z] = overTarget(scene, target, 0);
    const grid = Array.from({ length: ALONG + 1 }, (_, i) => i / ALONG);
    const pixels = grid.flatMap((i) =>
      grid.flatMap((j) =>
        grid.flatMap((k): readonly (readonly [number, number])[] => {
          const place: Vec3 = [x + (2 * i - 1) * asideM, y + (2 * j - 1) * asideM, z + k * tallM];
          const { pixel, inFront } = look(place);
          return pixel && inFront && place[1] > 0 && !isHidden(solids, lens, place) ? [pixel] : [];
        }),
      ),
    );
    if (pixels.length === 0) return [];
    const percent = (values: readonly number[], size: number) =>
      values.map((value) => Math.min(100, Math.max(0, (100 * value) / size)));
    const across = percent(
      pixels.map(([right]) => right),
      camera.widthPx,
    );
    const down = percent(
      pixels.map(([, below]) => below),
      camera.heightPx,
    );
    const zone = {
      left: Math.min(...across),
      right: Math.max(...across),
      top: Math.min(...down),
      foot: Math.max(...down),
    };
    return zone.right > zone.left && zone.foot > zone.top ? [{ target, ...zone }] : [];
  });
}
