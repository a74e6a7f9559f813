'use client';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { pageNeeds } from '../session/pageRights.ts';
import { useShop } from '../session/ShopContext.tsx';

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
/** Whoever keeps the place goes there; the first of them that is hers stands at the lower edge, where it takes no room from the shelf. */
export const KEEPING_PAGES = [
  { path: '/upkeep', name: 'Upkeep' },
  { path: '/people', name: 'People' },
  { path: '/audit', name: 'Who did what' },
];

/** What lies beside the parcel's way. */
export function SideLinks() {
  const here = usePathname();
  const { can } = useShop();
  return (
    <nav className="side-links" aria-label="Beside the way">
      {SIDE_PAGES.filter(({ path }) => can(pageNeeds(path))).map(({ path, name }) => (
        <Link prefetch={false} key={path} href={path} aria-current={here === path ? 'page' : undefined}>
          {name}
        </Link>
      ))}
    </nav>
  );
}
