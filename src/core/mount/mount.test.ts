import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import { SHIPPED_CATALOGUE, wedgesIn } from '../catalogue';
import { tiltsAt, believed, heightMap, isInReach, mapHeights, proposeDoor, savingWays } from './doorProposal';
import { USUAL_SCENE, lookWrongOrder, visitorsOf, type DoorScene } from './doorScene';
import { doorSeen, panInterval, tiltInterval, wallShare } from './doorSeen';
import { platePlace } from './platePlace';
import { anglesOf, isHeld, screwFor, stackOf, stackProudM } from './wedge';

const WEDGES = wedgesIn(SHIPPED_CATALOGUE);

const TALL_VIEW = { viewDeg: { horizontal: 142, vertical: 152 }, plateM: { height: 0.13, width: 0.05 } };
const WIDE_VIEW = { ...TALL_VIEW, viewDeg: { horizontal: 155, vertical: 88 } };
const door = (device = TALL_VIEW, more: Partial<DoorScene> = {}): DoorScene => ({
  ...USUAL_SCENE,
  device,
  wedges: WEDGES,
  reveal: null,
  ...more,
});
const at = (lensM: number, tiltDeg = 0, sideDeg = 0) => ({ lensM, tiltDeg, sideDeg });
const visitor = (scene: DoorScene, id: string) => {
  const found = visitorsOf(scene).find((one) => one.id === id);
  if (!found) throw new Error(id);
  return found;
};

describe('what a doorbell sees', () => {
  it('keeps the tallest in frame up to the tilt at which the crown stands at the edge, by hand', () => {
    const scene = door({ ...TALL_VIEW, viewDeg: { horizontal: 150, vertical: 120 } });
    const { toDeg } = tiltInterval(scene, visitor(scene, 'tallNear'), { lensM: 1.2, sideDeg: 0 }) ?? { toDeg: NaN };
    // The lens stands 22 mm and the wedge before the wall; a crown of 1.95 m at 0.6 m is up by atan(0.75 / what is left)
    const before = 0.022 + 0.003 + 0.065 * Math.tan((toDeg * Math.PI) / 180);
    expect((Math.atan2(0.75, 0.6 - before) * 180) / Math.PI + toDeg).toBeCloseTo(60, 1);
  });
  it('shows face and parcel with a tall view and not with a wide one', () => {
    // Straight on, ±76°: the nearer foot of the parcel, 0.2 m from the wall, stands 81° down; on 8° it is in frame
    expect(doorSeen(door(), at(1.2))).toMatchObject({ cut: [], sees: 'faces' });
    expect(doorSeen(door(), at(1.2, 8))).toMatchObject({ cut: [], sees: 'both' });
    expect(doorSeen(door(WIDE_VIEW), at(1.2)).sees).not.toBe('both');
    // ±44°: the crown of the tallest close up stands at 52°, a step back at 32°
    expect(doorSeen(door(WIDE_VIEW), at(1.2)).cut).toEqual(['tallNear']);
  });
  it('cuts the parcel from high up: the higher, the more of it', () => {
    const shares = [1.0, 1.3, 1.5, 1.7].map((lensM) => doorSeen(door(), at(lensM)).parcel);
    expect(shares).toEqual([...shares].sort((a, b) => b - a));
    expect(shares.at(-1)).toBeLessThan(1);
    // A wedge that looks down brings it back
    expect(doorSeen(door(), at(1.7, 12)).parcel).toBeGreaterThan(shares.at(-1) ?? 1);
  });
  it('loses a face at a tilt outside the interval, and keeps it inside', () => {
    const scene = door();
    for (const one of visitorsOf(scene)) {
      const interval = tiltInterval(scene, one, { lensM: 1.2, sideDeg: 0 });
      if (!interval) throw new Error(one.id);
      const cut = (tiltDeg: number) => doorSeen(scene, at(1.2, tiltDeg)).cut.includes(one.id);
      expect([cut(interval.fromDeg + 0.1), cut(interval.toDeg - 0.1)]).toEqual([false, false]);
      // The sweep ends at 60° either way
      if (interval.fromDeg > -60) expect(cut(interval.fromDeg - 0.1)).toBe(true);
      if (interval.toDeg < 60) expect(cut(interval.toDeg + 0.1)).toBe(true);
    }
  });
  it('keeps a visitor aside only while it is turned to them', () => {
    const scene = door(TALL_VIEW, { matRightM: 1.2, nearestM: 0.3, farthestM: 0.9 });
    const pan = panInterval(scene, visitor(scene, 'tallFar'), { lensM: 1.2, tiltDeg: 0 });
    expect(pan?.fromDeg).toBeGreaterThan(-30);
    expect(pan && (pan.fromDeg + pan.toDeg) / 2).toBeGreaterThan(0);
  });
  it('sees the mirror of a door in the mirror', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -1.2, max: 1.2, noNaN: true }),
        fc.constantFrom(...tiltsAt({ wedges: WEDGES })),
        fc.constantFrom(0, 20, 35),
        fc.double({ min: 0.9, max: 1.7, noNaN: true }),
        fc.double({ min: 0.03, max: 0.4, noNaN: true }),
        (matRightM, tiltDeg, sideDeg, lensM, outM) => {
          const reveal = { side: 'right', clearM: 0.1, outM } as const;
          const one = doorSeen(door(TALL_VIEW, { matRightM, reveal }), at(lensM, tiltDeg, sideDeg));
          const other = doorSeen(
            door(TALL_VIEW, { matRightM: -matRightM, reveal: { ...reveal, side: 'left' } }),
            at(lensM, tiltDeg, -sideDeg),
          );
          expect(other.cut).toEqual(one.cut);
          expect(other.parcel).toBeCloseTo(one.parcel, 6);
        },
      ),
      { seed: 181, numRuns: 60 },
    );
  });
  it('loses none of a picture to a plain wall, a seventh on a side wedge of 35°, more beside a reveal', () => {
    expect(wallShare(door(WIDE_VIEW), at(1.2))).toBe(0);
    // 155° turned by 35° look 22.5° past the wall: 14.5 % of the width
    expect(wallShare(door(WIDE_VIEW), at(1.2, 0, 35))).toBeCloseTo(22.5 / 155, 1);
    const beside = door(TALL_VIEW, { reveal: { side: 'right', clearM: 0.05, outM: 0.2 } });
    expect(wallShare(beside, at(1.2))).toBeGreaterThan(0.2);
    expect(wallShare(beside, at(1.2, 0, -20))).toBeLessThan(wallShare(beside, at(1.2)));
  });
  it('hides a face behind a reveal', () => {
    const scene = door(TALL_VIEW, { matRightM: 0.5, reveal: { side: 'right', clearM: 0.1, outM: 0.5 } });
    expect(doorSeen(scene, at(1.2)).cut).toHaveLength(4);
  });
});

