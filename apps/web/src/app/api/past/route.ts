export { pastDoor as GET } from '../../../server/doors/past.ts';
