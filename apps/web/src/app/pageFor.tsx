import 'server-only';
import type { ReactNode } from 'react';
import { may, RIGHT_SAYS } from '@inch-nest/contracts';
import { MayNot } from '../frame/MayNot.tsx';
import { PAGE_RIGHTS, type PagePath } from '../session/pageRights.ts';
import { whoOpens } from '../server/people/whoAsks.ts';

/**
 * A page that opens to whoever may: nothing is read for it before that is known. To somebody who is not signed in it is empty,
 * and the layout shows how to sign in.
 */
export const pageFor =
  <Props,>(path: PagePath, page: (props: Props) => Promise<ReactNode>) =>
  async (props: Props): Promise<ReactNode> => {
    const who = await whoOpens();
    if (typeof who === 'string') return null;
    const right = PAGE_RIGHTS[path];
    return may(who.person, right) ? page(props) : <MayNot name={who.person.name} says={RIGHT_SAYS[right]} />;
  };