describe('wedges', () => {
  it('keep the horizon with the side wedge on the wall, and roll it the other way round: 30° and 15° by 7.6°', () => {
    expect(Math.abs(lookWrongOrder({ tiltDeg: 15, sideDeg: 30 }).rollDeg)).toBeCloseTo(7.6, 1);
    expect(lookWrongOrder({ tiltDeg: 0, sideDeg: 35 })).toMatchObject({ rollDeg: 0, tiltDownDeg: 0 });
    expect(lookWrongOrder({ tiltDeg: 12, sideDeg: 0 }).rollDeg).toBeCloseTo(0, 9);
    expect(lookWrongOrder({ tiltDeg: 12, sideDeg: 0 }).tiltDownDeg).toBeCloseTo(12, 9);
  });
  it('stand out by half their slope and the thin end each', () => {
    expect(stackProudM(WEDGES, TALL_VIEW.plateM, { tiltDeg: 8, sideDeg: 0 })).toBeCloseTo(
      0.003 + 0.065 * Math.tan((8 * Math.PI) / 180),
      9,
    );
    expect(stackProudM(WEDGES, TALL_VIEW.plateM, { tiltDeg: 0, sideDeg: 0 })).toBe(0);
  });
});

describe('a stack of wedges', () => {
  it('adds up those about one axis, turned round too, each held once', () => {
    expect(anglesOf(WEDGES, 'tilt', 1)).toEqual([-12, -8, -4, 0, 4, 8, 12]);
    expect(anglesOf(WEDGES, 'tilt', 2)).toEqual([-20, -16, -12, -8, -4, 0, 4, 8, 12, 16, 20]);
    expect(anglesOf(WEDGES, 'side', 2)).toEqual([-55, -35, -20, 0, 20, 35, 55]);
    expect(anglesOf([], 'tilt', 2)).toEqual([0]);
    expect([isHeld(WEDGES, 'tilt', -20), isHeld(WEDGES, 'tilt', 24), isHeld([], 'side', 0)]).toEqual([
      true,
      false,
      true,
    ]);
  });
  it('takes the fewest, those that turn on the wall and those that tilt outside of them', () => {
    expect(stackOf(WEDGES, at(0, -12, 35)).map(({ axis, deg }) => [axis, deg])).toEqual([
      ['side', 35],
      ['tilt', 12],
    ]);
    expect(stackOf(WEDGES, at(0, 20)).map(({ deg }) => deg)).toEqual([8, 12]);
    expect(stackOf(WEDGES, at(0))).toEqual([]);
    // What nobody holds would be one wedge that has to be had
    expect(stackOf(WEDGES, at(0, 15)).map(({ deg }) => deg)).toEqual([15]);
  });
  it('has a thin end for each wedge, and screws that go through them all', () => {
    const [eight, twelve] = [Math.tan((8 * Math.PI) / 180), Math.tan((12 * Math.PI) / 180)];
    expect(stackProudM(WEDGES, TALL_VIEW.plateM, at(0, 20))).toBeCloseTo(0.006 + 0.065 * (eight + twelve), 9);
    const { stackM } = screwFor('brick', TALL_VIEW.plateM, stackOf(WEDGES, at(0, 20)), 'metric');
    expect(stackM).toBeCloseTo(0.004 + 0.006 + 0.118 * (eight + twelve), 9);
  });
  it('is proposed of what is at hand only, of two about one axis where one does not show all', () => {
    const high = { lowestM: 1.7, highestM: 1.72 };
    // Two wedges of 4°, of the same sort
    const held = WEDGES.filter(({ deg }) => deg === 4).flatMap((one) => [one, one]);
    const scene = door(TALL_VIEW, { wedges: held });
    const one = proposeDoor(scene, high);
    expect(one && isHeld(held, 'tilt', one.tiltDeg)).toBe(true);
    // From up there 4° leave the parcel cut, twice 4° show it
    expect(doorSeen(scene, at(1.7, 4)).sees).toBe('faces');
    expect(one).toMatchObject({ tiltDeg: 8, sees: 'both' });
    expect(proposeDoor(door(TALL_VIEW, { wedges: [] }), high)).toMatchObject({ tiltDeg: 0, sideDeg: 0 });
  });
});

