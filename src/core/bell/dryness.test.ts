import { describe, expect, it } from 'vitest';
import { DEVICES } from '../catalogue';
import { lowestCapVolts } from '../circuit';
import { britain230 } from '../region/britain230';
import { northAmerica120 } from '../region/northAmerica120';
import { worstSwings, type Change } from './conditions';
import { drynessOf } from './dryness';
import { likelyHouses } from './posterior';
import { doorVoltsOf, seenFromDoor } from './seenFromDoor';
import { UNKNOWN_RUN, type BellSurvey } from './survey';
import { caseOf } from './surveyedCase';

const [device] = DEVICES;
if (!device) throw new Error('no device');
const survey: BellSurvey = {
  region: northAmerica120,
  nameplate: { volts: 16, va: 20 },
  runs: { toChime: UNKNOWN_RUN, toDoor: UNKNOWN_RUN },
  chime: { kind: 'mechanical', rating: null, ratedVolts: null },
  present: { path: 'series' },
  device,
  readings: [],
};

describe('which houses run dry', () => {
  const low = { ...survey, region: britain230, nameplate: { volts: 12, va: 24 } };
  const unknown = { ...survey, nameplate: { volts: null, va: null } };
  it.each([
    ['with a module', survey, 5.2, { path: 'shunt', shuntOhms: 1 }],
    ['with the coil in series', survey, 5.2, { path: 'series' }],
    ['of a stiff loop of few volts', low, 3.4, { path: 'link', linkOhms: 0.15 }],
    ['of a transformer that nobody knows', unknown, 5.2, { path: 'shunt', shuntOhms: 1 }],
  ] as const)('%s: borders found by halving part them as each solved alone does', (_what, of, watts, treatment) => {
    const bell = caseOf(of);
    const frequencyHz = of.region.mains.frequencyHz;
    const houses = likelyHouses(bell, 400);
    const change: Change = { transformer: null, treatment, pairFactor: { toChime: 1, toDoor: 1 } };
    const seen = seenFromDoor(bell, houses, change, worstSwings(bell).low);
    const state = { name: 'hungry', watts, powerFactor: 0.75, displacementFactor: 1 };
    const volts = doorVoltsOf(seen, houses, state);
    const { dry, share } = drynessOf(seen, houses, state, volts, device, frequencyHz);
    let alike = 0;
    let alone = 0;
    for (let i = 0; i < houses.count; i++) {
      const lowest = lowestCapVolts({
        frequencyHz,
        source: {
          openCircuitVolts: seen.emf[i] ?? 0,
          seriesOhms: seen.ohms[i] ?? 0,
          seriesReactanceOhms: seen.reactanceOhms[i] ?? 0,
        },
        toChimeOhms: 0,
        toDoorOhms: 0,
        chime: { treatment: 'none' },
        load: {
          watts: state.watts * (houses.watts[i] ?? 1),
          capacitanceF: device.capacitanceF,
          dropVolts: device.dropVolts,
        },
      });
      const isDry = lowest <= device.lockOutVolts;
      alone += isDry ? 1 : 0;
      alike += isDry === (dry[i] === 1) ? 1 : 0;
    }
    expect(alike / houses.count).toBeGreaterThan(0.95);
    expect(Math.abs(share - alone / houses.count)).toBeLessThan(0.03);
  });
});
