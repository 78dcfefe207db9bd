export { Z95, normalShare, normals } from './normal';
export { seeded, type Random } from './random';
