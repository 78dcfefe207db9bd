import { regionPack } from '@/core/region';
import { sayIn } from './say';

/** Words of the default region, for tests that read what is said. */
export const say = sayIn({ region: regionPack(undefined), lengths: 'imperial' });
/** Words of Britain and Ireland. */
export const sayBritish = sayIn({ region: regionPack('gb-230'), lengths: 'metric' });
