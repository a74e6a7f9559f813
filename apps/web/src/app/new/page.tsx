import { NewSale } from '../../beside/new/NewSale.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/new', async () => <NewSale shelf={await forEyes(await shelfNow())} />);
