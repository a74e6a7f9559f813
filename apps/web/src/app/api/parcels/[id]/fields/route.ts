export { saveFieldDoor as PATCH } from '../../../../../server/doors/saveField.ts';
