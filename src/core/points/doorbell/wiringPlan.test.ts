import { timeOf } from '../../job/forTests';
import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { CHIME_KINDS, TREATMENTS, treatmentsFor } from '../../chime';
import { TRANSFORMERS } from '../../catalogue';
import { BARE_CONTEXT, bellPathOf, checkWiring, leadsAt } from '../../wiring';
import { fold } from '../../job/fold';
import type { EntryData } from '../../kinds/register';
import { wiringPlan, type WiringChoice } from './wiringPlan';

type Said = { readonly kind: string; readonly data: object };
const pointWith = (...said: readonly Said[]) => {
  const entries = [
    {
      kind: 'pointAdded',
      data: { pointId: 'p', pointKind: 'doorbell', name: 'Front', supplyId: 'p', chimeId: 'p', boxId: 'p' },
    },
    ...said,
  ];
  const by = { id: 'ines', name: 'Ines' };
  const log = entries.map((entry, i) => ({
    id: `e${i}`,
    seq: i + 1,
    at: timeOf(i),
    receivedAt: timeOf(i),
    by,
    ...entry,
  }));
  const [point] = fold({ id: 'j', title: '', createdAt: timeOf(0) }, log as never).points;
  if (point?.kind !== 'doorbell') throw new Error('no doorbell');
  return point;
};
const chime = (data: Omit<EntryData<'chimeDescribed'>, 'chimeId'>): Said => ({
  kind: 'chimeDescribed',
  data: { chimeId: 'p', ...data },
});
const choice = (treatmentId: string, transformer: WiringChoice['transformer'] = null): WiringChoice => ({
  transformer,
  treatmentId,
  joinPairs: true,
  repull: true,
  mended: ['toDoor'],
  device: { name: 'Doorbell' },
});
const ONE_OF_EACH_FIT = [...new Map(TRANSFORMERS.map((one) => [one.fit, one])).values()];
const POINTS = CHIME_KINDS.flatMap((chimeKind) =>
  (['series', 'shunt', 'link', 'none'] as const).flatMap((present) =>
    (['none', 'button', 'device'] as const).map(
      (rear) => [chimeKind, pointWith(chime({ chimeKind, present, rear, secondChime: 'yes' }))] as const,
    ),
  ),
);

describe('the plan of a point', () => {
  it('fits what was found, whatever the chime, what stood there before and what is fed', () => {
    for (const [kind, point] of POINTS)
      for (const region of ['na-120', 'gb-230'])
        for (const { id } of treatmentsFor(kind, region))
          for (const transformer of kind === 'boxedMains' ? ONE_OF_EACH_FIT : [null, ...ONE_OF_EACH_FIT]) {
            const { steps, planned } = wiringPlan(point, choice(id, transformer));
            for (const { words } of steps) expect(say(words)).not.toContain('pick a way again');
            expect({ kind, id, closed: bellPathOf(planned) !== null }).toEqual({ kind, id, closed: true });
            expect(new Set(steps.map((step) => step.id)).size).toBe(steps.length);
            const stops = checkWiring(planned, BARE_CONTEXT).filter(({ severity }) => severity === 'stop');
            expect({ kind, id, fit: transformer?.fit, rear: point.chime.rear, stops }).toMatchObject({ stops: [] });
          }
  });
  it('says so where the survey was changed after the way was taken, and never breaks', () => {
    for (const [, point] of POINTS)
      for (const { id } of TREATMENTS)
        for (const transformer of [null, TRANSFORMERS[0] ?? null]) {
          const { steps } = wiringPlan(point, choice(id, transformer));
          expect(steps.length).toBeGreaterThan(0);
        }
    const boxed = pointWith(chime({ chimeKind: 'boxedMains' }));
    const words = wiringPlan(boxed, choice('powerModule')).steps.map((step) => step.words);
    expect(words.map(say).join()).toContain('pick a way again');
  });
  it('moves the bell wires to the pair of screws that was chosen, the mains side closed', () => {
    const taps = [
      { screws: 'S1–S2', ratedVolts: 8, ratedVa: 10 },
      { screws: 'S1–S3', ratedVolts: 24, ratedVa: 30 },
    ];
    const point = pointWith({ kind: 'transformerDescribed', data: { supplyId: 'p', taps, pair: 'S1–S2' } });
    const { steps, planned } = wiringPlan(point, {
      ...choice('jumper'),
      joinPairs: false,
      repull: false,
      tap: { screws: 'S1–S3', ratedVolts: 24 },
    });
    expect(steps.every(({ touches }) => touches !== 'mains')).toBe(true);
    const ends = planned.leads.filter(({ run }) => run === 'toChime').flatMap(({ from, to }) => [from, to]);
    expect(ends).toEqual(expect.arrayContaining(['old.S1', 'old.S3']));
    expect(ends).not.toContain('old.S2');
  });
  it('takes the conductors that were listed in the transformer’s box, and invents no ground', () => {
    const listed = pointWith(chime({ chimeKind: 'mechanical' }), {
      kind: 'cableDescribed',
      data: {
        boxId: 'p',
        cableId: 'c',
        role: 'feed',
        conductors: (['hot', 'neutral'] as const).map((carries, i) => ({
          id: String(i),
          awg: 14,
          strands: 'solid',
          metal: 'copper',
          colour: 'cloth',
          carries,
        })),
      },
    });
    const onBox = TRANSFORMERS.find(({ fit }) => fit === 'onBox') ?? null;
    const { steps, planned } = wiringPlan(listed, choice('powerModule', onBox));
    for (const { words } of steps) expect(say(words)).not.toContain('pick a way again');
    expect(leadsAt(planned, 'splice.hot').map(({ id }) => id)).toEqual(['c.0', 'new.hot']);
    expect(planned.leads.some(({ id }) => id === 'house.ground')).toBe(false);
    const findings = checkWiring(planned, BARE_CONTEXT);
    expect(findings.map(({ rule, severity }) => [rule, severity])).toEqual(
      expect.arrayContaining([['groundWhole', 'worry']]),
    );
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
  });
});
