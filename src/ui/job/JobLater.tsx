'use client';
import { lazy, Suspense, type ComponentProps } from 'react';
import { OnClient } from '../frame/OnClient';
import { jobScreen } from './screenCode';

const asked = () => jobScreen().then(({ JobScreen }) => ({ default: JobScreen }));
// As soon as this is read: the page stands meanwhile with what the board knows
const fetched = typeof window === 'undefined' ? null : asked();
const JobScreen = lazy(() => fetched ?? asked());

/** The job’s screen, drawn in the browser only. */
export function JobLater(props: ComponentProps<typeof JobScreen>) {
  return (
    <OnClient ahead={props.ahead}>
      <Suspense fallback={props.ahead}>
        <JobScreen {...props} />
      </Suspense>
    </OnClient>
  );
}
