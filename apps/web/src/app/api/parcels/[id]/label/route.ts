export { labelDoor as POST, trackDoor as GET } from '../../../../../server/doors/labels.ts';
