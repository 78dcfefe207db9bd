import { alongAxes, axesOf, minus, projecting, type Vec3 } from '../view';
import { FACE_M, PARCEL_M, doorCamera, visitorsOf, type DoorHangs, type DoorScene, type Visitor } from './doorScene';
import { doorSeen, lostCells, type Cell } from './doorSeen';

type Pixel = readonly [number, number];

export interface DoorFigure {
  readonly visitor: Visitor;
  readonly foot: Pixel | null;
  readonly chin: Pixel;
  readonly crown: Pixel;
  readonly isCut: boolean;
}

/** What a doorbell will show, in pixels. */
export interface DoorPicture {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Parts that are wall, or what stands out beside the plate. */
  readonly lost: readonly Cell[];
  /** Lines on the ground, half a metre apart. */
  readonly ground: readonly (readonly Pixel[])[];
  readonly figures: readonly DoorFigure[];
  /** The parcel’s edges. */
  readonly parcel: readonly (readonly Pixel[])[];
  readonly isParcelCut: boolean;
}

const GRID = { acrossM: 3, awayM: 4, stepM: 0.5, sampleM: 0.1 } as const;
const SAMPLES = 12;

/** What a doorbell that hangs so will show. */
export function doorPicture(scene: DoorScene, hangs: DoorHangs): DoorPicture {
  const camera = doorCamera(scene, hangs);
  const axes = axesOf(camera);
  const project = projecting(camera);
  const pixelOf = (place: Vec3): Pixel | null => {
    const [right, down, forward] = alongAxes(axes, minus(place, camera.position));
    // A wide lens draws what lies beside it too, what lies behind it far outside of the picture
    return forward > (camera.model === 'rectilinear' ? 0.02 : -0.5) ? project(right, down, forward) : null;
  };
  const line = (from: Vec3, to: Vec3): readonly Pixel[] =>
    Array.from({ length: SAMPLES + 1 }, (_, i) => {
      const share = i / SAMPLES;
      return pixelOf([
        from[0] + share * (to[0] - from[0]),
        from[1] + share * (to[1] - from[1]),
        from[2] + share * (to[2] - from[2]),
      ]);
    }).filter((one) => one !== null);
  const { cut, parcel } = doorSeen(scene, hangs);
  const x = scene.matRightM;
  const figures = visitorsOf(scene).flatMap((visitor): readonly DoorFigure[] => {
    const crown = pixelOf([x, visitor.outM, visitor.tallM]);
    const chin = pixelOf([x, visitor.outM, visitor.tallM - FACE_M.tall]);
    return crown && chin
      ? [{ visitor, crown, chin, foot: pixelOf([x, visitor.outM, 0]), isCut: cut.includes(visitor.id) }]
      : [];
  });
  const ground: (readonly Pixel[])[] = [];
  for (let i = -GRID.acrossM; i <= GRID.acrossM; i += GRID.stepM) ground.push(line([i, 0.05, 0], [i, GRID.awayM, 0]));
  for (let j = GRID.stepM; j <= GRID.awayM; j += GRID.stepM)
    ground.push(line([-GRID.acrossM, j, 0], [GRID.acrossM, j, 0]));
  return {
    widthPx: camera.widthPx,
    heightPx: camera.heightPx,
    lost: lostCells(scene, hangs),
    ground,
    figures,
    parcel: parcelEdges(scene).map(([from, to]) => line(from, to)),
    isParcelCut: parcel < 1,
  };
}

/** The twelve edges of the parcel. */
function parcelEdges({ matRightM, stepM }: DoorScene): readonly (readonly [Vec3, Vec3])[] {
  const { outM, sizeM } = PARCEL_M;
  const corner = (i: number): Vec3 => [
    matRightM + (i & 1 ? 0.5 : -0.5) * sizeM,
    outM + (i & 2 ? 0.5 : -0.5) * sizeM,
    stepM + (i & 4 ? sizeM : 0),
  ];
  return [0, 1, 2, 3, 4, 5, 6, 7].flatMap((i) =>
    [1, 2, 4].flatMap((bit) => (i & bit ? [] : [[corner(i), corner(i | bit)] as const])),
  );
}
