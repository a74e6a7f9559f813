export { scanDoor as GET } from '../../../server/doors/scan.ts';
