'use client';
import { catalogueWords } from '@/words/screens';
import { Button, Table } from 'react-bootstrap';
import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  sortFn_alphanumeric,
  sortFn_basic,
  tableFeatures,
  useTable,
} from '@tanstack/react-table';
import { useMemo } from 'react';
import { SHELVES, textOf, valueText, type Column, type ShelfId, type ShelvedItem } from '@/core/catalogue';
import { SortHead } from '../table/SortHead';

interface Props {
  readonly shelf: ShelfId;
  readonly items: readonly ShelvedItem[];
  readonly picked: string | null;
  readonly onPick: (item: ShelvedItem) => void;
}

const features = tableFeatures({
  rowSortingFeature,
  sortedRowModel: createSortedRowModel(),
  sortFns: { alphanumeric: sortFn_alphanumeric, basic: sortFn_basic },
});
const helper = createColumnHelper<typeof features, ShelvedItem>();

const OWN_WORDS = {
  shipped: catalogueWords.ships,
  own: catalogueWords.own,
  instead: catalogueWords.ownInPlaceOf,
} as const;
const ownWords = ({ own, instead }: ShelvedItem): string => OWN_WORDS[instead ? 'instead' : own ? 'own' : 'shipped'];

/** One shelf: the columns that people compare, sorted by a touch on their head. */
export function ShelfTable({ shelf, items, picked, onPick }: Props) {
  const main: readonly Column[] = SHELVES[shelf].columns.filter((column: Column) => column.main);
  const columns = useMemo(
    () =>
      helper.columns([
        ...main.map((column) =>
          helper.accessor(
            ({ values }) => {
              const value = values[column.name];
              return typeof value === 'number' ? value : valueText(value);
            },
            {
              id: column.name,
              header: column.type === 'figure' && column.unit ? `${column.words}, ${column.unit}` : column.words,
              sortFn: column.type === 'figure' ? 'basic' : 'alphanumeric',
            },
          ),
        ),
        helper.accessor(ownWords, { id: 'own', header: 'whose', sortFn: 'alphanumeric' }),
      ]),
    // The shelf’s columns never change, and each shelf has a table of its own
    // oxlint-disable-next-line react/exhaustive-deps
    [shelf],
  );
  const table = useTable({ features, columns, data: items, getRowId: ({ values }) => textOf(values, 'id') });
  const figures = new Set(main.filter(({ type }) => type === 'figure').map(({ name }) => name));
  return (
    <div className="scroll-x">
      <Table className="ways">
        <SortHead
          heads={table.getFlatHeaders().map((header) => ({
            id: header.id,
            words: <table.FlexRender header={header} />,
            figures: figures.has(header.id),
            sorted: header.column.getIsSorted(),
            onSort: header.column.getToggleSortingHandler(),
          }))}
        />
        <tbody>
          {table.getRowModel().rows.map((row) => (
            <tr key={row.id} className="pick" aria-selected={row.id === picked} onClick={() => onPick(row.original)}>
              {row.getAllCells().map((cell) => (
                <td key={cell.id} className={figures.has(cell.column.id) ? 'n' : undefined}>
                  {cell.column.id === 'name' ? (
                    <Button variant="bare" className="way" onClick={() => onPick(row.original)}>
                      <table.FlexRender cell={cell} />
                    </Button>
                  ) : (
                    <table.FlexRender cell={cell} />
                  )}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
    </div>
  );
}
