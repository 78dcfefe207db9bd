'use client';
import { lengthsOf, regionOf } from '@/core/job';
import { BOX_MATERIALS, BOX_SETTINGS, CLAMPS, DEVICES_IN, FED_FROMS, FIXED_TOS, LIMITS, YES_NO } from '@/core/kinds';
import { AHEADS, BOX_FILL_EDITIONS, STANDARD_BOXES, cm3ToIn3, in3ToCm3, standardBox } from '@/core/junction';
import { SCREW_THREADS } from '@/core/catalogue';
import { parseFigure } from '@/core/units';
import { Choices } from '../../kit/form/Choices';
import { FieldGroup } from '../../kit/form/FieldGroup';
import type { TypedField } from '../../kit/form/field';
import { figureField, mapped, tapeField } from '../../kit/form/fields';
import { Pick } from '../../kit/form/Pick';
import { useJob } from '../../kit/job/JobContext';

const YES_NO_WORDS = { yes: 'yes', no: 'no' } as const;
const MATERIAL_WORDS = { metal: 'metal', plastic: 'plastic' } as const;
const CLAMP_WORDS = { none: 'outside, or none', internal: 'inside' } as const;
const DEVICE_WORDS = { none: 'nothing', outlet: 'an outlet' } as const;
const SETTING_WORDS = { flush: 'flush', surface: 'on the surface' } as const;
const FIXED_WORDS = {
  stud: 'a stud or joist',
  board: 'boards alone',
  masonry: 'masonry',
  unknown: 'can’t be seen',
} as const;
const AHEAD_WORDS = {
  none: 'nothing',
  switch: 'a wall switch',
  sensor: 'an old sensor',
  photocell: 'a photocell',
  timer: 'a timer',
} as const;
const FED_WORDS = { circuit: 'a circuit of the board', spur: 'a fused spur' } as const;

const options = <T extends string>(values: readonly T[], words: Readonly<Record<T, string>>) =>
  values.map((value) => ({ value, words: words[value] }));

const IN3 = { unit: 'in³', unitWords: ['in3', 'in³', 'cuin', 'cui'], ...LIMITS.boxIn3 } as const;
const CM3 = { unit: 'cm³', unitWords: ['cm3', 'cm³', 'ml', 'cc'], least: 16, most: 6500 } as const;
const AMPS = { unit: 'A', unitWords: ['a', 'amp', 'amps'], ...LIMITS.amps } as const;
const VA = { unit: 'VA', unitWords: ['va', 'w', 'watt', 'watts'], ...LIMITS.circuitVa, zeroAllowed: true } as const;

/** The volume marked in a box: in³ as the rule has it, or cm³. */
const volumeField = (value: number | undefined, unit: 'in³' | 'cm³'): TypedField => ({
  ...figureField('markedIn3', 'volume marked in it', IN3, value),
  unit,
  shown:
    value === undefined
      ? ''
      : String(Number((unit === 'in³' ? value : in3ToCm3(value)).toFixed(unit === 'in³' ? 2 : 0))),
  hint: unit === 'in³' ? '15.5' : '250',
  read: (text) =>
    /c\s*c|cm|ml/i.test(text) || (unit === 'cm³' && !/in/i.test(text))
      ? mapped(parseFigure(text, CM3), (cm3) => ({ markedIn3: cm3ToIn3(cm3) }))
      : mapped(parseFigure(text, IN3), (markedIn3) => ({ markedIn3 })),
});

