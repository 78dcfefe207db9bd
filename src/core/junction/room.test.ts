import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { SHIPPED_CATALOGUE, boxItemsIn, boxScrewsIn, connectorsIn, fixturesIn } from '../catalogue';
import { NOTHING_ADDED, boxRoom, type Added } from './boxRoom';
import { engagementM, hangingScrews } from './boxScrews';
import { circuitLoad } from './circuitLoad';
import { BOX, CONNECTORS, FEED, REMEDY, cable } from './forTests';
import { fixturePlan } from './fixtureTasks';
import { hangingPose, lookDownDeg } from './hangingPose';
import { roomCures } from './roomCures';
import { wallFit } from './wallFit';
import { connectorHolds, splicesOf, tooBigForBag } from './splices';
import { STANDARD_BOXES, standardBox } from './standardBoxes';

const CANOPY: Added = {
  ...NOTHING_ADDED,
  leads: [{ mm2: 0.823 }, { mm2: 0.823 }],
  groundMm2: [0.823],
  from: 'canopy',
};
const ITEMS = boxItemsIn(SHIPPED_CATALOGUE, 'na-120');

describe('room in a box', () => {
  it('sums 2 × 14 AWG, two thin fixture leads, clamps and two grounds: 4 + 3 + 2 + 2 = 11 in³', () => {
    const room = boxRoom(BOX, CANOPY, 'us-314.16');
    expect(inWords(room, say)).toMatchObject({ by: 'rule', requiredIn3: 11, fits: true });
  });
  it('leaves the thin leads out of a domed canopy, and the canopy’s ground', () => {
    expect(boxRoom(BOX, { ...CANOPY, canopy: 'domed' }, 'us-314.16')).toMatchObject({ requiredIn3: 8 });
  });
  it('counts a transformer’s leads like any conductor, and twice for an outlet that stays', () => {
    const primary = { ...CANOPY, from: 'knockOut' as const };
    expect(boxRoom(BOX, primary, 'us-314.16')).toMatchObject({ requiredIn3: 11 });
    expect(boxRoom({ ...BOX, deviceIn: 'outlet' }, CANOPY, 'us-314.16')).toMatchObject({ requiredIn3: 15 });
  });
  it('knows nothing without a volume', () => {
    expect(boxRoom({ ...BOX, volumeIn3: null }, CANOPY, 'us-314.16')).toBeNull();
  });
  it('cures a pancake box with a ring or a deeper box, each recomputed', () => {
    const pancake = { ...BOX, volumeIn3: 6 };
    const cures = roomCures(pancake, CANOPY, 'us-314.16', ITEMS, false);
    expect(cures.map(({ id, room }) => [id, room.requiredIn3, room.boxIn3, room.fits])).toEqual([
      ['ring-round', 11, 21.5, true],
      ['ring-wet', 11, 21.5, true],
      ['wet-surface', 11, 24, true],
      ['deep-round', 11, 21.5, true],
      ['clampsOut', 9, 6, false],
    ]);
  });
  it('puts a ring without a gasket last where rain comes, unless it ends inside the wall', () => {
    const ids = (survey: typeof BOX) =>
      roomCures({ ...survey, volumeIn3: 6 }, CANOPY, 'us-314.16', ITEMS, true).map(({ id, wall }) => [id, wall?.dry]);
    expect(ids(BOX)).toEqual([
      ['ring-wet', 'yes'],
      ['wet-surface', 'yes'],
      ['deep-round', 'yes'],
      ['ring-round', 'no'],
      ['clampsOut', undefined],
    ]);
    // 1½ in are 38.1 mm: behind a rim that is 40 mm back it comes not even out of the wall
    expect(ids({ ...BOX, setting: 'flush', recessM: 0.04 })[0]).toEqual(['ring-round', 'yes']);
  });
  it('stands out of the wall by what the rim is not back, and not at all on a box that is on it', () => {
    const ring = { kind: 'ring', depthM: 0.0381 } as const;
    const flush = { setting: 'flush', recessM: 0.0095 } as const;
    expect(wallFit({ ...ring, gasketed: 'yes' }, flush, true).proudM).toBeCloseTo(0.0286, 9);
    expect(wallFit(ring, flush, true).dry).toBe('open');
    expect(wallFit(ring, flush, false).dry).toBe('yes');
    // Nobody said whether it is flush: as if it were
    expect(wallFit(ring, { setting: null, recessM: 0 }, false).proudM).toBe(0.0381);
    expect(wallFit({ ...ring, gasketed: 'no' }, { setting: 'surface', recessM: 0 }, true)).toEqual({
      proudM: 0,
      dry: 'no',
    });
    expect(wallFit({ kind: 'deeper', depthM: 0 }, flush, true)).toEqual({ proudM: 0, dry: 'yes' });
  });
  it('is a share of the space elsewhere, and says so', () => {
    const box = { ...BOX, volumeIn3: standardBox('gb-25')?.volumeIn3 ?? 0, clamps: 'none' as const };
    const room = boxRoom(box, { ...CANOPY, connectorsCm3: 5.7 }, 'spaceShare');
    expect(room?.by).toBe('guidance');
    const fuller = boxRoom(box, { ...CANOPY, connectorsCm3: 40 }, 'spaceShare');
    expect(fuller?.requiredIn3).toBeCloseTo((room?.requiredIn3 ?? 0) + (40 - 5.7) / 16.387064 / 0.4, 9);
    expect(roomCures(box, { ...CANOPY, pigtails: 2 }, 'spaceShare', [], false).map(({ id }) => id)).toEqual([
      'noPigtails',
    ]);
  });
  it('never shrinks as conductors are added', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 13 }), (count) => {
        const with_ = (n: number) =>
          boxRoom(
            { ...BOX, cables: Array.from({ length: n }, (_, i) => cable(String(i), 'feed', FEED)) },
            CANOPY,
            'us-314.16',
          );
        expect(with_(count + 1)?.requiredIn3).toBeGreaterThan(with_(count)?.requiredIn3 ?? Infinity);
      }),
      { seed: 5 },
    );
  });
  it('has standard boxes of a volume, a depth and a thread each', () => {
    for (const { volumeIn3, depthM, regions } of STANDARD_BOXES) {
      expect(volumeIn3).toBeGreaterThan(4);
      expect(depthM).toBeGreaterThan(0.01);
      expect(regions).toHaveLength(1);
    }
    expect(standardBox('oct-1-1-2')?.volumeIn3).toBe(15.5);
  });
});

