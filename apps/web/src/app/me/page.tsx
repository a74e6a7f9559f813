import { OwnAccess } from '../../beside/me/OwnAccess.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/me', async () => <OwnAccess shelf={await forEyes(await shelfNow())} />);
