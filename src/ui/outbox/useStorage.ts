import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';

interface Standing {
  /** Bytes that this program takes up here, and may; null: this browser does not say. */
  readonly used: number | null;
  readonly all: number | null;
  /** The browser promised not to clear it away by itself. */
  readonly isLasting: boolean;
}

export interface DeviceStorage extends Standing {
  readonly isFull: boolean;
  /** It was asked for that, and did not promise. */
  readonly refused: boolean;
  readonly ask: () => void;
}

/** From this share on a browser may refuse to keep more. */
const FULL_SHARE = 0.9;

const UNKNOWN: Standing = { used: null, all: null, isLasting: false };

async function read(): Promise<Standing> {
  // Only a secure address has it
  const storage = (navigator as Partial<Navigator>).storage;
  if (!storage) return UNKNOWN;
  const { usage = null, quota = null } = await storage.estimate();
  return { used: usage, all: quota, isLasting: await storage.persisted() };
}

/** What this browser keeps of the program, and whether it may clear it away. */
export function useStorage(): DeviceStorage {
  const { data = UNKNOWN, refetch } = useQuery({ queryKey: ['storage'], queryFn: read });
  const [refused, setRefused] = useState(false);
  const ask = (): void => {
    const asked = async (): Promise<void> => {
      await (navigator as Partial<Navigator>).storage?.persist();
      setRefused((await refetch()).data?.isLasting !== true);
    };
    asked().catch((error: unknown) => console.warn(error));
  };
  const { used, all } = data;
  return { ...data, refused, ask, isFull: used !== null && all !== null && all > 0 && used / all > FULL_SHARE };
}
