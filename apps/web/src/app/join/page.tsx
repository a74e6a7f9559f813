import { redirect } from 'next/navigation';
import { pageFor } from '../pageFor.tsx';

/** Where a device comes to the shop; whoever is signed in at it is there already. */
export default pageFor('/join', () => redirect('/day'));
