'use client';
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
        <div className="field">
          <label htmlFor="switch-name">switch that was turned off</label>
          <div className="box">
            <input
              id="switch-name"
              value={name}
              maxLength={TEXT.short}
              autoComplete="off"
              placeholder="stair light"
              onChange={(event) => setName(event.target.value)}
            />
          </div>
        </div>
        <div className="row-of">
          <button type="button" className="button" disabled={empty} onClick={() => tried(false)}>
            Bell rings
          </button>
          <button type="button" className="button" disabled={empty} onClick={() => tried(true)}>
            Bell is dead
          </button>
        </div>
      </div>
      {kept.switches.length > 0 && (
        <ul className="plain-list block-top">
          {kept.switches.map((trial) => (
            <li key={trial.entryId} className={trial.bellDies ? 'brick' : ''}>
              {trial.name} off: {trial.bellDies ? 'bell is dead' : 'bell rings'}{' '}
              <button
                type="button"
                className="button quiet"
                onClick={() => write('entryStruck', { target: trial.entryId })}
              >
                take back
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
