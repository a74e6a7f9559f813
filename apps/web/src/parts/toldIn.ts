import type { FormEvent } from 'react';

/** What a form's fields hold as it is sent, by their names; empty where there is none. */
export function toldIn(event: FormEvent<HTMLFormElement>): (name: string) => string {
  const form = new FormData(event.currentTarget);
  return (name) => {
    const told = form.get(name);
    return typeof told === 'string' ? told : '';
  };
}
