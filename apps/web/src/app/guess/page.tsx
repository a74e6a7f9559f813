import { GuessAhead } from '../../beside/guess/GuessAhead.tsx';
import { pageFor } from '../pageFor.tsx';
import { forEyes } from '../../server/people/forEyes.ts';
import { shelfNow } from '../../server/rooms.ts';

export default pageFor('/guess', async () => <GuessAhead shelf={await forEyes(await shelfNow())} />);
