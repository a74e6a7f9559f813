import { Audit } from '../../beside/audit/Audit.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/audit', async () => <Audit shelf={await forEyes(await shelfNow())} />);
