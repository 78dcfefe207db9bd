'use client';
import { proveWords } from '@/words/screens';
import { parseISO } from 'date-fns';
import { Smartphone } from 'lucide-react';
import { useEffect, useEffectEvent, useState } from 'react';
import { Button } from 'react-bootstrap';
import type { DevicePhase, DeviceScript, DeviceTold } from '@/contract/instrument';
import { powerUpOf } from '@/core/points';
import { REPORT_WORDS } from '../../figures/checkWords';
import { volts } from '../../figures/words';
import { Choices } from '../../form/Choices';
import { useJob } from '../../log/JobContext';
import { simulated } from '../../meter/simulated';
import { shownAt } from './devicePlay';
import { minutesText } from './minutesText';
import { useNow } from './useNow';

const TOLD_WORDS: Readonly<Record<DeviceTold, string>> = {
  works: proveWords.toldWorks,
  dark: proveWords.toldDark,
  drops: proveWords.toldDrops,
  updateHangs: proveWords.toldUpdateHangs,
  wontJoin: proveWords.toldWontJoin,
};
const PHASE_WORDS: Readonly<Record<DevicePhase, string>> = {
  dark: proveWords.showsDark,
  starting: proveWords.showsStarting,
  updating: proveWords.showsUpdating,
  ready: proveWords.showsReady,
  joining: proveWords.showsJoining,
  joined: proveWords.showsJoined,
};
const TOLDS = Object.keys(TOLD_WORDS) as DeviceTold[];

/** A device that is none, to try the program with: it comes up, joins and reports, or fails as it is told. */
export function SimulatedDevice() {
  const [told, setTold] = useState<DeviceTold | null>(null);
  if (told === null)
    return (
      <Button variant="link" onClick={() => setTold('works')}>
        <Smartphone size={18} aria-hidden="true" /> {proveWords.simulatedDevice}{' '}
        <span className="simulated">{proveWords.simulated}</span>
      </Button>
    );
  return (
    <section className="block-top simulated-device" data-testid="simulated-device">
      <h3>
        {proveWords.simulatedDevice} <span className="simulated">{proveWords.simulated}</span>
      </h3>
      <Choices
        label={proveWords.itIsTold}
        options={TOLDS.map((value) => ({ value, words: TOLD_WORDS[value] }))}
        chosen={told}
        onPick={setTold}
      />
      <Play key={told} told={told} />
    </section>
  );
}

function Play({ told }: { readonly told: DeviceTold }) {
  const { keptJob, kept, log } = useJob();
  const now = useNow();
  const [script, setScript] = useState<DeviceScript | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const { id } = kept;
  const comesUp = useEffectEvent(() => simulated(({ deviceAt }) => deviceAt(keptJob, kept, told)));
  useEffect(() => {
    let isGone = false;
    comesUp().then(
      (read) => !isGone && setScript(read),
      (error: Error) => !isGone && setFault(error.message),
    );
    return () => {
      isGone = true;
    };
  }, [id, keptJob.id, told]);
  const { onSince } = powerUpOf(keptJob, kept);
  if (fault !== null)
    return (
      <p className="brick" role="alert">
        {fault}
      </p>
    );
  if (onSince === null) return <p>{proveWords.notOnYet}</p>;
  if (script === null || now === 0) return <p className="soft">{proveWords.beingRead}</p>;
  const since = (at: string): number => Math.max(0, now - Math.floor(parseISO(at).getTime() / 1000));
  const scanned = log.entries.findLast(
    ({ kind, data }) => kind === 'deviceDescribed' && data.pointId === id && data.code !== undefined,
  );
  const isScanned = kept.device.code !== undefined && scanned !== undefined;
  const { phase, forSeconds } = shownAt(script, since(onSince), isScanned ? since(scanned.at) : null);
  return (
    <>
      <p role="status">
        <b>{PHASE_WORDS[phase]}</b> <span className="figure soft">{minutesText(forSeconds)}</span>
      </p>
      {phase === 'joined' && <Reported script={script} />}
    </>
  );
}

/** What it says of itself once it joined, and a tap that takes it over. */
function Reported({ script: { dbm, upMbit, supply } }: { readonly script: DeviceScript }) {
  const { kept, write } = useJob();
  return (
    <>
      <p>
        {proveWords.itSaysOfItself({ dbm, upMbit })}{' '}
        {supply && proveWords.itSaysOfSupply({ volts: volts(supply.volts), report: REPORT_WORDS[supply.report] })}
      </p>
      <Button
        variant="secondary"
        onClick={() => write('deviceDescribed', { pointId: kept.id, dbm, upMbit, figuresBy: 'simulated' })}
      >
        {proveWords.takeItsFigures}
      </Button>
    </>
  );
}
