'use client';
import { measureWords } from '@/words/screens';
import { useState } from 'react';
import { DEVICE_REPORTS } from '@/core/bell';
import { LASTING_STATES, STATE_WORDS, type LastingState } from '@/core/catalogue';
import { PRESENT_PATHS, type EntryData } from '@/core/kinds';
import {
  MOST_OF_RATING,
  drawnAmps,
  hasWiredChime,
  isBoxed,
  meterOf,
  midwayWords,
  mostTestAmps,
  testOhms,
} from '@/core/points';
import { parseFigure, parsed, refused } from '@/core/units';
import { REPORT_WORDS } from '../../../figures/checkWords';
import { Choices } from '../../../form/Choices';
import type { TypedField } from '../../../form/field';
import { FieldGroup } from '../../../form/FieldGroup';
import { Pick } from '../../../form/Pick';
import { useDoorbell } from '../useDoorbell';
import {
  BELL_VOLTS,
  COIL_OHMS,
  LOAD_OHMS,
  LOOP_OHMS,
  MAINS_VOLTS,
  readingField,
  type ReadingScope,
} from './readingField';

const STATES = [
  ...LASTING_STATES.map((value) => ({ value, words: STATE_WORDS[value] })),
  { value: 'open', words: measureWords.notConnected } as const,
];
const RUNNING_AT = [
  { value: 'door', words: measureWords.atTheDoor },
  { value: 'transformer', words: measureWords.atTheTransformer },
  { value: 'chime', words: measureWords.acrossTheChime },
] as const;
const RESISTOR_AT = [
  { value: 'transformer', words: measureWords.atTheTransformer },
  { value: 'door', words: measureWords.atTheDoor },
] as const;
const PROBES_AT = {
  door: { from: 'D1', to: 'D2' },
  transformer: { from: 'S1', to: 'S2' },
  chime: { from: 'Trans', to: 'Front' },
} as const;
const PRESENT_WORDS = {
  series: measureWords.coilInTheLoop,
  shunt: measureWords.moduleAcrossIt,
  link: measureWords.jumperOrFuseLink,
  none: measureWords.chimeOutOfThe,
} as const;

/** Readings with nothing running: the quick ones. */
export function StillReadings() {
  const { kept, keptJob, point, assessment } = useDoorbell();
  const scope = { pointId: point.id, ...meterOf(keptJob) };
  // A plate may be asked for first: the meter's own next reading stands out beside it
  const asked = assessment.advice().next.find(({ id }) => id !== 'nameplate')?.id;
  const fields: readonly (readonly [TypedField, ReadingScope])[] = [
    [
      {
        name: 'open',
        label: measureWords.openVoltsTransformer,
        id: 'reading-open',
        asked: asked === 'openVolts',
        meter: { function: 'voltsAc', from: 'S1', to: 'S2', state: 'open' },
      },
      BELL_VOLTS,
      { ...scope, what: 'volts', at: 'transformer', state: 'open' },
    ] as const,
    [
      {
        name: 'mains',
        label: measureWords.mainsVolts,
        asked: asked === 'mainsVolts',
        meter: { function: 'voltsAc', from: 'hot', to: 'neutral', state: 'open' },
      },
      MAINS_VOLTS,
      { ...scope, what: 'mainsVolts' },
    ] as const,
    [
      {
        name: 'toChime',
        label: measureWords.loopOhmsToThe({ midwayWords: midwayWords(kept) }),
        asked: asked === 'loopToChime',
        meter: { function: 'ohms', from: 'toChimeA', to: 'toChimeB', state: 'open' },
      },
      LOOP_OHMS,
      { ...scope, what: 'loopOhms', run: 'toChime' },
    ] as const,
    [
      {
        name: 'toDoor',
        label: measureWords.loopOhmsToTheDoor,
        asked: asked === 'loopToDoor',
        meter: { function: 'ohms', from: 'toDoorA', to: 'toDoorB', state: 'open' },
      },
      LOOP_OHMS,
      { ...scope, what: 'loopOhms', run: 'toDoor' },
    ] as const,
    [
      {
        name: 'coil',
        label: measureWords.chimeCoilOhms,
        asked: asked === 'coilOhms',
        meter: { function: 'ohms', from: 'Trans', to: 'Front', state: 'open' },
      },
      COIL_OHMS,
      { ...scope, what: 'coilOhms' },
    ] as const,
  ]
    // Without a chime there is no coil to be read; of a boxed one nothing but its wire to the door
    .filter(([{ name }]) => (isBoxed(kept) ? name === 'toDoor' : name !== 'coil' || hasWiredChime(kept)))
    .map(([field, rule, data]) => [readingField(field, rule, data, kept.readings), data]);
  return (
    <div className="fields five">
      {fields.map(([field, data]) => (
        <FieldGroup key={field.name} kind="readingTaken" scope={data} fields={[field]} clears />
      ))}
    </div>
  );
}

