import { LANGUAGE } from './chosen';
import type { Language } from './language';

/**
 * Writes sums in the firm’s currency.
 * @param currency its ISO 4217 code; empty: sums are bare figures
 */
export const moneyIn =
  (currency: string, { writing }: Language = LANGUAGE) =>
  (sum: number): string =>
    writing.money(sum, currency);
