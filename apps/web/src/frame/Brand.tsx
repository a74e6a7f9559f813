'use client';
import Link from 'next/link';
import { useShop } from '../session/ShopContext.tsx';

/** Our mark: three nested squares. */
export const Mark = () => (
  <svg width="46" height="46" viewBox="0 0 56 56" aria-hidden>
    <rect x="1" y="1" width="54" height="54" style={{ fill: 'none', stroke: 'var(--ink)', strokeWidth: 1.8 }} />
    <rect x="10" y="10" width="36" height="36" style={{ fill: 'none', stroke: 'var(--ink)', strokeWidth: 1.8 }} />
    <rect x="19" y="19" width="18" height="18" style={{ fill: 'var(--rust)', stroke: 'var(--ink)', strokeWidth: 1.8 }} />
  </svg>
);

/** The mark with the shop's name, on the way to today's list. */
export function Brand() {
  const { shop } = useShop();
  return (
    <Link prefetch={false} href="/" className="brand" aria-label={`Inch Nest, ${shop.name}: today`}>
      <Mark />
      <span>
        <b>Inch Nest</b>
        <small>{shop.name}</small>
      </span>
    </Link>
  );
}
