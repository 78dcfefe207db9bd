export { nextTest, type NextTest } from './nextTest';
export type { Done, FaultTest, LikelyFault, Troubleshooting, Walk } from './troubleshooting';
export * from './bell';
export * from './diagnosis';
