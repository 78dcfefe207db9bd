export { fact, schemasOf, YES_NO, type Answer, type Fact, type FactForm, type FactTable, type FactWords } from './fact';
export { factText, inTerms } from './factText';
export { LIMITS, TEXT } from './limits';
