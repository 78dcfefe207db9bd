'use client';
import { Table } from 'react-bootstrap';
import { TextInput } from '../../form/TextInput';
import { useSay } from '../../log/useSay';
import { boxSurveyOf, plateWords, poseOf, type FixtureData, type FixturePicks } from '@/core/points';
import type { ScrewThread } from '@/core/catalogue';
import { TEXT } from '@/core/kinds';
import { RECESS_MOST_M, type HangingScrews, type ScrewChoice } from '@/core/junction';
import { lengthText, parseLength, type LengthSystem } from '@/core/units';
import { useState } from 'react';
import { Pick } from '../../form/Pick';
import { useFloodlight } from './useFloodlight';

interface Props {
  readonly data: FixtureData;
  readonly screws: HangingScrews;
  readonly lengths: LengthSystem;
  readonly threads: readonly ScrewThread[];
  readonly limits: { readonly least: number; readonly most: number };
  readonly onPick: (picks: FixturePicks) => void;
}

/** Both joints of the cross-bar, which way up, where the water leaves, and whether camera and sensor can be as they should. */
export function Hanging({ data, screws, lengths, threads, limits, onPick }: Props) {
  const say = useSay();
  const { point } = useFloodlight();
  const survey = boxSurveyOf(point);
  const small = (metres: number): string => lengthText(metres, lengths, 'small');
  const pose = poseOf(point, data.fixture);
  const place = point.look.mountedOn === 'eave' ? 'under the eave' : 'on the wall';
  return (
    <>
      <div className="fields">
        <BarField barM={data.barM} lengths={lengths} limits={limits} onBar={(barM) => onPick({ barM })} />
        <Pick
          label="thread of the bar"
          options={threads.map((value) => ({ value, words: value }))}
          chosen={data.barThread}
          onPick={(barThread) => onPick({ barThread })}
        />
      </div>
      <Table data-testid="screws">
        <tbody>
          <ScrewRow words="bar to box" choice={screws.barToBox} small={small} />
          <ScrewRow words="plate to bar" choice={screws.plateToBar} small={small} />
        </tbody>
      </Table>
      {screws.needsRing && (
        <p className="brick">
          The rim stands {small(survey.recessM)} behind the wall, over {small(RECESS_MOST_M)}: an extension ring comes
          first.
        </p>
      )}
      <p>{say(plateWords(point, data.fixture.upMark))} Gasket all round; top and sides sealed, the bottom open.</p>
      <p className={pose.can ? 'moss' : 'brick'} data-testid="pose">
        {pose.can
          ? `Camera and sensor can be as they should ${place}: ${pose.wantedDeg.toFixed(0)}° down, sensor level.`
          : `${place === 'on the wall' ? 'On the wall' : 'Under the eave'} it does not come round: ${[
              ...(pose.headMissDeg > 0 ? [`the head misses its aim by ${pose.headMissDeg.toFixed(0)}°`] : []),
              ...(pose.sensorMissDeg > 0 ? [`the sensor stays ${pose.sensorMissDeg.toFixed(0)}° off level`] : []),
            ].join(', ')}.`}
        {!pose.madeForIt && ' Its instructions do not name this place.'}
      </p>
      {(point.box.bears === 'no' || point.box.bears === undefined) && (
        <p className={point.box.bears === 'no' ? 'brick' : 'soft'}>
          {point.box.bears === 'no' ? 'The box does not bear' : 'Does the box bear'} {data.fixture.weightKg} kg
          {point.box.bears === 'no' ? ': fix it to something that does first.' : '? Say so at Measure.'}
        </p>
      )}
      {point.box.wetRated === 'no' && <p className="brick">The box is not rated for wet: a cover or box that is.</p>}
    </>
  );
}

interface RowProps {
  readonly words: string;
  readonly choice: ScrewChoice;
  readonly small: (metres: number) => string;
}

function ScrewRow({ words, choice: { thread, neededM, mostM, screw, problem }, small }: RowProps) {
  return (
    <tr>
      <td>{words}</td>
      <td className={screw ? 'strong' : 'brick'}>
        {screw
          ? screw.name
          : problem === 'bottomsOut'
            ? `every ${thread} that is long enough bottoms out over ${small(mostM)}: cut one`
            : `buy ${thread}, at least ${small(neededM)}`}
      </td>
      <td className="n">needs {small(neededM)}</td>
    </tr>
  );
}

interface BarProps {
  readonly barM: number;
  readonly lengths: LengthSystem;
  readonly limits: { readonly least: number; readonly most: number };
  readonly onBar: (barM: number) => void;
}

/** Thickness of the cross-bar, typed; kept as soon as it can be one. */
function BarField({ barM, lengths, limits, onBar }: BarProps) {
  const [text, setText] = useState(lengthText(barM, lengths, 'small'));
  const read = parseLength(text, lengths === 'metric' ? 'mm' : 'in');
  const fine = read.ok && read.value >= limits.least && read.value <= limits.most;
  return (
    <TextInput
      label="cross-bar, thick"
      text={text}
      most={TEXT.short}
      figure
      fault={
        fine
          ? null
          : `From ${lengthText(limits.least, lengths, 'small')} to ${lengthText(limits.most, lengths, 'small')}.`
      }
      onType={(typed) => {
        setText(typed);
        const next = parseLength(typed, lengths === 'metric' ? 'mm' : 'in');
        if (next.ok && next.value >= limits.least && next.value <= limits.most) onBar(next.value);
      }}
    />
  );
}