describe('the proposal at a door', () => {
  const anywhere = { lowestM: 0.9, highestM: 1.6 };
  it('is as high as the button can be reached, shows all, and is believed', () => {
    const best = proposeDoor(door(), anywhere);
    expect(best).toMatchObject({ sees: 'both', sideDeg: 0 });
    expect(best?.tiltDeg).toBeGreaterThan(0);
    expect(best?.believed).toBeGreaterThanOrEqual(0.9);
    expect(best && isInReach(best)).toBe(true);
    expect(best && doorSeen(door(), best).sees).toBe('both');
    for (const lensM of mapHeights.filter((one) => best && one > best.lensM + 1e-9 && isInReach({ lensM: one }))) {
      const higher = at(lensM, best?.tiltDeg, best?.sideDeg);
      expect(doorSeen(door(), higher).sees !== 'both' || believed(door(), higher, 'both') < 0.9).toBe(true);
    }
  });
  it('stays where the lead lets the plate sit', () => {
    const best = proposeDoor(door(), { lowestM: 1.63, highestM: 1.66 });
    expect(best?.lensM).toBeGreaterThanOrEqual(1.63);
    expect(best?.lensM).toBeLessThanOrEqual(1.66);
  });
  it('turns to a door that is far aside', () => {
    const narrow = { ...TALL_VIEW, viewDeg: { horizontal: 112, vertical: 152 } };
    expect(proposeDoor(door(narrow, { matRightM: -0.9 }), anywhere)?.sideDeg).toBeLessThan(0);
    expect(proposeDoor(door(narrow, { matRightM: 0.9 }), anywhere)?.sideDeg).toBeGreaterThan(0);
  });
  it('says what would save a parcel that is cut: another height, or another wedge there', () => {
    const hangs = at(1.7);
    expect(doorSeen(door(), hangs).sees).toBe('faces');
    const ways = savingWays(door(), hangs, anywhere);
    expect(ways.length).toBeGreaterThan(0);
    for (const way of ways) {
      expect(doorSeen(door(), way).sees).toBe('both');
      expect(way.lensM === hangs.lensM || way.tiltDeg === hangs.tiltDeg).toBe(true);
    }
  });
  it('draws a map that says the same as each of its places', () => {
    for (const { tiltDeg, sees } of heightMap(door(), 20))
      for (const i of [0, 17, 50])
        expect(sees[i]).toBe(doorSeen(door(), { lensM: mapHeights[i] ?? 0, tiltDeg, sideDeg: 20 }).sees);
  });
  it('is less sure the nearer the edge', () => {
    // From up there the parcel is just in frame, or just not
    const edge = mapHeights.findLast((lensM) => doorSeen(door(), at(lensM, 4)).sees === 'both') ?? 0;
    expect(edge).toBeLessThan(1.7);
    expect(believed(door(), at(edge, 4), 'both')).toBeLessThan(0.9);
    expect(believed(door(), at(edge - 0.15, 4), 'both')).toBeGreaterThan(0.9);
  });
});

