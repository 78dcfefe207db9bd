import { describe, expect, it } from 'vitest';
import { UNKNOWN_BOX, concludeBox, type BoxSurvey, type ConductorTest, type SurveyedCable } from '@/core/junction';
import { DEFAULT_REGION } from '@/core/region';
import { seeded } from '@/core/random';
import type { WireColour } from '@/core/wiring';
import { boxTruth } from './boxTruth';

const cable = (id: string, role: SurveyedCable['role'], ...colours: WireColour[]): SurveyedCable => ({
  id,
  name: id,
  role,
  conductors: colours.map((colour, i) => ({
    id: String(i + 1),
    gauge: { awg: 14 },
    strands: 'solid',
    metal: 'copper',
    colour,
    claims: DEFAULT_REGION.colours.claims.now[colour] ?? null,
    carries: 'unknown',
    state: 'good',
    passes: null,
    freeM: null,
  })),
});
const box = (ahead: BoxSurvey['ahead'], ...cables: SurveyedCable[]): BoxSurvey => ({
  ...UNKNOWN_BOX,
  oldFixture: 'lamp',
  ahead,
  cables,
});

/** What the program concludes when every reading it asks for comes from the simulated house. */
function concluded(survey: BoxSurvey): readonly unknown[] {
  const read = boxTruth(survey, 121, seeded(7));
  const tests = new Map<string, ConductorTest[]>();
  const conductors = () =>
    survey.cables.flatMap(({ id, conductors: all }) =>
      all.map(({ id: one, colour }) => ({
        id: `${id}.${one}`,
        name: one,
        colour,
        tests: tests.get(`${id}.${one}`) ?? [],
      })),
    );
  for (let i = 0; i < 60; i++) {
    const { next } = concludeBox(conductors(), 120);
    if (!next) break;
    const { conductor, test, switches } = next;
    const value = read({ key: conductor, test, switches }) ?? NaN;
    tests.set(conductor, [...(tests.get(conductor) ?? []), { test, switches, value }]);
  }
  return [...concludeBox(conductors(), 120).byId.values()].map((one) => ('carries' in one ? one.carries : one.state));
}

describe('the simulated meter at a box', () => {
  it('lets the tests come to an end, at an ordinary feed and at a switched leg', () => {
    expect(concluded(box('none', cable('a', 'feed', 'black', 'white', 'bare')))).toEqual(['hot', 'neutral', 'ground']);
    expect(concluded(box('switch', cable('a', 'switchLeg', 'black', 'white', 'bare')))).toEqual([
      'switched',
      'neutral',
      'ground',
    ]);
  });
  it('has no reading for a conductor that is not there', () => {
    const read = boxTruth(box('none'), 120, seeded(1));
    expect(read({ key: 'a.1', test: 'toGround', switches: 'allOn' })).toBeNull();
  });
});
