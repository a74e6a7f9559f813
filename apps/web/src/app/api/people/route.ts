export { peopleDoor as GET, peopleCommandDoor as POST } from '../../../server/doors/people.ts';
