export { saveShopDoor as PUT } from '../../../server/doors/saveShop.ts';
export { shopDoor as GET } from '../../../server/doors/shop.ts';
