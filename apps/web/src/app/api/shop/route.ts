export { shopDoor as GET } from '../../../server/doors/shop.ts';
