import type { ReactNode } from 'react';
import { Table } from 'react-bootstrap';

export interface PlainColumn<R> {
  /** What stands over it, which names it too; empty over what is pressed. */
  readonly words: string;
  readonly cell: (row: R) => ReactNode;
  readonly figures?: boolean;
  /** Left out where a phone has no room for it. */
  readonly notOnPhone?: boolean;
}

interface Props<R> {
  readonly columns: readonly PlainColumn<R>[];
  readonly rows: readonly R[];
  readonly keyOf: (row: R, index: number) => string;
  readonly className?: string;
}

/** A table that is read from above to below, and sorted by nobody. */
export function PlainTable<R>({ columns, rows, keyOf, className = '' }: Props<R>) {
  const classOf = ({ figures = false, notOnPhone = false }: PlainColumn<R>): string | undefined =>
    [figures && 'figure', notOnPhone && 'not-on-phone'].filter(Boolean).join(' ') || undefined;
  return (
    <Table className={`plain ${className}`} responsive>
      <thead>
        <tr>
          {columns.map((column) => (
            <th key={column.words} className={column.notOnPhone ? 'not-on-phone' : undefined}>
              {column.words}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row, i) => (
          <tr key={keyOf(row, i)}>
            {columns.map((column) => (
              <td key={column.words} className={classOf(column)}>
                {column.cell(row)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </Table>
  );
}
