import type { MetadataRoute } from 'next';

/** What a tablet or phone needs to keep the bench on its home screen, in a window of its own. */
export default function manifest(): MetadataRoute.Manifest {
  return {
    name: 'Inch Nest',
    short_name: 'Inch Nest',
    description: 'Wrap, box, fill, weigh and rate one-off fragile pieces.',
    id: '/',
    start_url: '/',
    display: 'standalone',
    background_color: '#f4efe4',
    theme_color: '#1f5a4c',
    icons: [{ src: '/icon.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' }],
    shortcuts: [
      { name: 'New sale', url: '/new' },
      { name: 'Today', url: '/day' },
    ],
  };
}
