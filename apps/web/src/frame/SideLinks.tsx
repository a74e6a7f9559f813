'use client';
import Link from 'next/link';
import { usePathname } from 'next/navigation';

/** The pages beside the way, by the names their links have. */
export const SIDE_PAGES = [
  { path: '/day', name: 'Today' },
  { path: '/guess', name: 'Guess ahead' },
  { path: '/stock', name: 'Stock' },
  { path: '/boxshop', name: 'Box shop' },
  { path: '/pickups', name: 'Pick-ups' },
  { path: '/past', name: 'Past' },
  { path: '/cards', name: 'Carriers' },
  { path: '/house', name: 'House rules' },
];
/** Whoever keeps the place goes there; it stands at the lower edge, where it takes no room from the shelf. */
export const UPKEEP = { path: '/upkeep', name: 'Upkeep' };

/** What lies beside the parcel's way. */
export function SideLinks() {
  const here = usePathname();
  return (
    <nav className="side-links" aria-label="Beside the way">
      {SIDE_PAGES.map(({ path, name }) => (
        <Link prefetch={false} key={path} href={path} aria-current={here === path ? 'page' : undefined}>
          {name}
        </Link>
      ))}
    </nav>
  );
}
