export { fact, schemasOf, YES_NO, isDay, type Fact, type FactForm, type FactTable } from './fact';
export { LIMITS, TEXT } from './limits';
