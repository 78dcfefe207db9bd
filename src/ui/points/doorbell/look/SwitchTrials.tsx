'use client';
import { doorLookWords } from '@/words/screens';
import { TextInput } from '../../../form/TextInput';
import { Button } from 'react-bootstrap';
import { useTypedText } from '../../../log/useTyped';
import { TEXT } from '@/core/kinds';
import { useDoorbell } from '../useDoorbell';

/** Every switch that was tried while somebody listened: does the bell die with the light? */
export function SwitchTrials() {
  const { kept, write } = useDoorbell();
  const [name, setName] = useTypedText(`switchTried/${kept.hangs.supplyId}`, doorLookWords.switchThatWasTurned);
  const tried = (bellDies: boolean) => {
    write('switchTried', { supplyId: kept.hangs.supplyId, name: name.trim(), bellDies });
    setName('');
  };
  const empty = name.trim() === '';
  return (
    <div className="group">
      <h2>{doorLookWords.doesTheBellDie}</h2>
      <div className="fields">
        <TextInput
          label={doorLookWords.switchThatWasTurned}
          text={name}
          most={TEXT.short}
          hint={doorLookWords.stairLight}
          onType={setName}
        />
        <div className="row-of">
          <Button variant="secondary" disabled={empty} onClick={() => tried(false)}>
            {doorLookWords.bellRings}
          </Button>
          <Button variant="secondary" disabled={empty} onClick={() => tried(true)}>
            {doorLookWords.bellIsDead}
          </Button>
        </div>
      </div>
      {kept.switches.length > 0 && (
        <ul className="plain-list block-top">
          {kept.switches.map((trial) => (
            <li key={trial.entryId} className={trial.bellDies ? 'brick' : ''}>
              {doorLookWords.off({
                name: trial.name,
                bellIsDead: trial.bellDies ? doorLookWords.bellIsDead2 : doorLookWords.bellRings2,
              })}{' '}
              <Button variant="link" onClick={() => write('entryStruck', { target: trial.entryId })}>
                {doorLookWords.takeBack}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