/** Volts while the device runs: one figure that sees everything at once. */
export function RunningReading() {
  const { kept, keptJob, point, assessment, write } = useDoorbell();
  const hasChime = hasWiredChime(kept);
  const [at, setAt] = useState<'door' | 'transformer' | 'chime'>('door');
  const [picked, setState] = useState<LastingState | 'open'>('liveDay');
  // Across the chime nothing stands while no current flows
  const state = at === 'chime' && picked === 'open' ? 'liveDay' : picked;
  const scope: EntryData<'readingTaken'> = { pointId: point.id, what: 'volts', at, state, ...meterOf(keptJob) };
  const volts = readingField(
    {
      name: 'running',
      label: measureWords.volts,
      id: 'reading-running',
      asked: assessment.next()?.id === 'deviceVolts',
      meter: { function: 'voltsAc', ...PROBES_AT[at], state },
    },
    BELL_VOLTS,
    scope,
    kept.readings,
  );
  return (
    <>
      <div className="fields">
        <Pick
          label={measureWords.where}
          options={RUNNING_AT.filter(({ value }) => hasChime || value !== 'chime')}
          chosen={at}
          onPick={setAt}
        />
        <Pick
          label={measureWords.theDeviceIs}
          options={at === 'chime' ? STATES.filter(({ value }) => value !== 'open') : STATES}
          chosen={state}
          onPick={setState}
        />
        <FieldGroup kind="readingTaken" scope={scope} fields={[volts]} clears />
      </div>
      {state !== 'open' && (
        <Choices
          label={measureWords.whatItSaysOf}
          options={DEVICE_REPORTS.map((value) => ({ value, words: REPORT_WORDS[value] }))}
          chosen={undefined}
          onPick={(report) => report && write('readingTaken', { pointId: point.id, what: 'report', state, report })}
        />
      )}
      {hasChime && (
        <Choices
          label={measureWords.whileThisIsRead}
          options={PRESENT_PATHS.map((value) => ({ value, words: PRESENT_WORDS[value] }))}
          chosen={kept.chime.present}
          onPick={(present) => write('chimeDescribed', { chimeId: point.hangs.chimeId, present })}
        />
      )}
    </>
  );
}

/** Volts under a known resistor: the sag itself. */
export function ResistorReading() {
  const { kept, keptJob, point, assessment } = useDoorbell();
  const [at, setAt] = useState<'door' | 'transformer'>('transformer');
  const scope: EntryData<'readingTaken'> = {
    pointId: point.id,
    what: 'volts',
    at,
    state: 'resistor',
    ...meterOf(keptJob),
  };
  const volts = readingField(
    { name: 'loaded', label: measureWords.voltsUnderIt, asked: assessment.next()?.id === 'resistor' },
    BELL_VOLTS,
    scope,
    kept.readings,
  );
  const { known } = assessment;
  const most = mostTestAmps(known);
  /** A resistor that would pull more than the transformer bears is refused before it goes on. */
  const tooHeavy = (ohms: number): string | null =>
    most !== null && drawnAmps(known, ohms) > most
      ? measureWords.wouldPullA({
          ohms,
          openVolts: drawnAmps(known, ohms).toFixed(2),
          mostOfRating: MOST_OF_RATING,
          va: (most / MOST_OF_RATING).toFixed(2),
          testOhms: testOhms(known),
        })
      : null;
  const fields: readonly TypedField[] = [
    {
      name: 'ohms',
      label: measureWords.knownResistor,
      unit: 'Ω',
      figure: true,
      shown: '',
      // By itself no reading: it goes with the volts
      read: (text) => {
        const ohms = parseFigure(text, LOAD_OHMS);
        if (!ohms.ok) return ohms;
        const heavy = tooHeavy(ohms.value);
        return heavy ? refused({ code: 'contradicts', words: heavy }) : parsed({});
      },
      cleared: {},
    },
    {
      ...volts,
      read: (text, texts) => {
        const read = volts.read(text, texts);
        if (!read.ok) return read;
        const ohms = parseFigure(texts.ohms ?? '', LOAD_OHMS);
        return ohms.ok
          ? parsed({ ...read.value, ohms: ohms.value })
          : refused({ code: 'contradicts', words: measureWords.typeTheResistorsOhms });
      },
    },
  ];
  return (
    <div className="fields">
      <Pick label={measureWords.where} options={RESISTOR_AT} chosen={at} onPick={setAt} />
      <div className="span-two">
        <FieldGroup kind="readingTaken" scope={scope} fields={fields} clears />
      </div>
    </div>
  );
}
