export { startParcelDoor as POST } from '../../../server/doors/startParcel.ts';
