export { firstShopDoor as POST } from '../../../server/doors/first.ts';
