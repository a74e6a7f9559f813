export { shelfDoor as GET } from '../../../server/doors/shelf.ts';
