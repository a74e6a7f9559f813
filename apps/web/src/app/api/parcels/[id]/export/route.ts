export { exportParcelDoor as GET } from '../../../../../server/doors/exportParcel.ts';
