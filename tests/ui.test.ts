import { say } from '@/words/forTests';
import { describe, expect, it } from 'vitest';
import { fold } from '@/core/job';
import { LIMITS, newEntry, type Entry, type NewEntry } from '@/core/kinds';
import { assess, type TakenReading } from '@/core/points';
import { VOLTS } from '@/core/units';
import { demoJobs } from '@/demo/demoFirm';
import { loopWords } from '@/ui/points/doorbell/loopWords';
import { figureField, tapeField, textField } from '@/ui/form/fields';
import { readTexts } from '@/ui/form/readTexts';
import { unnumbered } from '@/ui/log/useEntryLog';
import { readingFigure, readingWords } from '@/ui/figures/readingWords';
import { margin, offset, percent, voltsOrCollapse } from '@/ui/figures/words';
import { BELL_VOLTS, readingField } from '@/ui/points/doorbell/measure/readingField';

const by = { id: 'ines', name: 'Ines' };
const at = '2026-03-04T09:00:00Z';
const note = (id: string): NewEntry => newEntry('noteWritten', { text: id }, { id, at, by });

describe('figures in words', () => {
  it('never round a chance to a certainty', () => {
    expect(percent(1)).toBe('over 99 %');
    expect(percent(0.995)).toBe('over 99 %');
    expect(percent(0.5)).toBe('50 %');
    expect(percent(0)).toBe('under 1 %');
  });
  it('carry their sign, and none before zero', () => {
    expect(margin(1.24)).toBe('+1.2 V');
    expect(margin(-0.5)).toBe('−0.5 V');
    expect(offset(-0.04)).toBe('0.0');
    expect(offset(-1.26)).toBe('−1.3');
    expect(voltsOrCollapse(0)).toBe('collapses');
  });
});

describe('readings in words', () => {
  const pointId = 'front';
  it.each([
    [
      { pointId, what: 'volts', at: 'transformer', state: 'open', low: 20.9, high: 20.9 },
      'transformer, open',
      '20.9 V',
    ],
    [
      { pointId, what: 'volts', at: 'door', state: 'liveNight', low: 14, high: 15 },
      'door, live at night',
      '14 to 15 V',
    ],
    [
      { pointId, what: 'volts', at: 'transformer', state: 'resistor', ohms: 22, low: 15.6, high: 15.6 },
      'transformer, under 22 Ω',
      '15.6 V',
    ],
    [{ pointId, what: 'mainsVolts', low: 119, high: 119 }, 'mains', '119 V'],
    [{ pointId, what: 'loopOhms', run: 'toDoor', low: 0.8, high: 0.8 }, 'run to the door', '0.8 Ω'],
    [{ pointId, what: 'loopOhms', run: 'toChime', low: 1, high: 1 }, 'run to the handset', '1 Ω'],
    [{ pointId, what: 'coilOhms', low: 6.2, high: 6.2 }, 'chime coil', '6.2 Ω'],
    [{ pointId, what: 'report', state: 'liveDay', report: 'weak' }, 'device report, live by day', 'weak'],
  ] as const)('%j', (data, words, figure) => {
    expect(readingWords(data, 'handset')).toBe(words);
    expect(readingFigure(data)).toBe(figure);
  });
});

