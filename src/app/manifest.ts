import { tr } from '@/words/tr';
import type { MetadataRoute } from 'next';

/** Olvik as an app of a device: its name, its look, its marks; nothing of the shop. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Olvik',
    short_name: 'Olvik',
    description: tr`The working clock of a pizza bakery that raises its dough on living leavens.`,
    start_url: '/',
    scope: '/',
    display: 'standalone',
    background_color: '#EFE8D9',
    theme_color: '#EFE8D9',
    icons: [
      { src: '/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
      { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
    ],
  };
}
