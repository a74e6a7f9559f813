import { HouseRules } from '../../beside/house/HouseRules.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/house', async () => <HouseRules shelf={await forEyes(await shelfNow())} />);
