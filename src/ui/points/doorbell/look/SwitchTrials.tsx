'use client';
import { TextInput } from '../../../form/TextInput';
import { Button } from 'react-bootstrap';
import { useState } from 'react';
import { TEXT } from '@/core/kinds';
import { useDoorbell } from '../useDoorbell';

/** Every switch that was tried while somebody listened: does the bell die with the light? */
export function SwitchTrials() {
  const { kept, write } = useDoorbell();
  const [name, setName] = useState('');
  const tried = (bellDies: boolean) => {
    write('switchTried', { supplyId: kept.hangs.supplyId, name: name.trim(), bellDies });
    setName('');
  };
  const empty = name.trim() === '';
  return (
    <div className="group">
      <h2>Does the bell die with a light?</h2>
      <div className="fields">
        <TextInput
          label="switch that was turned off"
          text={name}
          most={TEXT.short}
          hint="stair light"
          onType={setName}
        />
        <div className="row-of">
          <Button variant="secondary" disabled={empty} onClick={() => tried(false)}>
            Bell rings
          </Button>
          <Button variant="secondary" disabled={empty} onClick={() => tried(true)}>
            Bell is dead
          </Button>
        </div>
      </div>
      {kept.switches.length > 0 && (
        <ul className="plain-list block-top">
          {kept.switches.map((trial) => (
            <li key={trial.entryId} className={trial.bellDies ? 'brick' : ''}>
              {trial.name} off: {trial.bellDies ? 'bell is dead' : 'bell rings'}{' '}
              <Button variant="link" onClick={() => write('entryStruck', { target: trial.entryId })}>
                take back
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
