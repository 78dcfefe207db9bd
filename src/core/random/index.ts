export { Z95, normalAt, normalShare, normals } from './normal';
export { evenly } from './evenly';
export { mixed, picked, seeded, type Random } from './random';
export { OUTERMOST_SIGMA, between, clip, drawFrom, logBetween, triangular, widths, type Widths } from './spreads';
