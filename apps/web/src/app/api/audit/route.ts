export { auditDoor as GET } from '../../../server/doors/people.ts';
