import { inWords } from '@/words';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { TREATMENTS, clearChime, treatmentById, treatmentTasks, type Treatment } from '../chime';
import { operatingPoint, rms, sharedSourcePoint, solveNetwork, voltsBetween, type ChimePath } from '../circuit';
import { bellNetwork, type BellValues } from './bellNetwork';
import { doorPart } from './bellParts';
import { bellPathOf, type BellPath } from './bellPath';
import { doorTasks, joinPairs, repull } from './cableTasks';
import { OLD_BUTTON, OLD_DEVICE, ORDINARY_BELL, foundBell, type BellFacts } from './foundBell';
import { mainsSide } from './mainsSide';
import { WrongMoveError, applyMove, applyMoves } from './move';
import { planWiring, wiringBuilt } from './plan';
import type { Task } from './step';
import { leadById, leadsAt, type Wiring } from './wiring';

const COIL = { re: 6, im: 8 };
const SOURCE = { openCircuitVolts: 19.4, seriesOhms: 3.1 };
const TO_CHIME = 0.63;
const TO_DOOR = 0.91;
const LOAD = { watts: 4.2, powerFactor: 0.75, displacementFactor: 1 };

const values: BellValues = {
  source: { volts: SOURCE.openCircuitVolts, ohms: SOURCE.seriesOhms },
  // A run’s ohms are of both its conductors
  leadOhms: ({ run }) => (run === 'toChime' ? TO_CHIME : TO_DOOR) / 2,
  coil: () => COIL,
  load: ({ kind }) => (kind === 'load' ? LOAD : null),
};

const device = { do: 'add', part: doorPart('device', 'doorbell', 'door', 'load') } as const;
const stages = (found: Wiring, all: readonly ((wiring: Wiring) => readonly Task[])[]): readonly Task[] => {
  let at = found;
  return all.flatMap((stage) => {
    const tasks = stage(at);
    at = applyMoves(
      at,
      tasks.flatMap(({ moves }) => moves),
    );
    return tasks;
  });
};
const treated = (facts: BellFacts, { id }: Treatment) => {
  const found = foundBell(facts);
  return planWiring(
    found,
    stages(found, [clearChime, (wiring) => treatmentTasks(id, wiring), (wiring) => doorTasks(wiring, device)]),
  );
};

function way(id: string): Treatment {
  const treatment = treatmentById(id);
  if (!treatment) throw new Error(`no treatment ${id}`);
  return treatment;
}

const chimeOf = (path: BellPath): ChimePath => {
  switch (path.path) {
    case 'series':
      return { treatment: 'series', ohms: COIL.re, reactanceOhms: COIL.im };
    case 'shunt':
      return { treatment: 'shunt', ohms: COIL.re, reactanceOhms: COIL.im, shuntOhms: path.shuntOhms };
    case 'link':
      return { treatment: 'link', linkOhms: path.linkOhms };
    case 'none':
      return { treatment: 'none' };
  }
};
/** A jumper leaves the coil beside it: millionths of a volt, which the closed form of a link leaves out. */
const BESIDE_JUMPER: BellPath = { path: 'shunt', shuntOhms: 0.02 };
const exactly = ({ id, standing }: Treatment): BellPath => (id === 'jumper' ? BESIDE_JUMPER : standing);
const loop = (path: BellPath) => ({
  source: SOURCE,
  toChimeOhms: TO_CHIME,
  toDoorOhms: TO_DOOR,
  chime: chimeOf(path),
  load: { kind: 'power', ...LOAD } as const,
});

function solved(wiring: Wiring) {
  const { network, nodeOf, loadIds } = bellNetwork(wiring, values);
  const solution = solveNetwork(network);
  if (solution.status === 'collapse') throw new Error('collapsed');
  return {
    volts: (a: string, b: string) => voltsBetween(solution, nodeOf(a) ?? -1, nodeOf(b) ?? -1),
    ampsOf: (id: string) => {
      const amps = solution.loadAmps[loadIds.indexOf(id)];
      return amps ? rms(amps) : NaN;
    },
  };
}

const mechanical = TREATMENTS.filter(({ kinds }) => kinds.includes('mechanical'));
const PRESENTS: readonly BellPath[] = [
  { path: 'series' },
  { path: 'shunt', shuntOhms: 1.2 },
  { path: 'link', linkOhms: 0.4 },
  { path: 'none' },
];

