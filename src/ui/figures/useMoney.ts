'use client';
import { createContext, useContext, useMemo } from 'react';
import { moneyIn } from '@/words';

/** The firm’s currency by its code; empty where it said none. */
export const CurrencyContext = createContext('');

/** Writes what something costs in the firm’s currency. */
export function useMoney(): (sum: number) => string {
  const currency = useContext(CurrencyContext);
  return useMemo(() => moneyIn(currency), [currency]);
}
