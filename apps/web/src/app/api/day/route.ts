export { dayDoor as GET } from '../../../server/doors/day.ts';
