'use client';
import { jobWords } from '@/words/screens';
import { Suspense, useCallback, useEffect, useState, type ReactNode } from 'react';
import { RUNGS, type Rung } from '@/core/kinds';
import type { Settings } from '@/contract/settings';
import type { Catalogue } from '@/core/catalogue';
import type { DeadNew, RepairsFound } from '@/core/points';
import { useHanded, type HandedLog } from '../log/handed';
import { JobProvider, useJob } from '../log/JobContext';
import { MeterProvider } from '../meter/MeterContext';
import { useKeys } from '../frame/useKeys';
import { FACES, loadAllBenches } from '../points/faces';
import { BenchHead } from './BenchHead';
import { Carry } from './Carry';
import { ComingBack } from './ComingBack';
import { Conflicts } from './Conflicts';
import { FirstPoint } from './FirstPoint';
import { FootBar } from './FootBar';
import { Rail } from './Rail';

interface Props {
  readonly log: HandedLog;
  readonly pointId: string;
  readonly firstRung: Rung | null;
  readonly firstArea: string | null;
  readonly settings: Settings;
  readonly catalogue: Catalogue;
  /** What the firm’s repairs have taught. */
  readonly found: RepairsFound;
  readonly deadNew: readonly DeadNew[];
  /** What stands there until the point is judged. */
  readonly ahead: ReactNode;
}

/** A job: the ladder at the left, the bench of the rung at hand in the middle, the carry sheet at the right. */
export function JobScreen({ log, pointId, firstRung, firstArea, settings, catalogue, found, deadNew, ahead }: Props) {
  const { head, entries } = useHanded(log);
  const [rung, setRung] = useState(firstRung);
  const [area, setArea] = useState(firstArea);
  const go = useCallback(
    (next: Rung, part?: string) => {
      setRung(next);
      setArea(part ?? null);
      const at = new URLSearchParams({
        ...(pointId ? { point: pointId } : {}),
        rung: next,
        ...(part ? { area: part } : {}),
      });
      window.history.replaceState(null, '', `?${at.toString()}`);
      window.scrollTo({ top: 0 });
    },
    [pointId],
  );
  return (
    <JobProvider
      key={pointId}
      head={head}
      firstEntries={entries}
      pointId={pointId}
      catalogue={catalogue}
      found={found}
      deadNew={deadNew}
      rung={rung}
      area={area}
      go={go}
      empty={<FirstPoint head={head} />}
      ahead={ahead}
    >
      <MeterProvider simulated={settings.simulatedDevices}>
        <Benched />
      </MeterProvider>
    </JobProvider>
  );
}

/** Puts the cursor where a new reading is asked for. */
const focusAsked = () =>
  // After the bench has been drawn
  setTimeout(() => document.querySelector<HTMLInputElement>('.bench .asked input, .bench input')?.focus(), 50);

function Benched() {
  const { rung, go, move, point, isJudging } = useJob();
  useEffect(() => void loadAllBenches(), []);
  const { Shown } = FACES[point.kind].benches[rung];
  useKeys({
    ...Object.fromEntries(RUNGS.map((one, i) => [String(i + 1), () => go(one)])),
    n: () => {
      go(move.rung);
      document.querySelector<HTMLElement>('.bench')?.focus();
    },
    r: () => {
      go('measure');
      focusAsked();
    },
  });
  return (
    <div className="job" aria-busy={isJudging}>
      <Rail />
      <main id="main" className="bench" tabIndex={-1}>
        <BenchHead />
        <ComingBack />
        <Conflicts />
        <Suspense fallback={<p className="soft">{jobWords.fetchingThisRung}</p>}>
          <Shown />
        </Suspense>
      </main>
      <aside className="carry" aria-label={jobWords.carrySheet} tabIndex={0}>
        <Carry />
      </aside>
      <FootBar />
    </div>
  );
}