describe('the path that a treatment makes', () => {
  it('follows from what it does to the wiring', () => {
    expect(Object.fromEntries(TREATMENTS.map(({ id, standing }) => [id, standing]))).toEqual({
      leaveAsIs: { path: 'series' },
      diode: { path: 'series' },
      powerModule: { path: 'shunt', shuntOhms: 1 },
      inlineModule: { path: 'shunt', shuntOhms: 1 },
      newChime: { path: 'shunt', shuntOhms: 1 },
      moduleBypass: { path: 'link', linkOhms: 0.3, coilOut: true },
      jumper: { path: 'link', linkOhms: 0.02 },
      fuseLink: { path: 'link', linkOhms: 0.15, coilOut: true },
      takeOut: { path: 'none' },
      noChime: { path: 'none' },
      protector: { path: 'link', linkOhms: 0.3, coilOut: true },
      boxedReplaced: { path: 'link', linkOhms: 0.15, coilOut: true },
    });
  });
  it.each(mechanical.map((treatment) => [treatment.name, treatment] as const))(
    '%s comes to the same, whatever an earlier visit left at the chime',
    (_name, treatment) => {
      for (const present of PRESENTS) {
        const { found, planned } = treated({ ...ORDINARY_BELL, present }, treatment);
        expect(bellPathOf(found)).toEqual(present);
        expect(bellPathOf(planned)).toEqual(treatment.standing);
      }
    },
  );
  it('is an open loop where a wire is off', () => {
    const found = foundBell(ORDINARY_BELL);
    expect(bellPathOf(applyMove(found, { do: 'off', lead: 'toDoor.a', joint: 'chime.Front' }))).toBeNull();
    // Module across the wrong pair: the coil is what is left on the way
    const part = planWiring(found, treatmentTasks('powerModule', found)).planned;
    const wrong = applyMoves(part, [
      { do: 'off', lead: 'module.b', joint: 'chime.Trans' },
      { do: 'on', lead: 'module.b', joint: 'chime.Rear' },
    ]);
    expect(bellPathOf(wrong)).toEqual({ path: 'series' });
  });
});

describe('the network of a wiring', () => {
  it.each(TREATMENTS.filter(({ id }) => id !== 'boxedReplaced').map((one) => [one.name, one] as const))(
    'with %s is the closed form of the loop',
    (_name, treatment) => {
      const chime = treatment.kinds.includes('none') ? 'none' : 'screws';
      for (const door of [OLD_BUTTON, OLD_DEVICE, null]) {
        const { volts, ampsOf } = solved(treated({ ...ORDINARY_BELL, chime, door }, treatment).planned);
        const expected = operatingPoint(loop(exactly(treatment)));
        expect(volts('device.D1', 'device.D2')).toBeCloseTo(expected.doorVolts ?? NaN, 9);
        expect(volts('old.S1', 'old.S2')).toBeCloseTo(expected.sourceVolts ?? NaN, 9);
        expect(ampsOf('device.load')).toBeCloseTo(expected.amps ?? NaN, 9);
      }
    },
  );
  it('goes straight back to the transformer where one conductor does', () => {
    const plan = treated({ ...ORDINARY_BELL, straight: true }, way('jumper'));
    // Half of each run out, and the straight wire back (taken as half of the door’s run)
    const expected = operatingPoint({
      ...loop(BESIDE_JUMPER),
      toChimeOhms: TO_CHIME / 2,
    });
    expect(solved(plan.planned).volts('device.D1', 'device.D2')).toBeCloseTo(expected.doorVolts ?? NaN, 9);
  });
  it('feeds a rear doorbell through its own coil, as the shared source does', () => {
    const plan = treated({ ...ORDINARY_BELL, rear: 'device' }, way('powerModule'));
    const { volts } = solved(plan.planned);
    const shared = sharedSourcePoint({ ...loop({ path: 'shunt', shuntOhms: 1 }), toDoorOhms: TO_DOOR }, [
      {
        from: 'chime',
        chime: { treatment: 'series', ohms: COIL.re, reactanceOhms: COIL.im },
        runOhms: TO_DOOR,
        load: { kind: 'power', ...LOAD },
      },
    ]);
    expect(volts('device.D1', 'device.D2')).toBeCloseTo(shared.doorVolts ?? NaN, 9);
    expect(volts('rear.D1', 'rear.D2')).toBeCloseTo(shared.second[0]?.doorVolts ?? NaN, 9);
  });
  it('halves the ohms of a run whose pairs are joined', () => {
    const found = foundBell({ ...ORDINARY_BELL, door: null });
    const tasks = stages(found, [
      (wiring) => treatmentTasks('jumper', wiring),
      (wiring) => joinPairs(wiring, ['toDoor']),
      (wiring) => doorTasks(wiring, device),
    ]);
    const expected = operatingPoint({ ...loop(BESIDE_JUMPER), toDoorOhms: TO_DOOR / 2 });
    expect(solved(planWiring(found, tasks).planned).volts('device.D1', 'device.D2')).toBeCloseTo(
      expected.doorVolts ?? NaN,
      9,
    );
  });
});

