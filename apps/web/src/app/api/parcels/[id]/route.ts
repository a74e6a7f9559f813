export { parcelDoor as GET } from '../../../../server/doors/parcel.ts';
