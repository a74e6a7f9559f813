export { pickupSheetDoor as GET } from '../../../../server/doors/pickups.ts';
