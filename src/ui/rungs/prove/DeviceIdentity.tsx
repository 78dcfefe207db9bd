'use client';
import { proveWords } from '@/words/screens';
import { ScanQrCode, Smartphone } from 'lucide-react';
import { useRef, useState } from 'react';
import { Button } from 'react-bootstrap';
import { answer, isCodeReading } from '@/contract/answers';
import { sameDevice, schemeName } from '@/core/points';
import { readCodes } from '../../codes/readCodes';
import { dbmField } from '../../form/dbmField';
import { FieldGroup } from '../../form/FieldGroup';
import { mapped } from '../../form/fields';
import { useFacts } from '../../form/useFacts';
import { call, NotTaken } from '../../log/api';
import { useJob } from '../../log/JobContext';
import { useMeter } from '../../meter/MeterContext';
import { KeepPhoto } from '../../photo/KeepPhoto';

/** Which device hangs here: its code off a picture or typed, its serial number, its name, and the network as it has it. */
export function DeviceIdentity() {
  const { keptJob, kept, write } = useJob();
  const { simulated } = useMeter();
  const scope = { pointId: kept.id };
  const { device } = kept;
  const { typed } = useFacts('deviceDescribed', scope, device);
  const input = useRef<HTMLInputElement>(null);
  const [picture, setPicture] = useState<File | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [isReading, setReading] = useState(false);
  // Typed over what was scanned, it is read by hand
  const code = typed('code');
  const byHand: typeof code = {
    ...code,
    read: (...text) => mapped(code.read(...text), (part) => ({ ...part, codeReadBy: 'hand' as const })),
  };
  const twin = sameDevice(keptJob, kept);
  const proposed = schemeName(keptJob, kept);
  const take = (read: string, codeReadBy: 'picture' | 'simulated'): void => {
    setFault(null);
    write('deviceDescribed', { ...scope, code: read.slice(0, 200), codeReadBy });
  };
  const readOff = async (file: File): Promise<void> => {
    setReading(true);
    setPicture(file);
    try {
      const [read] = await readCodes(file);
      if (read === undefined) setFault(proveWords.noCodeOnIt);
      else take(read, 'picture');
    } catch {
      setFault(proveWords.pictureNotRead);
    }
    setReading(false);
  };
  const scan = async (): Promise<void> => {
    try {
      const query = new URLSearchParams({ job: keptJob.id, point: kept.id });
      take((await call(`/sim/code?${query.toString()}`, answer(isCodeReading))).code, 'simulated');
    } catch (error) {
      if (!(error instanceof NotTaken)) throw error;
      setFault(error.message);
    }
  };
  return (
    <section className="device-identity" data-testid="device-identity">
      <h2>{proveWords.whichDevice}</h2>
      <div className="row-of">
        <Button variant="secondary" disabled={isReading} onClick={() => input.current?.click()}>
          <ScanQrCode size={18} aria-hidden="true" /> {isReading ? proveWords.beingRead : proveWords.codeOffPicture}
        </Button>
        {simulated && (
          <Button variant="secondary" onClick={() => void scan()}>
            <Smartphone size={18} aria-hidden="true" /> {proveWords.scanCode}{' '}
            <span className="simulated">{proveWords.simulated}</span>
          </Button>
        )}
      </div>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label={proveWords.codeOffPicture}
        onChange={(event) => {
          const [file] = event.target.files ?? [];
          if (file) void readOff(file);
          event.target.value = '';
        }}
      />
      {picture && <KeepPhoto file={picture} />}
      {fault && (
        <p className="brick" role="alert">
          {fault}
        </p>
      )}
      <FieldGroup
        kind="deviceDescribed"
        scope={scope}
        fields={[
          byHand,
          typed('serial'),
          typed('calledThere'),
          dbmField('dbm', proveWords.signalAtDevice, device.dbm),
          typed('upMbit'),
        ]}
      />
      {twin && (
        <p className="brick" role="alert">
          {proveWords.codeIsThatOf({ other: twin.name })}
        </p>
      )}
      {device.calledThere === undefined && (
        <Button variant="link" onClick={() => write('deviceDescribed', { ...scope, calledThere: proposed })}>
          {proveWords.callIt({ name: proposed })}
        </Button>
      )}
    </section>
  );
}
