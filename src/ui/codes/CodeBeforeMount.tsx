'use client';
import { codesWords } from '@/words/screens';
import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { FieldGroup, groupName } from '../form/FieldGroup';
import { useJob } from '../log/JobContext';
import { useTypedIn } from '../log/useTyped';
import { ScanCode } from './ScanCode';
import { useCodeField } from './useCodeField';

/** The code behind a device, before it goes on the wall: nobody reads it afterwards. */
export function CodeBeforeMount() {
  const { kept, move, write } = useJob();
  const [opened, setOpened] = useState(false);
  const scope = { pointId: kept.id };
  const code = useCodeField();
  const { isTyped } = useTypedIn(groupName('deviceDescribed', scope, [code]));
  const { device } = kept;
  if (device.code !== undefined)
    return (
      <p className="small soft" data-testid="code-before">
        {codesWords.codeIsKept({ code: device.code })}
      </p>
    );
  if (device.codeReadBy === 'none')
    return (
      <p className="small soft" data-testid="code-before">
        {codesWords.carriesNone}{' '}
        <Button variant="link" onClick={() => write('deviceDescribed', { ...scope, codeReadBy: null })}>
          {codesWords.itDoes}
        </Button>
      </p>
    );
  // Where something else comes first it takes a line, not the screen: once something is typed, that is what comes next
  const isNext = typeof move.words === 'object' && 'code' in move.words && move.words.code === 'readCodeBeforeMount';
  if (!isNext && !opened && !isTyped)
    return (
      <p data-testid="code-before">
        <Button variant="link" onClick={() => setOpened(true)}>
          {codesWords.codeBeforeMount}
        </Button>
      </p>
    );
  return (
    <section data-testid="code-before">
      <h2>{codesWords.codeBeforeMount}</h2>
      <ScanCode />
      <div className="row-of">
        <FieldGroup kind="deviceDescribed" scope={scope} fields={[code]} />
        <Button variant="link" onClick={() => write('deviceDescribed', { ...scope, codeReadBy: 'none' })}>
          {codesWords.noneToRead}
        </Button>
      </div>
    </section>
  );
}
