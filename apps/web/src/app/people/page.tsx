import { People } from '../../beside/people/People.tsx';
import { peopleNow } from '../../server/doors/people.ts';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/people', async () => <People initial={await peopleNow()} shelf={await forEyes(await shelfNow())} />);
