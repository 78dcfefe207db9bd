import { describe, expect, it } from 'vitest';
import { answerAim, aimRequest } from './aim';
import { answerLight, lightRequest } from './light';
import { parse } from './parse';
import { answerPose, poseRequest } from './pose';
import type { ProblemError } from './problem';
import { answerView, viewRequest } from './view';

// The worked examples of view, light, aim and pose, and what each of them refuses.

const view = (body: unknown) => answerView(parse(viewRequest, body));
const light = (body: unknown) => answerLight(parse(lightRequest, body));
const aim = (body: unknown) => answerAim(parse(aimRequest, body));
const pose = (body: unknown) => answerPose(parse(poseRequest, body));

const near = (got: readonly number[], wanted: readonly number[], digits = 5) => {
  expect(got).toHaveLength(wanted.length);
  wanted.forEach((one, i) => expect(got[i]).toBeCloseTo(one, digits));
};
const refused = (run: () => unknown): { readonly status: number; readonly path: string | undefined } => {
  try {
    run();
  } catch (error) {
    const { status, errors } = error as ProblemError;
    return { status, path: errors[0]?.path };
  }
  throw new Error('nothing was refused');
};

const GATE_CAMERA = {
  model: 'rectilinear',
  position: [0, 0, 3],
  bearingDeg: 180,
  tiltDownDeg: 20,
  rollDeg: 0,
  hfovDeg: 110,
  widthPx: 2560,
  heightPx: 1440,
};
const DRIVE = {
  camera: GATE_CAMERA,
  boxes: [{ min: [1, -6, 0], max: [3, -5, 2] }],
  points: [
    { id: 'gate', point: [2, -10, 1.6] },
    { id: 'kerb', point: [2, -8, 0.3] },
    { id: 'door', point: [0.5, 4, 1.6] },
  ],
};

