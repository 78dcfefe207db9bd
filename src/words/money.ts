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

/** Every currency that the platform can write, by its code, with its name in the language of the program. */
export function currencies({ id }: Language = LANGUAGE): readonly { readonly code: string; readonly name: string }[] {
  const names = new Intl.DisplayNames(id, { type: 'currency' });
  return Intl.supportedValuesOf('currency').map((code) => ({ code, name: names.of(code) ?? code }));
}
