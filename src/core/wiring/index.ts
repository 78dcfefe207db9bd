export { mainsSideSteps, type TransformerFit } from './mainsSide';
export type { Step, StepPlace, Terminal, Touches } from './step';
