export { fact, schemasOf, YES_NO, type Fact, type FactForm, type FactTable } from './fact';
export { LIMITS, TEXT } from './limits';
