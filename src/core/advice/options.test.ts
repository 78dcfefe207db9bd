import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { UNKNOWN_RUN, caseOf, likelyHouses, tuneFigures, type BellSurvey, type OtherDoor, type Reading } from '../bell';
import { catalogueWith, deviceById, type DeviceProfile } from '../catalogue';
import { britain230 } from '../region/britain230';
import { northAmerica120 } from '../region/northAmerica120';
import { chooseAmong, whyNotThis, worthConsidering, type Choosing } from './chooseAmong';
import { optionsFor } from './options';
import { ORDINARY_PREMISES, type Premises } from './premises';
import { MODULE_POLICIES, type ModulePolicy, type SupplyPolicy } from '../policy';
import { effortOf } from './way';

const device = (id: string): DeviceProfile => {
  const found = deviceById(id);
  if (!found) throw new Error(`no device ${id}`);
  return found;
};
const at = (value: number) => ({ low: value, high: value });
const run = (lengthM: number, awg: number) => ({ ...UNKNOWN_RUN, lengthM: at(lengthM), gauge: { awg } });
const volts = (value: number, ohms?: number): Reading =>
  ohms === undefined
    ? { id: 'open', what: 'volts', at: 'transformer', state: 'open', value: at(value) }
    : { id: 'load', what: 'volts', at: 'transformer', state: 'resistor', ohms, value: at(value) };
const mains: Reading = { id: 'm', what: 'mainsVolts', value: at(119) };
const known = (ratedVolts: number, va: number, readings: readonly Reading[] = []): BellSurvey => ({
  region: northAmerica120,
  nameplate: { volts: ratedVolts, va },
  runs: { toChime: run(9, 20), toDoor: run(7, 20) },
  chime: { kind: 'mechanical', rating: null, ratedVolts: 16 },
  present: { path: 'series' },
  device: device('constant-power'),
  readings,
});
const NONE = ORDINARY_PREMISES;
const spareAtDoor = (toDoor: number): Premises => ({ ...NONE, spare: { toChime: 0, toDoor } });
const choose = (
  survey: BellSurvey,
  premises = NONE,
  policy: Parameters<typeof chooseAmong>[3] = 'soundest',
): Choosing => chooseAmong(survey, likelyHouses(caseOf(survey)), optionsFor(survey, premises), policy);

describe('options', () => {
  it('multiply transformers, treatments, wire and a device that lives on less', () => {
    const options = optionsFor(known(16, 10), spareAtDoor(3));
    expect(new Set(options.map(({ id }) => id)).size).toBe(options.length);
    // Keep and three of the region; six treatments, and another chime on 24 V; leave, join or pull 20 AWG anew; the device
    // asked for and a hybrid
    expect(options).toHaveLength((4 * 6 + 1) * 3 * 2);
    expect(options.find(({ id }) => id === 'keep+powerModule+join')?.change.pairFactor).toEqual({
      toChime: 1,
      toDoor: 4,
    });
    const repulled = options.find(({ id }) => id === 'keep+powerModule+repull');
    expect(repulled?.change.pairFactor.toDoor).toBeCloseTo(0.823 / 0.518, 2);
    expect(repulled?.minutes).toBeGreaterThan(60);
  });
  it('leave a thick wire alone', () => {
    const thick = { ...known(16, 10), runs: { toChime: run(9, 18), toDoor: run(7, 18) } };
    expect(optionsFor(thick, NONE).some(({ wire }) => wire !== 'keep')).toBe(false);
  });
  it('treat a chime as the device at every door on it allows', () => {
    const other: OtherDoor = {
      id: 'b',
      name: 'Back door',
      joins: 'chime',
      chimeId: 'c',
      path: 'asHere',
      device: device('compact-silent'),
      runM: null,
      chimeRunM: null,
    };
    const moduleWith = (door: OtherDoor) =>
      optionsFor({ ...known(16, 20), shared: { secondChime: false, others: [door] } }, NONE).find(
        ({ id }) => id === 'keep+powerModule',
      )?.forbidden;
    expect(say(moduleWith(other))).toBe('Back door: the chime must be out of the loop with this device');
    // By a chime of its own, or with its own way taken, it asks nothing of this chime
    expect(moduleWith({ ...other, joins: 'supply' })).toBeNull();
    expect(moduleWith({ ...other, path: { path: 'link', linkOhms: 0.02 } })).toBeNull();
  });
  it('never keep a transformer that sits in the chime that goes', () => {
    const boxed: BellSurvey = { ...known(16, 10), chime: { kind: 'boxedMains', rating: null, ratedVolts: null } };
    expect(optionsFor(boxed, NONE).every(({ transformer }) => transformer !== null)).toBe(true);
  });
});

