import type { RegionPack } from '@/core/region';

export type ConductorWords = Pick<RegionPack['words'], 'hot' | 'ground'>;

/** What a conductor, or the joint that it goes to, is called at this place: hot or line, ground or earth. */
export const conductorWord = ({ hot, ground }: ConductorWords, name: string): string =>
  name === 'hot' ? hot : name === 'ground' ? ground : name;
