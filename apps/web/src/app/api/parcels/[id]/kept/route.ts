export { keepParcelDoor as PATCH } from '../../../../../server/doors/keepParcel.ts';