describe('where the plate can sit', () => {
  const plate = { height: 0.13, width: 0.05 };
  const survey = {
    leadReachM: 0.09,
    oldMarksM: 0.07,
    holeHeightM: 1.22,
    sideClearM: 0.04,
    lipAboveM: null,
    lipBelowM: null,
    proudM: null,
    revealM: null,
    plateM: plate,
  };
  it('is limited by lead and by the old marks, whichever is less', () => {
    expect(platePlace(survey)?.upM).toBeCloseTo(0.03, 9);
    expect(platePlace({ ...survey, oldMarksM: 0.1 })?.downM).toBeCloseTo(0.015, 9);
    expect(platePlace(survey)?.highestM).toBeCloseTo(1.25, 9);
  });
  it('keeps clear of a lip above or below, and says when two leave no room', () => {
    // Half the plate is 65 mm: a lip 80 mm above the hole leaves 15 mm up; one 70 mm below leaves 5 mm down
    const above = platePlace({ ...survey, lipAboveM: 0.08 });
    expect(above?.upM).toBeCloseTo(0.015, 9);
    expect(above?.downM).toBeCloseTo(0.03, 9);
    expect(platePlace({ ...survey, lipBelowM: 0.07 })?.lowestM).toBeCloseTo(1.215, 9);
    // A lip 50 mm above pushes the plate 15 mm down
    expect(platePlace({ ...survey, lipAboveM: 0.05 })?.highestM).toBeCloseTo(1.205, 9);
    expect(platePlace({ ...survey, lipAboveM: 0.06, lipBelowM: 0.06 })).toMatchObject({
      onLip: true,
      upM: 0,
      downM: 0,
    });
  });
  it('asks for a spacer over a sheath and tells what the frame takes of the view', () => {
    expect(platePlace({ ...survey, proudM: 0.012 })?.spacerM).toBeCloseTo(0.009, 9);
    expect(platePlace({ ...survey, proudM: 0.002 })?.spacerM).toBe(0);
    // A reveal 62 mm deep at 40 mm: the lens stands 22 mm before the wall, atan(40/40) = 45°
    expect(platePlace({ ...survey, revealM: 0.062 })?.frameTakesDeg).toBeCloseTo(45, 9);
    expect(platePlace({ ...survey, revealM: 0.01 })?.frameTakesDeg).toBe(0);
    expect(platePlace(survey)?.frameTakesDeg).toBeNull();
  });
  it('says when the lead is too short, the marks too tall, the side too narrow, or nothing is known', () => {
    expect(platePlace({ ...survey, leadReachM: 0.04 })).toMatchObject({ leadShort: true, upM: 0 });
    expect(platePlace({ ...survey, oldMarksM: 0.2 })).toMatchObject({ coversMarks: false, downM: 0 });
    expect(platePlace({ ...survey, sideClearM: 0.02 })?.fitsSide).toBe(false);
    expect(platePlace({ ...survey, leadReachM: null })).toBeNull();
  });
});

describe('screw length', () => {
  const plate = { height: 0.13, width: 0.05 };
  it('adds stack, cover, anchor and one diameter', () => {
    expect(screwFor('brick', plate, [], 'metric').neededM).toBeCloseTo(0.004 + 0.03 + 0.004, 9);
    expect(screwFor('brick', plate, [], 'metric').stockM).toBe(0.04);
    // 38 mm is a hair under 1 1/2 in
    expect(screwFor('brick', plate, [], 'imperial').stockM).toBeCloseTo(1.5 * 0.0254, 9);
  });
  it('grows with wedges and cladding', () => {
    const flat = screwFor('timber', plate, [], 'metric');
    const tilted = screwFor('timber', plate, stackOf(WEDGES, at(0, 12)), 'metric');
    // 3 mm + (130 − 12) mm · tan 12° = 28.1 mm more
    expect(tilted.neededM - flat.neededM).toBeCloseTo(0.003 + 0.118 * Math.tan(Math.PI / 15), 9);
    expect(screwFor('render', plate, [], 'metric').neededM).toBeGreaterThan(
      screwFor('brick', plate, [], 'metric').neededM,
    );
  });
});