describe('splices', () => {
  const solid = (id: string, mm2: number) => ({ id, mm2, strands: 'solid' as const });
  const thin = (id: string, mm2: number) => ({ id, mm2, strands: 'stranded' as const });
  const byId = (id: string) => CONNECTORS.find((one) => one.id === id) ?? CONNECTORS[0];
  const holds = (id: string, ...leads: Parameters<typeof connectorHolds>[1][number][]) => {
    const connector = byId(id);
    return connector ? connectorHolds(connector, leads) : null;
  };
  it('hold by cross-section and count: 2 × 14 AWG in a small twist-on, three not', () => {
    expect(holds('twist-s', solid('a', 2.08), solid('b', 2.08))).toEqual({ doubled: [] });
    expect(holds('twist-s', solid('a', 2.08), solid('b', 2.08), solid('c', 2.08))).toBeNull();
    expect(holds('twist-s', solid('a', 8.37), solid('b', 0.82))).toBeNull();
    expect(holds('twist-s', solid('a', 2.08))).toBeNull();
  });
  it('fold a thin stranded lead that a connector would not grip', () => {
    expect(inWords(holds('twist-s', thin('a', 0.3), thin('b', 0.35)), say)).toEqual({ doubled: ['a'] });
    expect(inWords(holds('lever-2', solid('a', 1.5), thin('b', 0.12)), say)).toEqual({ doubled: ['b'] });
    expect(holds('push-3', solid('a', 1.5), thin('b', 0.82))).toBeNull();
  });
  it('get the smallest connector that holds them, ground first', () => {
    const { planned } = fixturePlan(BOX, REMEDY);
    const splices = splicesOf(planned, connectorsIn(SHIPPED_CATALOGUE));
    expect(splices.map(({ joint, connector, ahead }) => [joint.id, connector?.id, ahead.length])).toEqual([
      ['splice.ground', 'twist-m', 1],
      ['splice.neutral', 'twist-bag', 1],
      ['splice.hot', 'twist-bag', 1],
    ]);
    const bag = byId('twist-bag') ?? null;
    expect(tooBigForBag(splices, bag).map(({ joint }) => joint.id)).toEqual(['splice.ground']);
    expect(tooBigForBag(splices, null)).toHaveLength(3);
  });
  it('stop at aluminium, and at what no connector holds', () => {
    const [first] = BOX.cables;
    if (!first) throw new Error('no cable');
    const old = { ...first, conductors: first.conductors.map((one) => ({ ...one, metal: 'aluminium' as const })) };
    const aluminium = splicesOf(fixturePlan({ ...BOX, cables: [old] }, REMEDY).planned, CONNECTORS);
    expect(aluminium.every(({ problem }) => say(problem).includes('aluminum'))).toBe(true);
    const six = cable('1', 'feed', [
      ['hot', 'black', { awg: 6 }],
      ['neutral', 'white', { awg: 6 }],
      ['ground', 'bare', { awg: 6 }],
    ]);
    const thick = fixturePlan({ ...BOX, cables: [six, { ...six, id: '2', role: 'feedThrough' }] }, REMEDY).planned;
    expect(say(splicesOf(thick, CONNECTORS)[2]?.problem)).toContain('No connector');
  });
});

