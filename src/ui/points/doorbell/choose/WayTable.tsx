'use client';
import { chooseWords } from '@/words/screens';
import { Button, Table } from 'react-bootstrap';
import { useSay } from '../../../log/useSay';
import { useMemo } from 'react';
import type { Say } from '@/words';
import { said } from '@/core/said';
import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_basic,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { useState } from 'react';
import type { JudgedOption } from '@/core/advice';
import { SortHead } from '../../../table/SortHead';
import { useMoney } from '../../../figures/useMoney';
import { margin, percent } from '../../../figures/words';
import { DoorSpread } from './DoorSpread';
import { remarkOf } from './remarkOf';
import { wayWords } from '@/core/advice';

interface Props {
  readonly ways: readonly JudgedOption[];
  /** Ids of those worth considering first; the rest on demand. */
  readonly first: readonly string[];
  readonly hovered: string | null;
  readonly onHover: (id: string | null) => void;
  readonly selected: string | null;
  readonly taken: string | null;
  readonly proposed: string | null;
  /** It leads only: more may come. */
  readonly leads: boolean;
  readonly onSelect: (way: JudgedOption) => void;
}

/** Right end of the small drawings of door volts. */
const SPREAD_TO_VOLTS = 26;

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic },
});
const helper = createColumnHelper<typeof features, JudgedOption>();
const numeric = { meta: { numeric: true } } as const;
const columnsIn = (say: Say) =>
  helper.columns([
    helper.accessor((way) => say(wayWords(way)), { id: 'way', header: chooseWords.way, sortFn: 'alphanumeric' }),
    helper.accessor(
      ({ forbidden, judgement }) =>
        forbidden ? chooseWords.notAllowed : say(said('verdict', { verdict: judgement.verdict })),
      {
        id: 'verdict',
        header: chooseWords.verdict,
        sortFn: 'alphanumeric',
      },
    ),
    helper.accessor(({ judgement }) => judgement.marginVolts, {
      id: 'margin',
      header: chooseWords.toSpare,
      sortFn: 'basic',
      ...numeric,
    }),
    helper.accessor(({ judgement }) => judgement.belief, {
      id: 'belief',
      header: chooseWords.believed,
      sortFn: 'basic',
      ...numeric,
    }),
    helper.accessor(({ judgement }) => Math.min(...judgement.states.map(({ low }) => low.low)), {
      id: 'spread',
      header: chooseWords.doorVoltsByState,
      sortFn: 'basic',
    }),
    helper.accessor(({ treatment }) => (treatment.sounds ? chooseWords.rings : chooseWords.silent), {
      id: 'chime',
      header: chooseWords.chime,
      sortFn: 'alphanumeric',
    }),
    helper.accessor('minutes', { id: 'minutes', header: chooseWords.minutes, sortFn: 'basic', ...numeric }),
    helper.accessor('cost', { id: 'cost', header: chooseWords.cost, sortFn: 'basic', ...numeric }),
  ]);

const isComputed = ({ judgement }: JudgedOption): boolean => judgement.verdict !== 'notComputed';

const FIGURES: Readonly<Record<string, (way: JudgedOption, money: (sum: number) => string) => string>> = {
  // What was not computed has no figure
  margin: (way) =>
    !isComputed(way)
      ? '–'
      : way.judgement.governingVolts > 0
        ? margin(way.judgement.marginVolts)
        : chooseWords.collapses,
  belief: (way) => (isComputed(way) ? percent(way.judgement.belief) : '–'),
  minutes: ({ minutes }) => String(minutes),
  cost: ({ cost }, money) => money(cost),
};

/** The ways side by side; those worth considering first, the rest on demand. */
export function WayTable({ ways, first, selected, hovered, taken, proposed, leads, onSelect, onHover }: Props) {
  const say = useSay();
  const money = useMoney();
  const [all, setAll] = useState(false);
  const table = useTable({
    features,
    columns: useMemo(() => columnsIn(say), [say]),
    data: ways,
    getRowId: ({ id }) => id,
  });
  const rows = table.getRowModel().rows;
  const shown = all ? rows : rows.filter(({ id }) => first.includes(id) || id === selected || id === taken);
  const folded = rows.length - shown.length;
  return (
    <>
      <div className="scroll-x">
        <Table className="ways">
          <SortHead
            heads={table.getFlatHeaders().map((header) => ({
              id: header.id,
              words: <table.FlexRender header={header} />,
              figures: FIGURES[header.id] !== undefined,
              sorted: header.column.getIsSorted(),
              onSort: header.column.getToggleSortingHandler(),
            }))}
          />
          <tbody>
            {shown.map((row) => {
              const way = row.original;
              const remark = remarkOf(way.id, { taken, proposed, leads });
              return (
                <tr
                  key={row.id}
                  aria-selected={row.id === selected}
                  className={`pick${row.id === hovered ? ' over' : ''}${way.dominated ? ' beaten' : ''}`}
                  onClick={() => onSelect(way)}
                  onMouseEnter={() => onHover(row.id)}
                  onMouseLeave={() => onHover(null)}
                >
                  {row.getAllCells().map((cell) => (
                    <td key={cell.id} className={FIGURES[cell.column.id] ? 'n' : undefined}>
                      {cell.column.id === 'way' ? (
                        <Button variant="bare" className="way" onClick={() => onSelect(way)}>
                          {say(wayWords(way))} {remark && <span className="remark">{remark}</span>}
                        </Button>
                      ) : cell.column.id === 'spread' ? (
                        isComputed(way) ? (
                          <DoorSpread way={way} most={SPREAD_TO_VOLTS} />
                        ) : (
                          <span className="small soft">{chooseWords.notComputed}</span>
                        )
                      ) : cell.column.id === 'verdict' ? (
                        <span className={`pill ${way.forbidden ? 'fails' : way.judgement.verdict}`}>
                          <table.FlexRender cell={cell} />
                        </span>
                      ) : (
                        (FIGURES[cell.column.id]?.(way, money) ?? <table.FlexRender cell={cell} />)
                      )}
                    </td>
                  ))}
                </tr>
              );
            })}
          </tbody>
        </Table>
      </div>
      {(all || folded > 0) && (
        <Button variant="link" aria-expanded={all} onClick={() => setAll(!all)}>
          {all ? chooseWords.showTheFirstFew : chooseWords.showAllWaysAre({ rows: rows.length, folded })}
        </Button>
      )}
    </>
  );
}
