export { pointsInWords } from './boardRow';
export { currencies, moneyIn } from './money';
export { english } from './en';
export type { Language } from './language';
export { inWords, sayIn, termsIn, type Say } from './say';
export type { Place, Terms } from './terms';