describe('bar and screws', () => {
  const hanging = {
    gapM: 0.004,
    barM: 0.002,
    plateM: 0.0025,
    gasketM: 0.004,
    boxDepthM: 0.0381,
    boxThread: '8-32',
    barThread: '8-32',
  } as const;
  const SCREWS = boxScrewsIn(SHIPPED_CATALOGUE);
  it('engage five turns: 3.97 mm of 8-32, 3 mm of M3.5', () => {
    expect(engagementM('8-32')).toBeCloseTo(0.00396875, 9);
    expect(engagementM('M3.5')).toBeCloseTo(0.003, 12);
  });
  it('need gap + bar + engagement, and plate + gasket + engagement', () => {
    const { barToBox, plateToBar, needsRing } = hangingScrews(hanging, SCREWS);
    expect(barToBox.neededM).toBeCloseTo(0.004 + 0.002 + 0.00396875, 9);
    expect(plateToBar.neededM).toBeCloseTo(0.0025 + 0.004 + 0.00396875, 9);
    expect([barToBox.screw?.lengthM, plateToBar.screw?.lengthM]).toEqual([0.0127, 0.0127]);
    expect(needsRing).toBe(false);
  });
  it('ask for a ring behind 6 mm, buy what is too long, and refuse what bottoms out', () => {
    expect(hangingScrews({ ...hanging, gapM: 0.009 }, SCREWS).needsRing).toBe(true);
    expect(hangingScrews({ ...hanging, gapM: 0.09 }, SCREWS).barToBox.problem).toBe('tooShort');
    const shallow = hangingScrews({ ...hanging, gapM: 0, boxDepthM: 0.003, boxThread: 'M3.5' }, SCREWS);
    expect(shallow.barToBox).toMatchObject({ problem: 'bottomsOut', screw: null });
  });
});

describe('load of a circuit', () => {
  const base = { existingVa: 900, lampVa: 44, cameraVa: 9, volts: 120, ratedAmps: 15, by: 'breaker' } as const;
  it('takes 80 % of a breaker for what is on for hours, the whole of a spur’s fuse', () => {
    expect(circuitLoad(base)).toMatchObject({ totalVa: 953, limitVa: 1440, suffices: true });
    expect(circuitLoad({ ...base, existingVa: 1400 })).toMatchObject({ suffices: false, over: false });
    expect(circuitLoad({ ...base, existingVa: 1800 })).toMatchObject({ over: true });
    expect(circuitLoad({ ...base, volts: 230, ratedAmps: 3, by: 'fuse', existingVa: 0 })).toMatchObject({
      limitVa: 690,
    });
  });
});

describe('wall and eave', () => {
  const [wall, both] = fixturesIn(SHIPPED_CATALOGUE);
  it('are two ways round of the same joints', () => {
    if (!wall || !both) throw new Error('no fixtures');
    expect(hangingPose(wall, 'wall', 15)).toMatchObject({ can: true, headMissDeg: 0 });
    // 90 − 15 = 75° asked of a head that turns 60: 15 short; the sensor stands 45° off level
    expect(hangingPose(wall, 'eave', 15)).toMatchObject({ can: false, headMissDeg: 15, sensorMissDeg: 45 });
    expect(hangingPose(both, 'eave', 15)).toMatchObject({ can: true, madeForIt: true });
  });
  it('look down by the height', () => {
    expect(lookDownDeg(1.5)).toBe(0);
    expect(lookDownDeg(2.9)).toBeCloseTo(13.134, 3);
  });
});
