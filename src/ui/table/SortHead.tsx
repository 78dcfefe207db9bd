import { Button } from 'react-bootstrap';
import type { ReactNode } from 'react';

/** One column’s head: its words, whether it holds figures, and how the rows are sorted by it. */
export interface Head {
  readonly id: string;
  readonly words: ReactNode;
  readonly figures: boolean;
  readonly sorted: false | 'asc' | 'desc';
  readonly onSort: ((event: unknown) => void) | undefined;
}

const ARIA = { asc: 'ascending', desc: 'descending' } as const;
const ARROW = { asc: ' ↑', desc: ' ↓' } as const;

/** The head of a table whose rows are sorted by a touch on a column. */
export function SortHead({ heads }: { readonly heads: readonly Head[] }) {
  return (
    <thead>
      <tr>
        {heads.map(({ id, words, figures, sorted, onSort }) => (
          <th key={id} className={figures ? 'n' : undefined} aria-sort={sorted ? ARIA[sorted] : 'none'}>
            <Button variant="bare" onClick={onSort}>
              {words}
              {sorted ? ARROW[sorted] : ''}
            </Button>
          </th>
        ))}
      </tr>
    </thead>
  );
}
