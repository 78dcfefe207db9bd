import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { settingName } from '../chime';
import { describe, expect, it } from 'vitest';
import { UNKNOWN_RUN, estimate, type BellSurvey } from '../bell';
import { deviceById } from '../catalogue';
import { northAmerica120 } from '../region/northAmerica120';
import { optionsFor, type Option } from './options';
import { ORDINARY_PREMISES } from './premises';
import { wayPlan } from './wayPlan';

const at = (value: number) => ({ low: value, high: value });
const survey = (deviceId: string): BellSurvey => {
  const device = deviceById(deviceId);
  if (!device) throw new Error('no such device');
  return {
    region: northAmerica120,
    nameplate: { volts: 16, va: 20 },
    runs: {
      toChime: { ...UNKNOWN_RUN, lengthM: at(9), gauge: { awg: 20 } },
      toDoor: { ...UNKNOWN_RUN, lengthM: at(7), gauge: { awg: 22 } },
    },
    chime: { kind: 'mechanical', rating: null, ratedVolts: 16 },
    present: { path: 'series' },
    device,
    readings: [],
  };
};
/** The plan of the first way that passes, and the way. */
function planned(deviceId: string, test: (way: Option) => boolean) {
  const known = estimate(survey(deviceId), 800);
  const way = optionsFor(known.survey, ORDINARY_PREMISES).find((one) => !one.forbidden && !one.instead && test(one));
  if (!way) throw new Error('no such way');
  return { way, plan: wayPlan(known, way) };
}
const words = ({ plan }: ReturnType<typeof planned>): readonly string[] => plan.tests.map((one) => say(one.words));

describe('what a way asks for after its wires', () => {
  it('reads a new transformer open, between its softest on high mains and its stiffest on low', () => {
    const box = planned('constant-power', ({ transformer }) => transformer?.ratedVa === 40);
    const open = box.plan.tests.find((one) => say(one.words) === 'open volts of the new transformer')?.band;
    // 24 V 40 VA: regulation 0.08 to 0.30, mains −10 to +5 %
    expect(open?.low).toBeGreaterThan(24 * 1.08 * 0.9);
    expect(open?.high).toBeLessThan(24 * 1.3 * 1.05);
    expect(open?.likely).toBeGreaterThan(26);
    expect(open?.likely).toBeLessThan(29.5);
    expect(say(box.plan.visits)).toContain('mains work');
    expect(inWords(box.plan.tools, say)).toContain('two-pole tester');
  });
  it('reads no open volts of one that stays, and needs one visit', () => {
    const kept = planned(
      'constant-power',
      ({ transformer, treatment }) => !transformer && treatment.id === 'powerModule',
    );
    expect(words(kept).some((one) => one.includes('new transformer'))).toBe(false);
    expect(say(kept.plan.visits)).toBe('one visit');
  });
  it('expects lower volts at the door by night than by day, both in their bands', () => {
    const { plan } = planned('constant-power', ({ transformer }) => transformer?.ratedVa === 40);
    const band = (state: string) => plan.tests.find((one) => say(one.words) === `volts at the door, ${state}`)?.band;
    const [day, night] = [band('live by day'), band('live at night')];
    for (const one of [day, night]) expect(one && one.low < one.likely && one.likely < one.high).toBe(true);
    expect(night?.likely).toBeLessThan(day?.likely ?? 0);
  });
  it('listens to the chime where it rings, and to a paired sounder where it does not', () => {
    const rings = planned('constant-power', ({ treatment }) => treatment.sounds && treatment.id !== 'leaveAsIs');
    expect(words(rings).at(-1)).toMatch(/^it rings clean/);
    expect(words(rings)).toContain('volts over the chime while pressed');
    expect(inWords(rings.plan.settings, say)).not.toContain('plug-in sounder paired');
    const silent = planned('compact-silent', ({ treatment }) => !treatment.sounds);
    expect(words(silent).at(-1)).toBe('the sounder rings');
    expect(inWords(silent.plan.settings, say)).toContain('plug-in sounder paired');
    expect(say(silent.plan.settings[0])).toBe(
      `kind of chime and module: ${say(settingName(silent.way.treatment.setting))}`,
    );
  });
  it('brings what the wire asks for, each tool once', () => {
    const pulled = planned('constant-power', ({ wire }) => wire === 'repull');
    expect(inWords(pulled.plan.tools, say)).toEqual(
      expect.arrayContaining(['fish tape', 'long bit', 'cable clips', 'meter']),
    );
    expect(new Set(pulled.plan.tools).size).toBe(pulled.plan.tools.length);
    const left = planned('constant-power', ({ wire }) => wire === 'keep');
    expect(inWords(left.plan.tools, say)).not.toContain('fish tape');
  });
  it('asks of a battery that it shows its charging', () => {
    const charging = 'charging shown as “from the wires”';
    expect(planned('hybrid', () => true).plan.settings.map(say)).toContain(charging);
    expect(planned('constant-power', () => true).plan.settings.map(say)).not.toContain(charging);
  });
});