describe('what the premises add or take away', () => {
  const ids = (survey: BellSurvey, premises: Partial<Premises>) =>
    optionsFor(survey, { ...NONE, ...premises }).map(({ id }) => id);
  it('another pair of screws has its own volts, and ohms by the same regulation', () => {
    const taps = [{ screws: 'S1–S3', ratedVolts: 24, ratedVa: 30 }] as const;
    const survey = known(16, 20, [volts(19.6), mains]);
    const tap = optionsFor(survey, { ...NONE, taps }).find(({ id }) => id === 'tap S1–S3+powerModule');
    // 24/16 of the volts; (24² / 30) / (16² / 20) of the ohms
    expect(tap?.change.tap).toEqual({ voltsFactor: 1.5, ohmsFactor: 1.5 });
    expect(tap).toMatchObject({ licensed: false, ratedVolts: 24, ratedVa: 30 });
    const judged = choose(survey, { ...NONE, taps }).options;
    const at = (id: string) => judged.find((one) => one.id === id)?.judgement.governingVolts ?? NaN;
    expect(at('tap S1–S3+powerModule')).toBeGreaterThan(at('keep+powerModule') + 5);
  });
  it('bad splices can be made anew, which takes their ohms away', () => {
    const survey = known(16, 20, [volts(19.6), { id: 'l', what: 'loopOhms', run: 'toDoor', value: at(4) }]);
    const judged = choose(survey, { ...NONE, badSplices: ['toDoor'] }).options;
    const found = (id: string) => judged.find((one) => one.id === id)?.judgement.governingVolts ?? NaN;
    expect(found('keep+powerModule+mend')).toBeGreaterThan(found('keep+powerModule') + 0.5);
  });
  it('a board with free ways needs no enclosure, one without does', () => {
    const british: BellSurvey = { ...known(8, 8), region: britain230 };
    const din = (freeRailWays: number | null) =>
      optionsFor(british, { ...NONE, freeRailWays }).find(({ transformer }) => transformer?.fit === 'dinRail');
    expect(din(2)?.enclosure).toBeNull();
    for (const ways of [1, 0, null]) {
      expect(din(ways)?.enclosure?.name).toContain('Enclosure');
      expect(din(ways)?.minutes).toBe((din(2)?.minutes ?? NaN) + 15);
    }
  });
  it('the heating’s transformer is not borrowed, a diode only goes with a battery', () => {
    const doubted = optionsFor(known(24, 40), { ...NONE, heatingDoubt: true });
    for (const { transformer, forbidden } of doubted) expect(forbidden !== null).toBe(transformer === null);
    const tune: BellSurvey = { ...known(16, 20), chime: { kind: 'electronic', rating: null, ratedVolts: 16 } };
    for (const { treatment, device: fitted, forbidden } of optionsFor(tune, NONE))
      if (treatment.id === 'diode') expect(forbidden === null).toBe(fitted.battery !== null);
    expect(ids(known(16, 20), {})).not.toContain('keep+diode');
  });
  it('a diode’s tune and trickle are worked out for a battery beside an electronic chime, and for nothing else', () => {
    const tune = (chime: BellSurvey['chime'], fitted: DeviceProfile, openVolts = 18) => {
      const survey: BellSurvey = { ...known(16, 20, [volts(openVolts), mains]), chime, device: fitted };
      const way = optionsFor(survey, NONE).find(({ id }) => id.startsWith('keep+diode'));
      return way ? tuneFigures(survey, likelyHouses(caseOf(survey)), way.change, way.treatment) : null;
    };
    const plays = { kind: 'electronic', rating: { volts: 16, va: 10 }, ratedVolts: 16 } as const;
    const found = tune(plays, device('hybrid'));
    // 18 V open less 0.8 V on half waves is some 12 V, less what winding and wires take of it at 25.6 Ω
    expect(found?.playingVolts.likely).toBeGreaterThan(10.2);
    expect(found?.playingVolts.likely).toBeLessThan(12.2);
    expect(found).toMatchObject({ ratedVolts: 16, ratingRead: true, playsOn: true });
    // 200 to 1000 Ω: a fraction of a watt, and an ordinary day takes 3.5 Wh
    expect(found?.idleWatts.low).toBeGreaterThan(0.02);
    expect(found?.idleWatts.high).toBeLessThan(0.3);
    expect(found?.dayWatts).toBeCloseTo(3.5 / 24, 6);
    const weak = tune(plays, device('hybrid'), 12);
    expect(weak?.playsOn).toBe(false);
    expect(weak?.idleWatts.high).toBeLessThan(found?.idleWatts.high ?? 0);
    expect(tune({ ...plays, kind: 'mechanical' }, device('hybrid'))).toBeNull();
    expect(tune(plays, device('constant-power'))).toBeNull();
  });
  it('where there was no bell nothing is kept, and its route is counted', () => {
    const options = optionsFor(known(16, 20), { ...NONE, newSupply: { fits: [], minutes: 60, cost: 15 } });
    expect(options.every(({ transformer }) => transformer !== null)).toBe(true);
    const [one] = optionsFor(known(16, 20), NONE).filter(({ transformer }) => transformer !== null);
    expect(options.find(({ id }) => id === one?.id)?.minutes).toBe((one?.minutes ?? NaN) + 60);
  });
  it('an own module’s ohms, minutes and money take the place of the shipped one’s', () => {
    const catalogue = catalogueWith([
      { shelf: 'module', values: { id: 'own', name: 'Own', way: 'parallel', ohms: 0.5, minutes: 20, cost: 7 } },
    ]);
    const own = optionsFor(known(16, 20), { ...NONE, catalogue }).find(({ id }) => id === 'keep+powerModule');
    expect(inWords(own, say)).toMatchObject({
      minutes: 20,
      cost: 7,
      change: { treatment: { path: 'shunt', shuntOhms: 0.5 } },
    });
  });
  it('a battery that a trickle never refills fails, whatever the volts', () => {
    const hungry = { ...device('hybrid'), battery: { dailyWh: 40, trickleWatts: 1.5 } };
    const survey: BellSurvey = { ...known(16, 30, [volts(19.2), mains]), device: hungry };
    const kept = choose(survey).options.find(({ id }) => id === 'keep+powerModule');
    expect(inWords(kept?.judgement, say)).toMatchObject({ verdict: 'fails' });
    expect(say(kept?.judgement.reason)).toContain('26.7 hours');
    const usual = choose({ ...survey, device: device('hybrid') }).options.find(({ id }) => id === 'keep+powerModule');
    expect(say(usual?.judgement.reason)).toContain('2.3 hours give back an ordinary day');
  });
});

