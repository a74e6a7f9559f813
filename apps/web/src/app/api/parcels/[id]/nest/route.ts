export { saveNestDoor as PUT } from '../../../../../server/doors/saveNest.ts';
