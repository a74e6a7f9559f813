export { addCardDoor as POST, listCardsDoor as GET } from '../../../server/doors/cards.ts';
