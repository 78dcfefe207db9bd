'use client';
import { useState, type ComponentType } from 'react';
import { AREAS, AREA_OF_MISSING, areasOf, missingAtLook, missingFromCustomer, type Area } from '@/core/job';
import { PhotosArea } from '../kit/photo/PhotosArea';
import { useJob } from '../kit/job/JobContext';
import { AreaStrip } from './AreaStrip';
import { BagArea } from './BagArea';
import { BeforeArea } from './BeforeArea';
import { BoardArea } from './BoardArea';
import { ChimeArea } from './ChimeArea';
import { DoorArea } from './DoorArea';
import { FixtureArea } from './FixtureArea';
import { HouseArea } from './HouseArea';
import { PlateArea } from './PlateArea';
import { SupplyArea } from './SupplyArea';
import { TransformerArea } from './TransformerArea';
import { ViewArea } from './ViewArea';
import { WifiArea } from './WifiArea';

/** What is filled in at each part of the survey; one line per area. */
const AREA_FORMS: Readonly<Record<Area, ComponentType>> = {
  before: BeforeArea,
  door: DoorArea,
  fixture: FixtureArea,
  plate: PlateArea,
  view: ViewArea,
  chime: ChimeArea,
  transformer: TransformerArea,
  supply: SupplyArea,
  wifi: WifiArea,
  house: HouseArea,
  board: BoardArea,
  photos: PhotosArea,
  bag: BagArea,
};

/** From this many open things on the customer is asked before anything is looked at. */
const MANY_OPEN = 5;

/** The survey by areas, in any order: one at a time, so that it can be filled with one thumb. */
export function LookBench() {
  const { keptJob, kept, area: picked, go } = useJob();
  const areas = areasOf(keptJob, kept);
  const first = missingAtLook(keptJob, kept)[0];
  const asked = first ? AREA_OF_MISSING[first.id] : undefined;
  const untouched = Object.keys(kept.look).length + Object.keys(kept.chime).length === 0;
  const home = kept.kind === 'doorbell' ? 'door' : 'fixture';
  // Where the survey stood when it was opened: an area is never pulled away under the hand
  const [opened] = useState<Area>(
    untouched && missingFromCustomer(keptJob).length >= MANY_OPEN ? 'before' : (asked ?? home),
  );
  const wanted = AREAS.find((area) => area === picked) ?? opened;
  const area = areas.some((one) => one.area === wanted) ? wanted : home;
  const Form = AREA_FORMS[area];
  return (
    <>
      <AreaStrip areas={areas} here={area} asked={asked} onPick={(next) => go('look', next)} />
      <Form key={area} />
    </>
  );
}