describe('compute/view', () => {
  it('answers the worked example with straight lines', () => {
    const { axes, points } = view(DRIVE);
    near(axes.forward, [0, -0.939693, -0.34202]);
    near(axes.right, [-1, 0, 0]);
    near(axes.down, [0, 0.34202, -0.939693]);
    const [gate, kerb, door] = points;
    expect(gate).toMatchObject({ inFront: true, inFrame: true, hidden: false, class: 'observe' });
    near([gate?.distanceM ?? 0, gate?.depthM ?? 0, gate?.pixelsPerMetre ?? 0], [10.2937, 9.87575, 90.7541], 4);
    near(gate?.pixel ?? [], [1098.49, 528.996], 2);
    expect(kerb).toMatchObject({ inFrame: true, hidden: true, class: 'observe' });
    near(kerb?.pixel ?? [], [1067.64, 698.871], 2);
    expect(door).toMatchObject({ inFront: false, pixel: null, inFrame: false, pixelsPerMetre: null, class: null });
    near([door?.distanceM ?? 0, door?.depthM ?? 0], [4.26732, -3.27994], 4);
  });
  it('answers the worked example with equal angles', () => {
    const { axes, points } = view({
      camera: {
        model: 'equidistant',
        position: [-1.5, 0.5, 2.6],
        bearingDeg: 215,
        tiltDownDeg: 35,
        rollDeg: 6,
        hfovDeg: 200,
        widthPx: 2048,
        heightPx: 1536,
      },
      boxes: [{ min: [-4, -5, 0], max: [-3.95, -1, 1.8] }],
      points: [
        { id: 'path', point: [-6, -3, 0.2] },
        { id: 'wall', point: [0.5, 3, 2.4] },
      ],
    });
    near(axes.right, [-0.780276, 0.619547, -0.0856247]);
    near(axes.down, [0.412812, 0.407317, -0.814665]);
    const [path, wall] = points;
    expect(path).toMatchObject({ hidden: true, inFrame: true, class: 'observe' });
    near(path?.pixel ?? [], [1173.66, 639.626], 2);
    expect(wall).toMatchObject({ inFront: false, inFrame: false, hidden: false, class: 'recognise' });
    near(wall?.pixel ?? [], [1027.92, 2214.62], 2);
    near([wall?.pixelsPerMetre ?? 0], [182.901], 3);
  });
  it('lets nothing be hidden that is only touched, and hides what is inside or behind', () => {
    const box = [{ min: [-1, 2, 0], max: [1, 4, 2] }];
    const level = { ...GATE_CAMERA, position: [0, 0, 1], bearingDeg: 0, tiltDownDeg: 0 };
    const hidden = (point: readonly number[], position = [0, 0, 1]) =>
      view({ camera: { ...level, position }, boxes: box, points: [{ id: 'a', point }] }).points[0]?.hidden;
    expect(hidden([0, 2, 1])).toBe(false);
    expect(hidden([0, 3, 1])).toBe(true);
    expect(hidden([0, 4, 1])).toBe(true);
    expect(hidden([0, 9, 1])).toBe(true);
    // Along its side, over its edge, past its corner
    expect(hidden([1, 9, 1], [1, 0, 1])).toBe(false);
    expect(hidden([0, 9, 2], [0, 0, 2])).toBe(false);
    expect(hidden([2, 3, 1], [0, 1, 1])).toBe(false);
    // Seen from one of its faces it hides what is through it
    expect(hidden([0, 9, 1], [0, 2, 1])).toBe(true);
  });
  it.each([
    ['a point at the camera', { ...DRIVE, points: [{ id: 'a', point: [0, 0, 3] }] }, 422, 'points[0].point'],
    ['a lens of 180°', { ...DRIVE, camera: { ...GATE_CAMERA, hfovDeg: 180 } }, 422, 'camera.hfovDeg'],
    ['no field of view', { ...DRIVE, camera: { ...GATE_CAMERA, hfovDeg: 0 } }, 422, 'camera.hfovDeg'],
    ['no width', { ...DRIVE, camera: { ...GATE_CAMERA, widthPx: 0 } }, 422, 'camera.widthPx'],
    ['a flat box', { ...DRIVE, boxes: [{ min: [0, 0, 0], max: [1, 1, 0] }] }, 422, 'boxes[0]'],
    ['a camera in a box', { ...DRIVE, boxes: [{ min: [-1, -1, 0], max: [1, 1, 4] }] }, 422, 'camera.position'],
    ['an id twice', { ...DRIVE, points: [DRIVE.points[0], DRIVE.points[0]] }, 422, 'points[1].id'],
    ['no points', { ...DRIVE, points: [] }, 422, 'points'],
    ['another model', { ...DRIVE, camera: { ...GATE_CAMERA, model: 'fisheye' } }, 400, 'camera.model'],
    ['a place of two figures', { ...DRIVE, points: [{ id: 'a', point: [0, 1] }] }, 400, 'points[0].point'],
  ])('refuses %s', (_what, body, status, path) => {
    expect(refused(() => view(body))).toEqual({ status, path });
  });
  it('has no pixel straight behind an equal-angle camera', () => {
    const camera = { ...GATE_CAMERA, model: 'equidistant', hfovDeg: 360, bearingDeg: 0, tiltDownDeg: 0 };
    const { points } = view({ camera, boxes: [], points: [{ id: 'a', point: [0, -4, 3] }] });
    expect(points[0]).toMatchObject({ pixel: null, inFrame: false, inFront: false });
  });
});

const PATH_LIGHT = {
  lamps: [{ position: [0, 0, 3], bearingDeg: 180, tiltDownDeg: 40, fluxLm: 1200, beamDeg: 90 }],
  boxes: [],
  receivers: [
    { id: 'path', point: [0.5, -4, 0], normal: [0, 0, 1] },
    { id: 'face', point: [0.5, -5, 1.6], normal: [0, 2, 0] },
    { id: 'away', point: [0.5, -5, 1.6], normal: [0, -1, 0] },
  ],
};

