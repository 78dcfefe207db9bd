export type { Step, StepPlace, Terminal, Touches } from './step';
