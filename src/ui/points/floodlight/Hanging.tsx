'use client';
import { floodlightWords } from '@/words/screens';
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
  const eave = point.look.mountedOn === 'eave';
  const place = eave ? floodlightWords.underTheEave : floodlightWords.onTheWall;
  return (
    <>
      <div className="fields">
        <BarField barM={data.barM} lengths={lengths} limits={limits} onBar={(barM) => onPick({ barM })} />
        <Pick
          label={floodlightWords.threadOfTheBar}
          options={threads.map((value) => ({ value, words: value }))}
          chosen={data.barThread}
          onPick={(barThread) => onPick({ barThread })}
        />
      </div>
      <Table data-testid="screws">
        <tbody>
          <ScrewRow words={floodlightWords.barToBox} choice={screws.barToBox} small={small} />
          <ScrewRow words={floodlightWords.plateToBar} choice={screws.plateToBar} small={small} />
        </tbody>
      </Table>
      {screws.needsRing && (
        <p className="brick">
          {floodlightWords.theRimStandsBehind({ small: small(survey.recessM), small2: small(RECESS_MOST_M) })}
        </p>
      )}
      <p>{floodlightWords.gasketAllRoundTop({ plateWords: say(plateWords(point, data.fixture.upMark)) })}</p>
      <p className={pose.can ? 'moss' : 'brick'} data-testid="pose">
        {pose.can
          ? floodlightWords.cameraAndSensorCan({ place, wantedDeg: pose.wantedDeg.toFixed(0) })
          : floodlightWords.itDoesNotCome({
              onTheWall: eave ? floodlightWords.underTheEave2 : floodlightWords.onTheWall2,
              parts: [
                ...(pose.headMissDeg > 0
                  ? [floodlightWords.theHeadMissesIts({ headMissDeg: pose.headMissDeg.toFixed(0) })]
                  : []),
                ...(pose.sensorMissDeg > 0
                  ? [floodlightWords.theSensorStaysOff({ sensorMissDeg: pose.sensorMissDeg.toFixed(0) })]
                  : []),
              ].join(', '),
            })}
        {!pose.madeForIt && floodlightWords.itsInstructionsDoNot}
      </p>
      {(point.box.bears === 'no' || point.box.bears === undefined) && (
        <p className={point.box.bears === 'no' ? 'brick' : 'soft'}>
          {point.box.bears === 'no' ? floodlightWords.theBoxDoesNot : floodlightWords.doesTheBoxBear}{' '}
          {data.fixture.weightKg} kg
          {point.box.bears === 'no' ? floodlightWords.fixItToSomething : floodlightWords.saySoAtMeasure}
        </p>
      )}
      {point.box.wetRated === 'no' && <p className="brick">{floodlightWords.theBoxIsNot}</p>}
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
            ? floodlightWords.everyThatIsLong({ thread, small: small(mostM) })
            : floodlightWords.buyAtLeast({ thread, small: small(neededM) })}
      </td>
      <td className="n">{floodlightWords.needs({ small: small(neededM) })}</td>
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
      label={floodlightWords.crossBarThick}
      text={text}
      most={TEXT.short}
      figure
      fault={
        fine
          ? null
          : floodlightWords.fromTo({
              least: lengthText(limits.least, lengths, 'small'),
              most: lengthText(limits.most, lengths, 'small'),
            })
      }
      onType={(typed) => {
        setText(typed);
        const next = parseLength(typed, lengths === 'metric' ? 'mm' : 'in');
        if (next.ok && next.value >= limits.least && next.value <= limits.most) onBar(next.value);
      }}
    />
  );
}
