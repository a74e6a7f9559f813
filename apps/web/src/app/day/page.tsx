import { Day } from '../../beside/day/Day.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { dayNow, shelfNow } from '../../server/rooms.ts';

export default pageFor('/day', async () => <Day initial={await forEyes(await dayNow())} shelf={await forEyes(await shelfNow())} />);
