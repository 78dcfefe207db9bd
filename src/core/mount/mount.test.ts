import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from '@jest/globals';
import { betterHeight } from './betterHeight';
import { doorView, faceSeen, facesCut, seenAt } from './doorView';
import { platePlace } from './platePlace';
import { screwFor, tiltAdvice } from './wedge';

describe('what a doorbell sees', () => {
  it('works out the tilt for faces by hand', () => {
    // Lens at 1.2 m, 0.6 m away: crown of 1.95 m at atan(0.75/0.6) = 51.34°, chin of 1.0 m at atan(−0.44/0.6) = −36.25°
    const { faces } = doorView(1.2, 120);
    expect(faces.toDeg).toBeCloseTo(60 - 51.34, 2);
    expect(faces.fromDeg).toBeCloseTo(-60 + 36.25, 2);
  });
  it('shows face and parcel with a tall view and not with a wide one', () => {
    expect(doorView(1.2, 152).both).not.toBeNull();
    expect(doorView(1.2, 88).both).toBeNull();
    expect(tiltAdvice(doorView(1.2, 152))).toEqual({ tiltDeg: 0, sees: 'both' });
  });
  it('loses the face at a tilt outside the interval', () => {
    const view = doorView(1.2, 152);
    expect(seenAt(view, 0)).toEqual({ faces: true, parcel: true });
    expect(seenAt(view, 30).faces).toBe(false);
    expect(seenAt(view, -30).parcel).toBe(false);
  });
  it('picks the smallest wedge that shows both', () => {
    const view = {
      faces: { fromDeg: 5, toDeg: 20 },
      parcel: { fromDeg: 7, toDeg: 60 },
      both: { fromDeg: 7, toDeg: 20 },
    };
    expect(tiltAdvice(view)).toEqual({ tiltDeg: 8, sees: 'both' });
  });
});

describe('a better height', () => {
  it('tells a cut face from a whole one by hand', () => {
    // Lens 1.2 m, no tilt, ±44°: a crown of 1.95 m at 0.6 m stands at 51.3°, at 1.2 m at 32.0°; its chin at 22.8°
    expect(faceSeen(1.2, 0, 88, 1.95, 0.6)).toBe(false);
    expect(faceSeen(1.2, 0, 88, 1.95, 1.2)).toBe(true);
    expect(faceSeen(1.2, -8, 88, 1.95, 0.6)).toBe(true);
    expect(inWords(facesCut(1.2, 0, 88), say)).toEqual(['the tallest close up']);
    expect(facesCut(1.2, 0, 152)).toEqual([]);
  });
  it('finds the nearest one that shows more, and none where all is seen', () => {
    expect(betterHeight(1.2, 152)).toBeNull();
    const better = betterHeight(1.2, 88);
    expect(better?.sees).toBe('faces');
    // What it says holds when it is done
    const view = doorView(better?.heightM ?? 0, 88);
    expect(seenAt(view, better?.tiltDeg ?? 0).faces).toBe(true);
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
    expect(screwFor('brick', plate, 0, 0, 'metric').neededM).toBeCloseTo(0.004 + 0.03 + 0.004, 9);
    expect(screwFor('brick', plate, 0, 0, 'metric').stockM).toBe(0.04);
    // 38 mm is a hair under 1 1/2 in
    expect(screwFor('brick', plate, 0, 0, 'imperial').stockM).toBeCloseTo(1.5 * 0.0254, 9);
  });
  it('grows with wedges and cladding', () => {
    const flat = screwFor('timber', plate, 0, 0, 'metric');
    const tilted = screwFor('timber', plate, 12, 0, 'metric');
    // 3 mm + (130 − 12) mm · tan 12° = 28.1 mm more
    expect(tilted.neededM - flat.neededM).toBeCloseTo(0.003 + 0.118 * Math.tan(Math.PI / 15), 9);
    expect(screwFor('render', plate, 0, 0, 'metric').neededM).toBeGreaterThan(
      screwFor('brick', plate, 0, 0, 'metric').neededM,
    );
  });
});
