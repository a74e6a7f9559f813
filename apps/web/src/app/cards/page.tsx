import { RateCards } from '../../beside/cards/RateCards.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/cards', async () => <RateCards shelf={await forEyes(await shelfNow())} />);
