import type { Entry } from '@/core/kinds';
import type { Calendar, DemoJob } from './demoJob';
import { DemoLog } from './demoLog';
import { INES } from './crew';
import { avocetRectory } from './jobs/avocetRectory';
import { cormorantRow } from './jobs/cormorantRow';
import { curlewBarn } from './jobs/curlewBarn';
import { dunlinTerrace } from './jobs/dunlinTerrace';
import { eiderYard } from './jobs/eiderYard';
import { fulmarMews } from './jobs/fulmarMews';
import { garganeyHouse } from './jobs/garganeyHouse';
import { godwitLane } from './jobs/godwitLane';
import { gullHouse } from './jobs/gullHouse';
import { knotCottage } from './jobs/knotCottage';
import { lapwingLodge } from './jobs/lapwingLodge';
import { marramView } from './jobs/marramView';
import { oysterQuay } from './jobs/oysterQuay';
import { petrelSteps } from './jobs/petrelSteps';
import { pintailRow } from './jobs/pintailRow';
import { ploverPoint } from './jobs/ploverPoint';
import { redshankHall } from './jobs/redshankHall';
import { ruffLanding } from './jobs/ruffLanding';
import { sandpiperHouse } from './jobs/sandpiperHouse';
import { scoterMews } from './jobs/scoterMews';
import { smewCourt } from './jobs/smewCourt';
import { terekCottage } from './jobs/terekCottage';
import { ternCottage } from './jobs/ternCottage';
import { turnstoneLodge } from './jobs/turnstoneLodge';
import { whimbrelCourt } from './jobs/whimbrelCourt';

/** The made-up firm’s jobs, at all stages; every figure is consistent with the program’s own physics. */
const JOBS: readonly DemoJob[] = [
  ternCottage,
  sandpiperHouse,
  marramView,
  cormorantRow,
  gullHouse,
  lapwingLodge,
  oysterQuay,
  whimbrelCourt,
  dunlinTerrace,
  redshankHall,
  avocetRectory,
  eiderYard,
  curlewBarn,
  fulmarMews,
  ploverPoint,
  knotCottage,
  petrelSteps,
  turnstoneLodge,
  ruffLanding,
  scoterMews,
  terekCottage,
  smewCourt,
  garganeyHouse,
  godwitLane,
  pintailRow,
];

/** All jobs with their entries. */
export function demoJobs(newId: () => string, day: Calendar): readonly { title: string; entries: readonly Entry[] }[] {
  return JOBS.map(({ title, begun, write }) => {
    const log = new DemoLog(title, newId, INES, begun(day));
    write(log, day);
    return { title, entries: log.entries };
  });
}
