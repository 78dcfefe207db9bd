import { sheetWords } from '@/words/screens';
import { Fragment, type ReactNode } from 'react';

/** Label and value in lines; what was never said is left out. */
export function Lines({ lines }: { readonly lines: readonly (readonly [string, ReactNode])[] }) {
  const said = lines.filter(([, value]) => value !== undefined && value !== null && value !== '' && value !== false);
  if (said.length === 0) return <p className="soft">{sheetWords.nothingWrittenDown}</p>;
  return (
    <dl className="lines">
      {said.map(([label, value]) => (
        <Fragment key={label}>
          <dt>{label}</dt>
          <dd>{value}</dd>
        </Fragment>
      ))}
    </dl>
  );
}
