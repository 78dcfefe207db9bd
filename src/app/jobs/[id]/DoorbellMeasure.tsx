'use client';
import { BoxBench } from '@/ui/box/BoxBench';
import { MeasureBench } from '@/ui/measure/MeasureBench';

/** The bell circuit, and below it the box that the transformer’s mains side sits on. */
export function DoorbellMeasure() {
  return (
    <>
      <MeasureBench />
      <details className="block-top transformer-box">
        <summary>The transformer’s box: room, conductors by test, feed</summary>
        <BoxBench />
      </details>
    </>
  );
}
