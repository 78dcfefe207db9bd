'use client';
import { AnotherPoint } from './AnotherPoint';
import { ChimeFields } from './ChimeFields';
import { CustomerFields } from './CustomerFields';
import { DoorFields } from './DoorFields';
import { SiteFields } from './SiteFields';

/** What is taken in on arrival, in any order. */
export function LookBench() {
  return (
    <>
      <DoorFields />
      <ChimeFields />
      <div className="halves">
        <CustomerFields />
        <SiteFields />
      </div>
      <AnotherPoint />
    </>
  );
}
