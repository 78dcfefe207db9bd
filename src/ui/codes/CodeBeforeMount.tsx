'use client';
import { codesWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { FieldGroup } from '../form/FieldGroup';
import { useJob } from '../log/JobContext';
import { ScanCode } from './ScanCode';
import { useCodeField } from './useCodeField';

/** The code behind a device, before it goes on the wall: nobody reads it afterwards. */
export function CodeBeforeMount() {
  const { kept, write } = useJob();
  const scope = { pointId: kept.id };
  const code = useCodeField();
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
