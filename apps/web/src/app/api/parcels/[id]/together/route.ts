export { togetherDoor as POST } from '../../../../../server/doors/together.ts';