/** What is seen and felt of a box, and of the circuit that feeds it. */
export function BoxFields() {
  const { job, kept, write } = useJob();
  const { box } = kept;
  const scope = { boxId: kept.hangs.boxId };
  const lengths = lengthsOf(job);
  const pack = regionOf(job);
  const say = (data: Omit<Parameters<typeof write<'boxDescribed'>>[1], 'boxId'>) =>
    write('boxDescribed', { ...scope, ...data });
  const boxes = STANDARD_BOXES.filter(({ regions }) => regions.includes(pack.id));
  const known = standardBox(box.standardBox);
  return (
    <>
      <div className="fields">
        <Pick
          label="which box"
          options={[
            { value: '', words: 'not named yet' },
            ...boxes.map(({ id, words, volumeIn3 }) => ({
              value: id,
              words: `${words}: ${pack.gauge === 'awg' ? `${volumeIn3.toFixed(1)} in³` : `${Math.round(in3ToCm3(volumeIn3))} cm³`}`,
            })),
          ]}
          chosen={box.standardBox ?? ''}
          onPick={(id) => say({ standardBox: boxes.find((one) => one.id === id)?.id ?? null })}
        />
        <Pick
          label="thread of its screw holes"
          options={[
            { value: '', words: known ? `${known.thread}, as usual` : 'not named yet' },
            ...SCREW_THREADS.map((value) => ({ value, words: value })),
          ]}
          chosen={box.thread ?? ''}
          onPick={(value) => say({ thread: SCREW_THREADS.find((one) => one === value) ?? null })}
        />
      </div>
      <FieldGroup
        kind="boxDescribed"
        scope={scope}
        fields={[
          {
            ...volumeField(box.markedIn3, pack.gauge === 'awg' ? 'in³' : 'cm³'),
            asked: !known && box.markedIn3 === undefined,
          },
          tapeField('recessM', 'rim behind the finished wall', lengths, box.recessM, LIMITS.recessM),
          tapeField('depthM', 'depth', lengths, box.depthM ?? known?.depthM, LIMITS.boxDepthM),
          tapeField(
            'screwCentresM',
            'screw holes apart',
            lengths,
            box.screwCentresM ?? known?.screwCentresM,
            LIMITS.boxDepthM,
          ),
          figureField(
            'ratedAmps',
            box.fedFrom === 'spur' ? 'fuse of the spur' : `${pack.words.way}’s rating`,
            AMPS,
            box.ratedAmps,
          ),
          figureField('existingVa', 'on this circuit already', VA, box.existingVa),
        ]}
      />
      <div className="choice-rows halves">
        <Choices
          label="material"
          options={options(BOX_MATERIALS, MATERIAL_WORDS)}
          chosen={box.material}
          onPick={(material) => say({ material })}
        />
        {box.material === 'metal' && (
          <Choices
            label={`its metal is on the ${pack.words.ground}, as found`}
            options={options(YES_NO, YES_NO_WORDS)}
            chosen={box.bonded}
            onPick={(bonded) => say({ bonded })}
          />
        )}
        <Choices
          label="clamps"
          options={options(CLAMPS, CLAMP_WORDS)}
          chosen={box.clamps}
          onPick={(clamps) => say({ clamps })}
        />
        <Choices
          label="fittings inside: stud, hickey"
          options={['0', '1', '2'].map((value) => ({
            value,
            words: value === '0' ? 'none' : `${value} ${value === '1' ? 'kind' : 'kinds'}`,
          }))}
          chosen={box.fittings === undefined ? undefined : String(box.fittings)}
          onPick={(value) => say({ fittings: value === null ? null : Number(value) })}
        />
        <Choices
          label="ahead of it"
          options={options(AHEADS, AHEAD_WORDS)}
          chosen={box.ahead}
          onPick={(ahead) => say({ ahead })}
        />
        <Choices
          label="in it"
          options={options(DEVICES_IN, DEVICE_WORDS)}
          chosen={box.deviceIn}
          onPick={(deviceIn) => say({ deviceIn })}
        />
        <Choices
          label="fed from"
          options={options(FED_FROMS, FED_WORDS)}
          chosen={box.fedFrom}
          onPick={(fedFrom) => say({ fedFrom })}
        />
        <Choices
          label={`a ${pack.protection.rcd} protects it`}
          options={options(YES_NO, YES_NO_WORDS)}
          chosen={box.residual}
          onPick={(residual) => say({ residual })}
        />
        <Choices
          label="sits"
          options={options(BOX_SETTINGS, SETTING_WORDS)}
          chosen={box.setting}
          onPick={(setting) => say({ setting })}
        />
        <Choices
          label="rated for wet"
          options={options(YES_NO, YES_NO_WORDS)}
          chosen={box.wetRated}
          onPick={(wetRated) => say({ wetRated })}
        />
        <Choices
          label="fixed to"
          options={options(FIXED_TOS, FIXED_WORDS)}
          chosen={box.fixedTo}
          onPick={(fixedTo) => say({ fixedTo })}
        />
        <Choices
          label="bears the fixture’s weight"
          options={options(YES_NO, YES_NO_WORDS)}
          chosen={box.bears}
          onPick={(bears) => say({ bears })}
        />
        {kept.boxHeld !== 'nothing' && (
          <Choices
            label={`old fixture has a ${pack.words.ground} lead`}
            options={options(YES_NO, YES_NO_WORDS)}
            chosen={box.oldGrounded}
            onPick={(oldGrounded) => say({ oldGrounded })}
          />
        )}
        {pack.boxRoom === 'us-314.16' && (
          <Choices
            label="code edition here"
            options={BOX_FILL_EDITIONS.map((year) => ({ value: String(year), words: String(year) }))}
            chosen={box.edition === undefined ? undefined : String(box.edition)}
            onPick={(year) => say({ edition: BOX_FILL_EDITIONS.find((one) => String(one) === year) ?? null })}
          />
        )}
      </div>
    </>
  );
}
