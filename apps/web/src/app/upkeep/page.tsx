import { Upkeep } from '../../beside/upkeep/Upkeep.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';
import { upkeepNow } from '../../server/upkeep/upkeepNow.ts';

export default pageFor('/upkeep', async () => <Upkeep initial={await upkeepNow()} shelf={await forEyes(await shelfNow())} />);
