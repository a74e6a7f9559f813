'use client';
import type { ReactNode } from 'react';
import { useShop } from '../session/ShopContext.tsx';

/**
 * A button that asks for a file and opens it beside this page. Asking is a form of its own, so that the server can write down
 * who asked and answer with a link that soon passes.
 *
 * @param props.asked what is asked for, field by field
 */
export function AskForFile({
  from,
  asked,
  onAsked,
  kept = false,
  className,
  children,
}: {
  from: string;
  asked: Readonly<Record<string, string>>;
  onAsked?: () => void;
  /** It is put among what was fetched, and opens no page. */
  kept?: boolean;
  className?: string;
  children: ReactNode;
}) {
  const { person } = useShop();
  return (
    <form action={from} method="post" target={kept ? undefined : '_blank'} className="ask-for-file" onSubmit={onAsked}>
      {Object.entries({ personId: person.id, ...asked }).map(([name, value]) => (
        <input key={name} type="hidden" name={name} value={value} />
      ))}
      <button type="submit" className={className}>
        {children}
      </button>
    </form>
  );
}
