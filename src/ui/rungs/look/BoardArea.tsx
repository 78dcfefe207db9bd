'use client';
import { lookWords } from '@/words/screens';
import { useSay } from '../../log/useSay';
import { useTerms } from '../../log/useSay';
import { wayNumber, type Board } from '@/core/house';
import { regionOf } from '@/core/job';
import { LIMITS } from '@/core/kinds';
import { parseFigure, parsed, refused } from '@/core/units';
import { v7 } from 'uuid';
import { AskForm } from '../../form/AskForm';
import type { TypedField } from '../../form/field';
import { textField } from '../../form/fields';
import { useJob } from '../../log/JobContext';
import { WayRow } from './WayRow';

const WAYS = { unit: 'ways', unitWords: ['way', 'ways'], ...LIMITS.ways } as const;

const waysField: TypedField<{ readonly ways: number }> = {
  name: 'ways',
  label: lookWords.howManyWays,
  figure: true,
  shown: '',
  hint: '24',
  read: (text) => {
    const count = parseFigure(text, WAYS);
    if (!count.ok) return count;
    return Number.isInteger(count.value)
      ? parsed({ ways: count.value })
      : refused({ code: 'contradicts', words: lookWords.waysAreCountedA });
  },
  cleared: { ways: null },
};

/** The boards of the site, way by way, as they are labelled. */
export function BoardArea() {
  const say = useSay();
  const { keptJob, write } = useJob();
  const { boards } = keptJob;
  const words = useTerms();
  const { cautions } = regionOf(keptJob);
  return (
    <section>
      <p className="caution">{say(cautions.board)}</p>
      {boards.map((board) => (
        <BoardWays key={board.id} board={board} />
      ))}
      {boards.length === 0 ? (
        <>
          <h2>{lookWords.listThe({ board: words.board })}</h2>
          <p className="soft">{lookWords.itsNumberOfWays}</p>
        </>
      ) : (
        <h2>{lookWords.anotherBoardAtThe}</h2>
      )}
      <AskForm
        fields={[textField('name', lookWords.whichBoard, boards.length === 0 ? words.board : undefined), waysField]}
        submit={boards.length === 0 ? lookWords.listThe({ board: words.board }) : lookWords.listThatBoard}
        onSubmit={(data) => write('boardListed', { boardId: boards.length === 0 ? 'main' : v7(), ...data })}
      />
    </section>
  );
}

function BoardWays({ board }: { readonly board: Board }) {
  const { write } = useJob();
  const words = useTerms();
  const known = new Set(board.ways.map(({ way }) => way));
  const numberField: TypedField<{ readonly way: string }> = {
    ...textField('way', lookWords.itsNumberAsWritten, undefined, { hint: '7A', most: 16 }),
    read: (text) => {
      const way = wayNumber(text);
      if (way.length > 16) return refused({ code: 'contradicts', words: lookWords.aNumberHasAt });
      return known.has(way)
        ? refused({ code: 'contradicts', words: lookWords.standsThereAlready({ way: words.way, way2: way }) })
        : parsed({ way });
    },
  };
  return (
    <div className="board-ways">
      <h2>
        {board.name ?? words.board} <span className="soft">{lookWords.ways({ ways: board.ways.length })}</span>
      </h2>
      <div className="way-head" aria-hidden="true">
        <span>{words.way}</span>
        <span>{lookWords.labelAsWritten}</span>
        <span>A</span>
        <span>{lookWords.protectedBy}</span>
        <span>{lookWords.keepOn2}</span>
      </div>
      {board.ways.map((way) => (
        <WayRow key={way.id} way={way} />
      ))}
      <details>
        <summary>{lookWords.oneMore7A7B({ way: words.way })}</summary>
        <AskForm
          about={board.id}
          fields={[numberField]}
          submit={lookWords.addThe({ way: words.way })}
          onSubmit={(data) => write('wayListed', { boardId: board.id, ...data, gone: null })}
        />
      </details>
    </div>
  );
}
