export { signInViewDoor as GET, signInDoor as POST } from '../../../server/doors/signIn.ts';
