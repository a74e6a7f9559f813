import { Pickups } from '../../beside/pickups/Pickups.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { pickupsNow, shelfNow } from '../../server/rooms.ts';

export default pageFor('/pickups', async () => (
  <Pickups initial={await forEyes(await pickupsNow())} shelf={await forEyes(await shelfNow())} />
));
