export { reportEventDoor as POST } from '../../../../../server/doors/reportEvent.ts';
