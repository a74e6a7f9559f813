export { regroupDoor as POST } from '../../../../../server/doors/regroup.ts';
