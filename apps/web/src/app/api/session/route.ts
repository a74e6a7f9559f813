export { meDoor as GET, sessionDoor as POST } from '../../../server/doors/session.ts';
