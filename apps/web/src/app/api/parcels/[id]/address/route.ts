export { addressDoor as POST } from '../../../../../server/doors/address.ts';
