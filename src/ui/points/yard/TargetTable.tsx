'use client';
import { yardWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import {
  STEEP_DEG,
  askedPxPerM,
  hiddenBehind,
  isVisited,
  isSensed,
  jointMissDeg,
  lensForFace,
  luxAt,
  type Aim,
  type Doubt,
  type Scene,
  type SeenTarget,
} from '@/core/yard';
import { lengthText, type LengthSystem } from '@/core/units';
import { degreeText, luxText, percentText } from './yardText';

/** A joint that comes nearer brings it into the picture. */
const WORTH_SAYING_DEG = 1;

interface Props {
  readonly scene: Scene;
  readonly aim: Aim;
  readonly seen: readonly SeenTarget[];
  readonly doubt: Doubt;
  readonly name: (what: string) => string;
  /** How fine a class of pixels per metre is, in words. */
  readonly fineness: (seenAs: string) => string;
  readonly lengths: LengthSystem;
  readonly picked: string | null;
  /** Left out on paper: nothing is picked there. */
  readonly onPick?: (id: string) => void;
}

/** Each target: whether it is met or why not, how finely, how sure, how light, whether it is sensed. */
export function TargetTable({ scene, aim, seen, doubt, name, fineness, lengths, picked, onPick }: Props) {
  const capsWords = (lensM: number | null): string =>
    lensM === null
      ? yardWords.capsNeedAnother
      : yardWords.capsBelow({ lens: lengthText(Math.floor(lensM * 20) / 20, lengths, 'small') });
  const why = ({ target, miss, seen: point, downDeg }: SeenTarget): string => {
    switch (miss) {
      case 'hidden': {
        const by = hiddenBehind(scene, aim, target);
        return by ? yardWords.missHidden({ what: name(by) }) : yardWords.missHouse;
      }
      case 'outOfPicture': {
        const deg = jointMissDeg(scene, aim, target);
        return deg < WORTH_SAYING_DEG ? yardWords.missOut : yardWords.missOutBy({ deg: degreeText(deg) });
      }
      case 'tooCoarse':
        return yardWords.missCoarse({
          got: (point.pixelsPerMetre ?? 0).toFixed(0),
          asked: askedPxPerM(target.wants).toFixed(0),
        });
      case 'inPicture':
        return yardWords.missShows;
      case null: {
        if (target.wants === 'out') return yardWords.kept;
        const words = point.class === null ? '' : fineness(point.class);
        if (!isVisited(target)) return words;
        return downDeg > STEEP_DEG.caps
          ? capsWords(lensForFace(scene, target))
          : downDeg > STEEP_DEG.badly
            ? `${words}, ${yardWords.seenSteeply}`
            : words;
      }
    }
  };
  return (
    <table className="table yard-targets" data-testid="targets">
      <thead>
        <tr>
          <th scope="col">{yardWords.target}</th>
          <th scope="col" className="number">
            {yardWords.pixels}
          </th>
          <th scope="col">{yardWords.seenAs}</th>
          <th scope="col" className="number">
            {yardWords.believed}
          </th>
        </tr>
      </thead>
      <tbody>
        {seen.map((one) => {
          const { target, miss, seen: point } = one;
          return (
            <tr key={target.id} className={miss === null ? 'met' : 'missed'}>
              <th scope="row">
                <span aria-hidden="true" className="sign">
                  {miss === null ? '✓' : '╱'}
                </span>
                {onPick ? (
                  <Button variant="link" aria-pressed={picked === target.id} onClick={() => onPick(target.id)}>
                    {name(target.what)}
                  </Button>
                ) : (
                  name(target.what)
                )}
              </th>
              <td className="figure">{point.pixelsPerMetre === null ? '–' : point.pixelsPerMetre.toFixed(0)}</td>
              <td>
                {why(one)}
                <span className="small soft block">
                  {yardWords.litAndSensed({
                    lux: luxText(luxAt(scene, aim, target)),
                    sensed: isSensed(scene, aim, target),
                  })}
                </span>
              </td>
              <td className="figure">{percentText(doubt.chances.get(target.id) ?? 0)}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
