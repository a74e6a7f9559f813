import { Hands } from '../../beside/hands/Hands.tsx';
import { pageFor } from '../pageFor.tsx';
import { handsNow } from '../../server/doors/hands.ts';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/hands', async () => <Hands shelf={await forEyes(await shelfNow())} view={await handsNow()} />);
