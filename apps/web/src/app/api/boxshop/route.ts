export { boxShopDoor as GET } from '../../../server/doors/boxShop.ts';