describe('a plan', () => {
  const everyWay = mechanical.flatMap((treatment) =>
    (['none', 'button', 'device'] as const).flatMap((rear) =>
      [false, true].map((secondChime) => [treatment, { ...ORDINARY_BELL, rear, secondChime }] as const),
    ),
  );
  it('leaves no bell wire of the house loose but what it says is capped', () => {
    for (const [treatment, facts] of everyWay) {
      const { planned } = treated(facts, treatment);
      const loose = planned.leads.filter(
        ({ from, to, carries }) => carries === 'bell' && (from === null || to === null),
      );
      const capped = treatment.id === 'takeOut' ? ['toSecond.a', 'toSecond.b', 'toRear.a'] : [];
      for (const { id } of loose) expect(capped).toContain(id);
    }
  });
  it('feeds a rear doorbell under every treatment', () => {
    for (const [treatment, facts] of everyWay)
      if (facts.rear === 'device')
        expect(solved(treated(facts, treatment).planned).volts('rear.D1', 'rear.D2')).toBeGreaterThan(3);
  });
  it('never shorts a second chime’s coil by a removal, and never puts anything on Rear', () => {
    for (const [treatment, facts] of everyWay) {
      const { planned } = treated(facts, treatment);
      if (treatment.id === 'takeOut' && facts.secondChime)
        expect(leadById(planned, 'toSecond.a')?.from ?? leadById(planned, 'toSecond.a')?.to).not.toBe('splice.through');
      expect(leadsAt(planned, 'chime.Rear').every(({ run }) => run === 'toRear')).toBe(true);
    }
  });
  it('is told by its moves', () => {
    const words = (id: string, facts = ORDINARY_BELL) => treated(facts, way(id)).steps.map((step) => step.words);
    expect(inWords(words('powerModule'), say)).toContain('Module lead under Front, with the wire that is there');
    expect(inWords(words('powerModule', { ...ORDINARY_BELL, secondChime: true }), say)).toContain(
      'Other module lead under Trans, with the two wires that are there',
    );
    expect(inWords(words('inlineModule'), say)).toContain(
      'Door’s wire off Front, into the module; module lead under Front',
    );
    expect(inWords(words('moduleBypass'), say)).toContain('Transformer’s wire off Trans, into the bypass port');
    expect(inWords(words('moduleBypass', { ...ORDINARY_BELL, secondChime: true }), say)).toContain(
      'Two wires off Trans, into the bypass port',
    );
  });
  it('puts the ground on before neutral and hot, and the bell wires on the new screws', () => {
    const found = foundBell(ORDINARY_BELL);
    const { steps, planned } = planWiring(
      found,
      mainsSide(
        found,
        { name: '16 V 30 VA', ratedVolts: 16, fit: 'onBox', enclosure: null, work: 'transformer' },
        false,
      ),
    );
    const order = steps.flatMap(({ moves }) =>
      moves.flatMap((move) => (move.do === 'on' && move.lead.startsWith('new.') ? [move.lead] : [])),
    );
    expect(order).toEqual(['new.ground', 'new.neutral', 'new.hot']);
    for (const one of ['hot', 'neutral', 'ground'])
      expect(leadsAt(planned, `splice.${one}`).map(({ id }) => id)).toEqual([`house.${one}`, `new.${one}`]);
    expect(leadsAt(planned, 'new.S1').map(({ id }) => id)).toEqual(['toChime.a']);
    expect(planned.parts.map(({ id }) => id)).not.toContain('old');
  });
  it('pulls a thin run anew without a wire changing its place', () => {
    const found = foundBell(ORDINARY_BELL);
    const { planned } = planWiring(found, repull(found, ['toChime']));
    expect(leadById(planned, 'toChime.a')).toBeUndefined();
    expect(inWords(leadById(planned, 'toChime.a.new'), say)).toMatchObject({ from: 'old.S1', to: 'chime.Trans' });
  });
  it('shows what is built so far, step by step', () => {
    const { found, steps, planned } = treated(ORDINARY_BELL, way('inlineModule'));
    expect(wiringBuilt(found, steps, () => false)).toEqual(found);
    expect(wiringBuilt(found, steps, () => true)).toEqual(planned);
    const half = wiringBuilt(found, steps, (id) => id === 'inline-front');
    expect(leadById(half, 'toDoor.a')?.from).toBe('inline.A');
    // Ticked without the step before it: what does not fit is left out
    expect(wiringBuilt(found, steps, (id) => id === 'inline-trans')).toEqual(found);
  });
  it('refuses a move that the wiring does not hold', () => {
    const found = foundBell(ORDINARY_BELL);
    expect(() => applyMove(found, { do: 'off', lead: 'toDoor.a', joint: 'chime.Trans' })).toThrow(WrongMoveError);
    expect(() => applyMove(found, { do: 'on', lead: 'toDoor.a', joint: 'chime.Rear' })).toThrow('no free end');
    expect(() => applyMove(found, { do: 'remove', part: 'chime' })).toThrow('still hangs');
    expect(() => applyMove(found, { do: 'pull', lead: 'nothing' })).toThrow(WrongMoveError);
  });
});
