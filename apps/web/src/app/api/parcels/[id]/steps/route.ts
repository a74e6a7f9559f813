export { takeBackDoor as POST } from '../../../../../server/doors/takeBack.ts';
