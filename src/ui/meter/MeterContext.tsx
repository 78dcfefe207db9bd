'use client';
import {
  Suspense,
  createContext,
  lazy,
  useCallback,
  useContext,
  useMemo,
  useRef,
  useState,
  type ReactNode,
} from 'react';
import { useKeys } from '../frame/useKeys';
import type { Taking } from './taking';

const MeterDialog = lazy(() => import('./MeterDialog').then(({ MeterDialog: Dialog }) => ({ default: Dialog })));

interface MeterHold {
  /** False: there is no meter here, fields show no button. */
  readonly there: boolean;
  /** Whether it is the simulated one, which marks what it gives. */
  readonly simulated: boolean;
  readonly open: (taking: Taking) => void;
}

const MeterContext = createContext<MeterHold>({ there: false, simulated: false, open: () => undefined });

/** Marks the button of a field; `m` presses the one that is asked for, else the one used last, else the first. */
export const METER_BUTTON = 'data-meter';

function pressMeter(last: string | null): void {
  const all = [...document.querySelectorAll<HTMLButtonElement>(`.bench [${METER_BUTTON}]`)];
  const asked = all.find((button) => button.closest('.asked'));
  const again = all.find((button) => button.getAttribute(METER_BUTTON) === last);
  (asked ?? again ?? all[0])?.click();
}

/** Holds the one meter of a job's screen and its dialog. */
export function MeterProvider({ simulated, children }: { readonly simulated: boolean; readonly children: ReactNode }) {
  const [taking, setTaking] = useState<Taking | null>(null);
  const last = useRef<string | null>(null);
  const open = useCallback((next: Taking) => {
    last.current = next.label;
    setTaking(next);
  }, []);
  useKeys({ m: () => pressMeter(last.current) });
  const value = useMemo(() => ({ there: simulated, simulated, open }), [simulated, open]);
  return (
    <MeterContext value={value}>
      {children}
      {taking && (
        <Suspense>
          <MeterDialog taking={taking} onClose={() => setTaking(null)} />
        </Suspense>
      )}
    </MeterContext>
  );
}

export const useMeter = (): MeterHold => useContext(MeterContext);
