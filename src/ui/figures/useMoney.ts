'use client';
import { useContext, useMemo } from 'react';
import { moneyIn } from '@/words';
import { CurrencyContext } from './CurrencyContext';

/** Writes what something costs in the firm’s currency. */
export function useMoney(): (sum: number) => string {
  const currency = useContext(CurrencyContext);
  return useMemo(() => moneyIn(currency), [currency]);
}
