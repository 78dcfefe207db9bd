export { Z95, normalAt, normalShare, normals } from './normal';
export { seeded, type Random } from './random';
