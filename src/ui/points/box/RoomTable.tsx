import { boxWords } from '@/words/screens';
import { Table } from 'react-bootstrap';
import type { Say } from '@/words';
import { roomWords } from '@/core/points';
import { SPACE_SHARE_MOST, in3ToCm3, type BoxRoom } from '@/core/junction';

/** What a box needs, line by line, against what it has. */
export function RoomTable({ say, room }: { readonly say: Say; readonly room: BoxRoom }) {
  const { by, items, requiredIn3, boxIn3, spareIn3, fits } = room;
  // The rule is written in in³; where there is none the place’s own unit stands
  const { unit, of } = by === 'rule' ? { unit: 'in³', of: (in3: number) => in3 } : { unit: 'cm³', of: in3ToCm3 };
  const shown = (in3: number): string => of(in3).toFixed(by === 'rule' ? 2 : 1);
  const taken = items.reduce((sum, { in3 }) => sum + in3, 0);
  return (
    <div className="room" data-testid="room">
      <RoomBar room={room} />
      <p className={fits ? 'moss' : 'brick'} role="status">
        <b>{say(roomWords(room))}</b>
      </p>
      <Table>
        <thead>
          <tr>
            <th>{by === 'rule' ? boxWords.countedByNEC314 : boxWords.spaceTaken}</th>
            <th className="n">{boxWords.count}</th>
            <th className="n">{boxWords.each({ unit })}</th>
            <th className="n">{unit}</th>
          </tr>
        </thead>
        <tbody>
          {items.map(({ what, count, eachIn3, in3 }) => (
            <tr key={say(what)}>
              <td>{say(what)}</td>
              <td className="n">{Number(count.toFixed(2))}</td>
              <td className="n">{shown(eachIn3)}</td>
              <td className="n">{shown(in3)}</td>
            </tr>
          ))}
          <tr>
            <td className="strong">
              {by === 'rule' ? boxWords.needed : boxWords.neededAt({ spaceShareMost: SPACE_SHARE_MOST * 100 })}
            </td>
            <td />
            <td className="n soft">{by === 'rule' ? '' : shown(taken)}</td>
            <td className="n strong">{shown(requiredIn3)}</td>
          </tr>
          <tr>
            <td>{boxWords.box}</td>
            <td />
            <td />
            <td className="n">{shown(boxIn3)}</td>
          </tr>
          <tr>
            <td className={spareIn3 < 0 ? 'brick' : ''}>{spareIn3 < 0 ? boxWords.shortBy : boxWords.toSpare}</td>
            <td />
            <td />
            <td className={`n${spareIn3 < 0 ? ' brick' : ''}`}>{shown(Math.abs(spareIn3))}</td>
          </tr>
        </tbody>
      </Table>
    </div>
  );
}

const BAR = { width: 400, height: 22 } as const;

/** The box as a bar, what is needed drawn into it and beyond it. */
function RoomBar({ room: { requiredIn3, boxIn3, fits } }: { readonly room: BoxRoom }) {
  const all = Math.max(requiredIn3, boxIn3);
  const x = (in3: number): number => (in3 / all) * BAR.width;
  return (
    <svg className="drawing room-bar" viewBox={`0 0 ${BAR.width} ${BAR.height}`} aria-hidden="true">
      <rect
        x="0"
        y="4"
        width={x(Math.min(requiredIn3, boxIn3))}
        height="14"
        className={fits ? 'filled' : 'filled over'}
      />
      {!fits && <rect x={x(boxIn3)} y="4" width={x(requiredIn3) - x(boxIn3)} height="14" className="beyond" />}
      <rect x="1" y="3" width={x(boxIn3) - 2} height="16" className="rim" />
    </svg>
  );
}
