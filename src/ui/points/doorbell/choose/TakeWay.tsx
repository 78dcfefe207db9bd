'use client';
import { useSay } from '../../../log/useSay';
import { useState } from 'react';
import type { JudgedOption } from '@/core/advice';
import { TEXT } from '@/core/kinds';
import { carriedProfile, choiceOf } from '@/core/points';
import { useDoorbell } from '../useDoorbell';

interface Props {
  readonly way: JudgedOption;
  /** Its own figures, in a sentence. */
  readonly why: string;
  readonly taken: boolean;
}

/** Takes a way, with the reason: its own figures where it holds, the installer’s words where it does not. */
export function TakeWay({ way, why, taken }: Props) {
  const { point, write } = useDoorbell();
  const { judgement } = way;
  const sound = judgement.verdict === 'holds' || judgement.verdict === 'tight';
  // Finer figures may come while a thumb is on the button: the form stays, only the proposed words follow
  const say = useSay();
  const [typed, setTyped] = useState<string | null>(null);
  const reason = typed ?? (sound ? why : '');
  const [asked, setAsked] = useState(false);
  const take = () => {
    if (reason.trim() === '') return setAsked(true);
    // The plan, the parts and the plate follow the device that is taken
    if (way.instead)
      write('pointDescribed', {
        pointId: point.id,
        deviceId: way.device.id,
        device: carriedProfile(way.device),
      });
    write('choiceMade', choiceOf(point.id, way, reason.trim(), say));
  };
  if (way.forbidden) return null;
  return (
    <form
      className="take"
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <div className={`field${asked && reason.trim() === '' ? ' wrong' : ''}`}>
        <label htmlFor="take-reason">why this one</label>
        <div className="box">
          <input
            id="take-reason"
            value={reason}
            maxLength={TEXT.long}
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
          />
        </div>
        {asked && reason.trim() === '' && (
          <div className="fault" role="alert">
            It is not sure to hold: say why it is taken all the same.
          </div>
        )}
      </div>
      <button type="submit" className="button main">
        {taken ? 'Take it again' : 'Take this way'}
      </button>
    </form>
  );
}
