'use client';
import { meterWords } from '@/words/screens';
import { Button } from 'react-bootstrap';
import { Gauge } from 'lucide-react';
import type { MeterTask } from '@/contract/instrument';
import { METER_BUTTON, useMeter } from './MeterContext';

interface Props {
  readonly id: string;
  readonly label: string;
  readonly task: MeterTask;
  readonly onTake: (text: string) => void;
}

/** Takes a field's reading from the meter; not there where there is no meter. */
export function TakeButton({ id, label, task, onTake }: Props) {
  const { there, open } = useMeter();
  if (!there) return null;
  return (
    <Button
      variant="bare"
      className="from-meter"
      aria-label={meterWords.takeFromTheMeter({ label })}
      title={meterWords.fromTheMeterM}
      aria-controls={id}
      {...{ [METER_BUTTON]: label }}
      onClick={() => open({ label, task, onTake })}
    >
      <Gauge size={18} aria-hidden="true" />
    </Button>
  );
}