describe('fields', () => {
  it('read a figure in its unit and clear it with null', () => {
    const field = figureField('ratedVolts', 'volts', { ...VOLTS, ...LIMITS.nameplateVolts }, 16);
    expect(field.shown).toBe('16');
    expect(field.read('24 V', {})).toEqual({ ok: true, value: { ratedVolts: 24 } });
    expect(field.cleared).toEqual({ ratedVolts: null });
    expect(field.read('2', {})).toMatchObject({ ok: false, problem: { code: 'tooSmall' } });
  });
  it('read a tape in the units of the place, and show what stands in them', () => {
    expect(tapeField('leadReachM', 'lead', 'metric', 0.09).shown).toBe('90 mm');
    expect(tapeField('leadReachM', 'lead', 'imperial', 0.0889).shown).toBe('3 1/2 in');
    expect(tapeField('leadReachM', 'lead', 'metric', undefined).read('9 cm', {})).toEqual({
      ok: true,
      value: { leadReachM: 0.09 },
    });
    expect(tapeField('leadReachM', 'lead', 'metric', undefined).read('90 m', {})).toMatchObject({
      problem: { code: 'tooLarge' },
    });
  });
  it('refuse a text that is too long for its place', () => {
    expect(textField('name', 'site', undefined).read('x'.repeat(121), {}).ok).toBe(false);
    expect(textField('name', 'site', undefined).read(' Tern ', {})).toEqual({
      ok: true,
      value: { name: 'Tern' },
    });
  });
  it('tell at the field what is wrong, and that one is missing where it is asked for', () => {
    const fields = [
      figureField('figure', 'volts', BELL_VOLTS, undefined),
      { ...figureField('mainsVolts', 'mains', { ...VOLTS, ...LIMITS.mainsVolts }, undefined), optional: true },
    ];
    const faults = (texts: Readonly<Record<string, string>>, empty: 'allowed' | 'required') =>
      Object.entries(readTexts(fields, texts, say, empty).faults).map(([path, message]) => `${path}: ${message}`);
    expect(faults({ figure: '', mainsVolts: '' }, 'allowed')).toEqual([]);
    expect(faults({ figure: '', mainsVolts: '' }, 'required')).toEqual(['figure: Missing: volts.']);
    expect(faults({ figure: 'abc', mainsVolts: '12' }, 'required')).toHaveLength(2);
  });
  it('refuse a reading that can’t be true beside those that stand', () => {
    const standing: readonly TakenReading[] = [
      {
        entryId: 'a',
        by,
        at,
        data: { pointId: 'front', what: 'volts', at: 'transformer', state: 'open', low: 18, high: 18 },
      },
    ];
    const scope = { pointId: 'front', what: 'volts', at: 'door', state: 'liveDay' } as const;
    const field = readingField({ name: 'live', label: 'volts' }, BELL_VOLTS, scope, standing);
    expect(field.read('16 to 17', {})).toEqual({ ok: true, value: { low: 16, high: 17 } });
    expect(field.read('21', {})).toMatchObject({ ok: false, problem: { code: 'contradicts' } });
  });
});

describe('the outbox', () => {
  it('puts what waits at the end of the log, once', () => {
    const log: readonly Entry[] = [{ ...note('a'), seq: 1, receivedAt: at }];
    const added = unnumbered(log, [note('a'), note('b'), note('c')]);
    expect(added.map(({ id, seq }) => [id, seq])).toEqual([
      ['b', 2],
      ['c', 3],
    ]);
  });
});

describe('the words on the bell loop', () => {
  let count = 0;
  const jobs = demoJobs(
    () => `x${++count}`,
    (days, hour) => Date.UTC(2026, 2, 10 + days, hour),
  );
  const wordsOf = (title: string) => {
    const entries = jobs.find((job) => job.title === title)?.entries ?? [];
    const job = fold({ id: 'x', title, createdAt: '' }, entries);
    const [point] = job.points;
    if (point?.kind !== 'doorbell') throw new Error(title);
    return loopWords(job, point, assess(job, point, 300), 'liveNight');
  };
  it('say what was read, by whom, and what was worked out', () => {
    const { plates, nameplate, chime, toChime } = wordsOf('Sandpiper House');
    expect(plates.open).toMatchObject({ kind: 'read', figure: '19.3 V', more: 'Ines' });
    expect(plates.door.kind).toBe('worked');
    expect(nameplate).toBe('16 V 30 VA');
    expect(chime).toBe('power module');
    expect(toChime.words).toBe('30 ft · 18 AWG');
  });
  it('ask for the reading that helps most, and pretend no length', () => {
    const { plates, nameplate, toDoor } = wordsOf('Marram View');
    expect(plates.open).toMatchObject({ kind: 'asked', figure: '___ V' });
    expect(nameplate).toBe('? V ? VA');
    expect(toDoor.words).toBe('length guessed');
  });
  it('say that a supply collapses instead of naming volts', () => {
    const { plates, trans } = wordsOf('Tern Cottage');
    expect(plates.door.figure).toBe('collapses');
    expect(trans).toBe('–');
  });
  it('draw the chosen transformer', () => {
    expect(wordsOf('Gull House').nameplate).toBe('12 V 24 VA');
  });
});
