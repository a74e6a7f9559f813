export { liveDoor as GET } from '../../../server/doors/live.ts';
