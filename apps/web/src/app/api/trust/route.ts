export { trustDoor as GET } from '../../../server/doors/trust.ts';