describe('the proposal', () => {
  it('is the least effort that holds, the chime kept where that costs little', () => {
    const weak = known(16, 10, [volts(20.9), volts(11.2, 15), mains]);
    const { options, proposed, reason } = choose(weak);
    expect(proposed?.judgement.belief).toBeGreaterThanOrEqual(0.99);
    expect(proposed?.transformer).not.toBeNull();
    expect(proposed?.silent).toBe(false);
    const trusted = options.filter(
      ({ judgement, forbidden, instead }) => judgement.belief >= 0.99 && forbidden === null && !instead,
    );
    expect(proposed && effortOf(proposed) - Math.min(...trusted.map(effortOf))).toBeLessThan(20);
    expect(say(reason)).toMatch(/V to spare|Keeps/);
  });
  it('is nothing that the device forbids, and nothing while nothing is known', () => {
    const compact = { ...known(16, 30, [volts(19)]), device: device('compact-silent') };
    const { options, proposed } = choose(compact);
    expect(proposed?.silent).toBe(true);
    expect(options.some(({ forbidden }) => forbidden !== null)).toBe(true);
    const bare: BellSurvey = { ...known(16, 10), nameplate: { volts: null, va: null } };
    expect(choose(bare).proposed?.transformer).not.toBeNull();
  });
  it('names a device that lives on less where the one asked for can’t be fed', () => {
    const thin: BellSurvey = {
      ...known(16, 20, [volts(19.6), mains]),
      runs: { toChime: run(25, 24), toDoor: run(25, 24) },
    };
    const { options, proposed, instead } = chooseAmong(
      thin,
      likelyHouses(caseOf(thin)),
      optionsFor(thin, NONE).filter(({ transformer, wire }) => transformer === null && wire === 'keep'),
      'soundest',
    );
    expect(options.length).toBeGreaterThan(0);
    expect(proposed).toBeNull();
    expect(instead?.device.id).toBe('hybrid');
  });
  it('turns by the school of the power module only where the chime would do with and without it', () => {
    const strong: BellSurvey = { ...known(24, 40, [volts(28.5), volts(22.3, 15), mains]) };
    const houses = likelyHouses(caseOf(strong));
    const by = (school: ModulePolicy, policy: SupplyPolicy = 'soundest') =>
      chooseAmong(strong, houses, optionsFor(strong, NONE), policy, school).proposed?.id;
    expect(by('demanded')).toBe('keep+leaveAsIs');
    expect(by('inBag')).toBe('keep+powerModule');
    expect(by('notWhenStrong')).toBe('keep+leaveAsIs');
    // Where it does not do without, no school leaves it out
    const weak = known(16, 30, [volts(19.2), volts(15.9, 15), mains]);
    const modest = (school: ModulePolicy) =>
      chooseAmong(weak, likelyHouses(caseOf(weak)), optionsFor(weak, NONE), 'soundest', school).proposed?.id;
    for (const school of MODULE_POLICIES) expect(modest(school)).toBe('keep+powerModule');
  });
  it('leaves few ways to look at first, and answers why not for any', () => {
    const weak = known(16, 10, [volts(20.9), volts(11.2, 15), mains]);
    const choosing = choose(weak, spareAtDoor(3));
    const first = worthConsidering(choosing, null, 5);
    expect(first.length).toBeGreaterThanOrEqual(2);
    expect(first.length).toBeLessThanOrEqual(5);
    expect(first[0]).toEqual(choosing.proposed);
    for (const option of choosing.options) expect(say(whyNotThis(weak, option, choosing)).length).toBeGreaterThan(20);
    const kept = choosing.options.find(({ id }) => id === 'keep+powerModule');
    expect(say(kept && whyNotThis(weak, kept, choosing))).toMatch(/\d+\.\d V|Collapses/);
  });
});
