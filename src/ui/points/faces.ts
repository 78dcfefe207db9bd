'use client';
import type { PointKind } from '@/core/kinds';
import { doorbellFace } from './doorbell/face';
import type { PointFace } from './face';
import { floodlightFace } from './floodlight/face';
import { plugFloodlightFace } from './plugFloodlight/face';

/** How each kind of point looks on a job’s screens: a line for each kind. */
export const FACES: Readonly<Record<PointKind, PointFace>> = {
  doorbell: doorbellFace,
  floodlight: floodlightFace,
  plugFloodlight: plugFloodlightFace,
};

/** Fetches what all rungs need once one stands: in the cellar there may be no server to ask. One by one, so that a hand waits for none. */
export async function loadAllBenches(): Promise<void> {
  for (const { benches } of Object.values(FACES))
    for (const { load } of Object.values(benches)) await load().catch(() => undefined);
}
