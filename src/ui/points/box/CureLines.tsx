'use client';
import { boxWords } from '@/words/screens';
import { useSay } from '../../log/useSay';
import { roomWords } from '@/core/points';
import type { RoomCure } from '@/core/junction';

/** What would give a box more room, each with the room that it gives. */
export function CureLines({ cures }: { readonly cures: readonly RoomCure[] }) {
  const say = useSay();
  if (cures.length === 0) return null;
  return (
    <>
      <h3>{boxWords.whatWouldCureIt}</h3>
      <ul className="plain-list" data-testid="cures">
        {cures.map(({ id, name, room, where, minutes }) => (
          <li key={id}>
            {say(name)}, {minutes} min: <span className={room.fits ? 'moss' : 'brick'}>{say(roomWords(room))}</span>{' '}
            {say(where)}
          </li>
        ))}
      </ul>
    </>
  );
}
