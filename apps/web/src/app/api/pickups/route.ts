export { askPickupDoor as POST, pickupsDoor as GET } from '../../../server/doors/pickups.ts';
