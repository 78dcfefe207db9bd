'use client';
import { chooseWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { useDoorbell } from '../useDoorbell';

/** The transformer that was taken can’t be bought: no way is made of it any more, until it can. */
export function CantBeHad() {
  const { kept, write } = useDoorbell();
  const gone = kept.look.cantHave ?? [];
  const taken = kept.choice?.data.transformer;
  const say = (list: readonly { readonly id: string; readonly name: string }[]) =>
    write('pointDescribed', { pointId: kept.id, cantHave: list.length === 0 ? null : [...list] });
  if (gone.length === 0 && !taken) return null;
  return (
    <p className="small" data-testid="cant-be-had">
      {gone.length > 0 && (
        <>
          {chooseWords.notToBeHad({ names: gone.map(({ name }) => name).join(', ') })}{' '}
          <Button variant="link" onClick={() => say([])}>
            {chooseWords.canBeHad}
          </Button>
        </>
      )}
      {taken && gone.every(({ id }) => id !== taken.id) && (
        <Button variant="link" onClick={() => say([...gone, { id: taken.id, name: taken.name }])}>
          {chooseWords.cantBeBought({ name: taken.name })}
        </Button>
      )}
    </p>
  );
}
