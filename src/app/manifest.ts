import type { MetadataRoute } from 'next';
import { frameWords } from '@/words/screens';

/** What a phone shows of the program once it is installed. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: frameWords.foxLadder,
    short_name: frameWords.foxLadder,
    description: frameWords.whatItIs,
    start_url: '/',
    display: 'standalone',
    background_color: '#F3F5EE',
    theme_color: '#F3F5EE',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
  };
}
