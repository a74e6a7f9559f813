'use client';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useShop } from '../session/ShopContext.tsx';
import { pageNeeds } from '../session/pageRights.ts';
import { KEEPING_PAGES } from './SideLinks.tsx';

/** The pages of whoever keeps the place, at the head of each of them. */
export function KeepingLinks() {
  const here = usePathname();
  const { can } = useShop();
  return (
    <nav className="keeping-links" aria-label="Keeping the place">
      {KEEPING_PAGES.filter(({ path }) => can(pageNeeds(path))).map(({ path, name }) => (
        <Link prefetch={false} key={path} href={path} aria-current={here === path ? 'page' : undefined}>
          {name}
        </Link>
      ))}
    </nav>
  );
}
