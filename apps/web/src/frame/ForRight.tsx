'use client';
import type { ReactNode } from 'react';
import { RIGHT_SAYS } from '@inch-nest/contracts';
import { PAGE_RIGHTS, type PagePath } from '../session/pageRights.ts';
import { useShop } from '../session/ShopContext.tsx';
import { MayNot } from './MayNot.tsx';

/** A station, to whoever may; what it would show that she may not see never came to her browser. */
export function ForRight({ page, children }: { page: PagePath; children: ReactNode }) {
  const { can, person } = useShop();
  const right = PAGE_RIGHTS[page];
  return can(right) ? children : <MayNot name={person.name} says={RIGHT_SAYS[right]} />;
}
