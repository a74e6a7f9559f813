export { keepShopDoor as PATCH } from '../../../../server/doors/keepShop.ts';
