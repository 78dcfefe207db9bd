'use client';
import { chooseWords } from '@/words/screens';
import { TextInput } from '../../../form/TextInput';
import { Button } from 'react-bootstrap';
import { useSay } from '../../../log/useSay';
import { useState } from 'react';
import { useTypedText } from '../../../log/useTyped';
import { wayWords, type JudgedOption } from '@/core/advice';
import { TEXT } from '@/core/kinds';
import { carriedProfile, choiceOf } from '@/core/points';
import { useDoorbell } from '../useDoorbell';

interface Props {
  readonly way: JudgedOption;
  /** Its own figures, in a sentence. */
  readonly why: string;
  readonly taken: boolean;
  /** Finer figures are on their way: nothing is taken meanwhile. */
  readonly isWorking: boolean;
}

/** Takes a way, with the reason: its own figures where it holds, the installer’s words where it does not. */
export function TakeWay({ way, why, taken, isWorking }: Props) {
  const { point, write } = useDoorbell();
  const { judgement } = way;
  // What practice does needs no figure to be sound
  const sound =
    judgement.verdict === 'holds' || judgement.verdict === 'tight' || way.treatment.onlyWithBattery === true;
  // Finer figures may come while a thumb is on the button: the form stays, only the proposed words follow
  const say = useSay();
  const named = say(wayWords(way));
  const [typed, setTyped] = useTypedText(`why/${point.id}`, chooseWords.whyThisOne);
  // Emptied by hand it is asked for
  const [isOwn, setOwn] = useState(false);
  const reason = isOwn || typed !== '' ? typed : sound ? why : '';
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
    setTyped('');
    setOwn(false);
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
      <TextInput
        label={chooseWords.whyThisOne}
        text={reason}
        most={TEXT.long}
        fault={asked && reason.trim() === '' ? chooseWords.itIsNotSure : null}
        onType={(text) => {
          setOwn(true);
          setTyped(text);
        }}
      />
      <Button type="submit" disabled={isWorking} data-testid="take">
        {taken ? chooseWords.takeNamedAgain({ way: named }) : chooseWords.takeNamed({ way: named })}
      </Button>
    </form>
  );
}