describe('compute/light', () => {
  it('answers the worked example of one lamp', () => {
    const { lamps, receivers } = light(PATH_LIGHT);
    near([lamps[0]?.exponent ?? 0], [2]);
    near([lamps[0]?.peakCd ?? 0], [572.958], 3);
    near(
      receivers.map(({ lux }) => lux),
      [13.3731, 16.5965, 0],
      4,
    );
  });
  it('answers the worked example of two lamps and a wall', () => {
    const { lamps, receivers } = light({
      lamps: [
        { position: [-0.2, 0, 2.8], bearingDeg: 150, tiltDownDeg: 25, fluxLm: 1000, beamDeg: 70 },
        { position: [0.2, 0, 2.8], bearingDeg: 205, tiltDownDeg: 30, fluxLm: 1500, beamDeg: 110 },
      ],
      boxes: [{ min: [1, -4, 0], max: [3, -3, 2.2] }],
      receivers: [
        { id: 'step', point: [2.4, -6, 0], normal: [0, 0, 1] },
        { id: 'window', point: [-1, -9, 2], normal: [0.3, 1, 0] },
      ],
    });
    near(
      lamps.map(({ exponent }) => exponent),
      [3.47467, 1.24697],
    );
    near(
      lamps.map(({ peakCd }) => peakCd),
      [712.166, 536.425],
      3,
    );
    expect(receivers[0]).toMatchObject({ lux: 0, luxOfEachLamp: [0, 0] });
    near(receivers[1]?.luxOfEachLamp ?? [], [3.49967, 5.31595]);
  });
  const [lamp] = PATH_LIGHT.lamps;
  it.each([
    ['a beam of 180°', { ...PATH_LIGHT, lamps: [{ ...lamp, beamDeg: 180 }] }, 422, 'lamps[0].beamDeg'],
    ['less than no flux', { ...PATH_LIGHT, lamps: [{ ...lamp, fluxLm: -1 }] }, 422, 'lamps[0].fluxLm'],
    ['no lamps', { ...PATH_LIGHT, lamps: [] }, 422, 'lamps'],
    [
      'a normal of no length',
      { ...PATH_LIGHT, receivers: [{ id: 'a', point: [0, 0, 0], normal: [0, 0, 0] }] },
      422,
      'receivers[0].normal',
    ],
    [
      'a lamp on a receiver',
      { ...PATH_LIGHT, receivers: [{ id: 'a', point: [0, 0, 3], normal: [0, 0, 1] }] },
      422,
      'receivers[0].point',
    ],
    ['a lamp in a box', { ...PATH_LIGHT, boxes: [{ min: [-1, -1, 2], max: [1, 1, 4] }] }, 422, 'lamps[0].position'],
  ])('refuses %s', (_what, body, status, path) => {
    expect(refused(() => light(body))).toEqual({ status, path });
  });
});

const HEAD = {
  surface: 'wall',
  outDeg: 180,
  position: [0, 0, 2.8],
  joint: { panDeg: [-90, 90], tiltDeg: [-10, 60] },
  target: [1, -8, 1.5],
};

describe('compute/aim', () => {
  it('answers the worked examples on a wall and under an eave', () => {
    const wall = aim(HEAD);
    near([wall.panDeg, wall.tiltDeg, wall.missDeg], [-7.12502, 9.15982, 0]);
    near([wall.bearingDeg, wall.tiltDownDeg, wall.rollDeg], [172.875, 9.15982, 0], 3);
    expect(wall.reached).toBe(true);
    const eave = aim({ ...HEAD, surface: 'eave' });
    near([eave.panDeg, eave.tiltDeg, eave.missDeg], [37.5686, 60, 18.414], 3);
    near([eave.bearingDeg, eave.tiltDownDeg, eave.rollDeg], [160.607, 23.3478, -138.388], 3);
    expect(eave.reached).toBe(false);
  });
  it('turns nothing that turning does not help: straight below, and behind', () => {
    const below = aim({ ...HEAD, target: [0, 0, 0] });
    near([below.panDeg, below.tiltDeg, below.missDeg], [0, 60, 30]);
    // Straight back both ends of the turn are as near: the greater
    const back = aim({ ...HEAD, joint: { panDeg: [-90, 90], tiltDeg: [0, 60] }, target: [0, 8, 2.8] });
    near([back.panDeg, back.tiltDeg, back.missDeg], [90, 0, 90]);
    const eave = aim({ ...HEAD, surface: 'eave', target: [0, 0, 0] });
    near([eave.panDeg, eave.tiltDeg, eave.missDeg], [0, 0, 0]);
  });
  it('turns a picture round under an eave', () => {
    const ahead = aim({
      ...HEAD,
      surface: 'eave',
      joint: { panDeg: [-90, 90], tiltDeg: [-60, 80] },
      target: [0, -4, 0],
    });
    near([ahead.panDeg, ahead.bearingDeg, ahead.rollDeg], [0, 180, 180]);
  });
  it.each([
    ['a target at the head', { ...HEAD, target: [0, 0, 2.8] }, 422, 'target'],
    ['a range the wrong way', { ...HEAD, joint: { panDeg: [10, -10], tiltDeg: [0, 1] } }, 422, 'joint.panDeg'],
    ['a tilt over 90°', { ...HEAD, joint: { panDeg: [0, 0], tiltDeg: [0, 91] } }, 422, 'joint.tiltDeg'],
    ['another surface', { ...HEAD, surface: 'post' }, 400, 'surface'],
  ])('refuses %s', (_what, body, status, path) => {
    expect(refused(() => aim(body))).toEqual({ status, path });
  });
});

