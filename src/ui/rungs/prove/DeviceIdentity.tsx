'use client';
import { proveWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { sameDevice, schemeName } from '@/core/points';
import { ScanCode } from '../../codes/ScanCode';
import { useCodeField } from '../../codes/useCodeField';
import { dbmField } from '../../form/dbmField';
import type { TypedField } from '../../form/field';
import { FieldGroup } from '../../form/FieldGroup';
import { mapped } from '../../form/fields';
import { useFacts } from '../../form/useFacts';
import { useJob } from '../../log/JobContext';

/** Typed over what the stand-in said, a figure is read by hand. */
const readByHand = <D extends object>(field: TypedField<D>): TypedField<D> => ({
  ...field,
  read: (...text) => mapped(field.read(...text), (part) => ({ ...part, figuresBy: 'hand' as const })),
});

/** Which device hangs here: its code, its serial number, its name, and the network as it has it. */
export function DeviceIdentity() {
  const { keptJob, kept, write } = useJob();
  const scope = { pointId: kept.id };
  const { device } = kept;
  const { typed } = useFacts('deviceDescribed', scope, device);
  const code = useCodeField();
  const twin = sameDevice(keptJob, kept);
  const proposed = schemeName(keptJob, kept);
  return (
    <section className="device-identity block-top" data-testid="device-identity">
      <h2>{proveWords.whichDevice}</h2>
      <ScanCode />
      <FieldGroup
        kind="deviceDescribed"
        scope={scope}
        fields={[
          code,
          typed('serial'),
          typed('calledThere'),
          typed('network'),
          readByHand(dbmField('dbm', proveWords.signalAtDevice, device.dbm)),
          readByHand(typed('upMbit')),
        ]}
      />
      {twin && (
        <p className="brick" role="alert">
          {proveWords.codeIsThatOf({ other: twin.name })}
        </p>
      )}
      {device.network === undefined && keptJob.customer.wifiName !== undefined && (
        <Button
          variant="link"
          onClick={() => write('deviceDescribed', { ...scope, network: keptJob.customer.wifiName ?? null })}
        >
          {proveWords.itJoined({ network: keptJob.customer.wifiName })}
        </Button>
      )}
      {device.calledThere === undefined && (
        <Button variant="link" onClick={() => write('deviceDescribed', { ...scope, calledThere: proposed })}>
          {proveWords.callIt({ name: proposed })}
        </Button>
      )}
    </section>
  );
}
