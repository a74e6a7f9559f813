import { BoxShop } from '../../beside/boxShop/BoxShop.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/boxshop', async () => <BoxShop shelf={await forEyes(await shelfNow())} />);