describe('compute/pose', () => {
  const POINTS = [
    [2, -10, 0],
    [-3, -8, 0],
    [0, -14, 1.5],
    [4, -6, 2],
  ];
  const marksOf = (camera: object, points: readonly (readonly number[])[]) =>
    view({ camera, boxes: [], points: points.map((point, i) => ({ id: String(i), point })) }).points.map(
      ({ pixel }, i) => ({ point: points[i], pixel: [...(pixel ?? [])] }),
    );
  const lensOf = ({ model, position, hfovDeg, widthPx, heightPx }: typeof GATE_CAMERA) => ({
    model,
    position,
    hfovDeg,
    widthPx,
    heightPx,
  });
  it.each([
    ['straight lines, rolled', { ...GATE_CAMERA, bearingDeg: 172, tiltDownDeg: 14, rollDeg: 5 }, false, 4],
    ['straight lines, level, one mark', { ...GATE_CAMERA, bearingDeg: 191, tiltDownDeg: 22 }, true, 1],
    ['equal angles, on its head', { ...GATE_CAMERA, model: 'equidistant', hfovDeg: 160, rollDeg: 178 }, false, 3],
    [
      'a narrow lens, two marks',
      { ...GATE_CAMERA, hfovDeg: 30, bearingDeg: 168, tiltDownDeg: 9, rollDeg: -3 },
      false,
      2,
    ],
  ])('finds the pose of a picture: %s', (_what, camera, level, count) => {
    const found = pose({ camera: lensOf(camera), marks: marksOf(camera, POINTS.slice(0, count)), level });
    near(
      [found.bearingDeg, found.tiltDownDeg, found.rollDeg],
      [camera.bearingDeg, camera.tiltDownDeg, camera.rollDeg],
      4,
    );
    expect(found.worstPx).toBeLessThan(1e-4);
  });
  it('tells by how many pixels the marks miss', () => {
    const marks = marksOf(GATE_CAMERA, POINTS).map((mark, i) =>
      i === 0 ? { ...mark, pixel: [(mark.pixel[0] ?? 0) + 8, mark.pixel[1] ?? 0] } : mark,
    );
    const found = pose({ camera: lensOf(GATE_CAMERA), marks, level: true });
    expect(found.worstPx).toBeGreaterThan(found.rmsPx);
    expect(found.rmsPx).toBeGreaterThan(1);
    expect(found.rmsPx).toBeLessThan(4);
  });
  const lens = lensOf(GATE_CAMERA);
  const mark = (point: readonly number[]) => ({ point, pixel: [1200, 700] });
  it.each([
    ['one mark where it may not be level', { camera: lens, marks: [mark([1, -5, 1])], level: false }, 'marks'],
    ['marks on one line', { camera: lens, marks: [mark([1, -5, 1]), mark([2, -10, -1])], level: false }, 'marks'],
    ['opposite marks', { camera: lens, marks: [mark([1, -5, 3]), mark([-1, 5, 3])], level: true }, 'marks'],
    ['a mark at the camera', { camera: lens, marks: [mark([0, 0, 3])], level: true }, 'marks[0].point'],
    ['no marks', { camera: lens, marks: [], level: true }, 'marks'],
  ])('refuses %s', (_what, body, path) => {
    expect(refused(() => pose(body))).toEqual({ status: 422, path });
  });
});
