import { redirect } from 'next/navigation';

/** Home is the day; the one in hand is where it was left. */
export default function Page() {
  redirect('/day');
}
