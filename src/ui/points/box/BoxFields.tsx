'use client';
import { boxWords } from '@/words/screens';
import { regionOf } from '@/core/job';
import { FACTS } from '@/core/kinds';
import { BOX_FILL_EDITIONS, STANDARD_BOXES, cm3ToIn3, in3ToCm3, standardBox } from '@/core/junction';
import { SCREW_THREADS } from '@/core/catalogue';
import { boxSurveyOf } from '@/core/points';
import { parseFigure } from '@/core/units';
import { Choices } from '../../form/Choices';
import { FieldGroup } from '../../form/FieldGroup';
import type { TypedField } from '../../form/field';
import { mapped } from '../../form/fields';
import { useFacts } from '../../form/useFacts';
import { Pick } from '../../form/Pick';
import { useJob } from '../../log/JobContext';

const IN3 = FACTS.boxDescribed.markedIn3.form.rule;
const CM3 = { unit: 'cm³', unitWords: ['cm3', 'cm³', 'ml', 'cc'], least: 16, most: 6500 } as const;

/** The volume marked in a box: in³ as the rule has it, or cm³. */
const volumeField = (
  field: TypedField,
  value: number | undefined,
  unit: 'in³' | 'cm³',
): TypedField<{ readonly markedIn3: number }> => ({
  ...field,
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
  const pack = regionOf(job);
  const tell = (data: Omit<Parameters<typeof write<'boxDescribed'>>[1], 'boxId'>) =>
    write('boxDescribed', { ...scope, ...data });
  const boxes = STANDARD_BOXES.filter(({ regions }) => regions.includes(pack.id));
  const known = standardBox(box.standardBox);
  const { cables } = boxSurveyOf(kept);
  const count = (carries: 'hot' | 'switched') =>
    cables.flatMap(({ conductors }) => conductors).filter((one) => one.carries === carries).length;
  const [severalHots, severalSwitched] = [count('hot') > 1, count('switched') > 1];
  const { ask, typed } = useFacts('boxDescribed', scope, box);
  // A box that is named has its usual measures until others are said
  const usual = useFacts('boxDescribed', scope, {
    ...(known ? { depthM: known.depthM, screwCentresM: known.screwCentresM } : {}),
    ...box,
  });
  return (
    <>
      <div className="fields">
        <Pick
          label={boxWords.whichBox}
          options={[
            { value: '', words: boxWords.notNamedYet },
            ...boxes.map(({ id, volumeIn3 }) => ({
              value: id,
              words: `${usual.words('standardBox', id)}: ${pack.gauge === 'awg' ? `${volumeIn3.toFixed(1)} in³` : `${Math.round(in3ToCm3(volumeIn3))} cm³`}`,
            })),
          ]}
          chosen={box.standardBox ?? ''}
          onPick={(id) => tell({ standardBox: boxes.find((one) => one.id === id)?.id ?? null })}
        />
        <Pick
          label={boxWords.threadOfItsScrew}
          options={[
            { value: '', words: known ? boxWords.asUsual({ thread: known.thread }) : boxWords.notNamedYet },
            ...SCREW_THREADS.map((value) => ({ value, words: value })),
          ]}
          chosen={box.thread ?? ''}
          onPick={(value) => tell({ thread: SCREW_THREADS.find((one) => one === value) ?? null })}
        />
      </div>
      <FieldGroup
        kind="boxDescribed"
        scope={scope}
        fields={[
          {
            ...volumeField(typed('markedIn3'), box.markedIn3, pack.gauge === 'awg' ? 'in³' : 'cm³'),
            asked: !known && box.markedIn3 === undefined,
          },
          typed('recessM'),
          usual.typed('depthM'),
          usual.typed('screwCentresM'),
          typed('ratedAmps', box.fedFrom === 'spur' ? { label: boxWords.fuseOfTheSpur } : {}),
          typed('existingVa'),
        ]}
      />
      <div className="choice-rows halves">
        {ask('material')}
        {box.material === 'metal' && ask('bonded')}
        {ask('clamps')}
        <Choices
          label={boxWords.fittingsInsideStudHickey}
          options={['0', '1', '2'].map((value) => ({
            value,
            words: value === '0' ? boxWords.none : `${value} ${value === '1' ? boxWords.kind : boxWords.kinds}`,
          }))}
          chosen={box.fittings === undefined ? undefined : String(box.fittings)}
          onPick={(value) => tell({ fittings: value === null ? null : Number(value) })}
        />
        {ask('ahead')}
        {ask('deviceIn')}
        {ask('fedFrom')}
        {ask('residual')}
        {ask('setting')}
        {ask('wetRated')}
        {ask('fixedTo')}
        {ask('bears')}
        {severalHots && ask('hotsOneWay')}
        {severalSwitched && ask('oneSwitch')}
        {box.deviceIn === 'outlet' && ask('outletOwnBox')}
        {kept.boxHeld !== 'nothing' && ask('oldGrounded')}
        {pack.boxRoom === 'us-314.16' && (
          <Choices
            label={boxWords.codeEditionHere}
            options={BOX_FILL_EDITIONS.map((year) => ({ value: String(year), words: String(year) }))}
            chosen={box.edition === undefined ? undefined : String(box.edition)}
            onPick={(year) => tell({ edition: BOX_FILL_EDITIONS.find((one) => String(one) === year) ?? null })}
          />
        )}
      </div>
    </>
  );
}
