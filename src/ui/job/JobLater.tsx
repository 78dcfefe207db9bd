'use client';
import { useSearchParams } from 'next/navigation';
import { lazy, Suspense, type ComponentProps } from 'react';
import { RUNGS } from '@/core/kinds';
import { OnClient } from '../frame/OnClient';
import type { HandedLog } from '../log/handed';
import { LogHere } from '../log/LogHere';
import { jobScreen } from './screenCode';

const asked = () => jobScreen().then(({ JobScreen }) => ({ default: JobScreen }));
// As soon as this is read: the page stands meanwhile with what the board knows
const fetched = typeof window === 'undefined' ? null : asked();
const JobScreen = lazy(() => fetched ?? asked());

type Shown = Omit<ComponentProps<typeof JobScreen>, 'pointId' | 'firstRung' | 'firstArea'>;
type Props = Omit<Shown, 'log'> & {
  /** Null: the page was made for no job in particular, and the browser knows which. */
  readonly log: HandedLog | null;
};

/** The job’s screen, drawn in the browser only. */
export function JobLater({ log, ...props }: Props) {
  return (
    <OnClient ahead={props.ahead}>
      <Suspense fallback={props.ahead}>
        <LogHere log={log} ahead={props.ahead}>
          {(known) => <At {...props} log={known} />}
        </LogHere>
      </Suspense>
    </OnClient>
  );
}

/** Where in the job is read off the address here: a page that lies in the browser was made for another part of it. */
function At(props: Shown) {
  const at = useSearchParams();
  const rung = at.get('rung');
  return (
    <JobScreen
      {...props}
      pointId={at.get('point') ?? ''}
      firstRung={RUNGS.find((one) => one === rung) ?? null}
      firstArea={at.get('area')}
    />
  );
}
