'use client';
import { useState, type ComponentType } from 'react';
import { missingFromCustomer } from '@/core/job';
import { areasOf, firstAreaOf, isUntouched, missingAtLook } from '@/core/points';
import { useJob } from '../../log/JobContext';
import { PhotosArea } from '../../photo/PhotosArea';
import { AreaStrip } from './AreaStrip';
import { BeforeArea } from './BeforeArea';
import { BoardArea } from './BoardArea';
import { EarlierJob } from './EarlierJob';
import { HouseArea } from './HouseArea';
import { PlanArea } from './plan/PlanArea';
import { ViewArea } from './ViewArea';
import { WifiArea } from './WifiArea';

/** Forms of the areas that every kind of point has. */
export const SHARED_AREA_FORMS = {
  before: BeforeArea,
  view: ViewArea,
  wifi: WifiArea,
  house: HouseArea,
  plan: PlanArea,
  board: BoardArea,
  photos: PhotosArea,
} as const;

/** From this many open things on the customer is asked before anything is looked at. */
const MANY_OPEN = 5;

interface Props {
  /** What is filled in at each area of this kind of point. */
  readonly forms: Readonly<Record<string, ComponentType>>;
}

/** The survey by areas, in any order: one at a time, so that it can be filled with one thumb. */
export function LookBench({ forms }: Props) {
  const { keptJob, kept, area: picked, go } = useJob();
  const areas = areasOf(keptJob, kept);
  const asked = missingAtLook(keptJob, kept)[0]?.area ?? undefined;
  const home = firstAreaOf(kept);
  // Where the survey stood when it was opened: an area is never pulled away under the hand
  const [opened] = useState(
    isUntouched(kept) && missingFromCustomer(keptJob).length >= MANY_OPEN ? 'before' : (asked ?? home),
  );
  const wanted = picked !== null && picked in forms ? picked : opened;
  const area = areas.some((one) => one.area === wanted) ? wanted : home;
  const Form = forms[area];
  return (
    <>
      <EarlierJob />
      <AreaStrip areas={areas} here={area} asked={asked} onPick={(next) => go('look', next)} />
      {Form && <Form key={area} />}
    </>
  );
}
