export { cardDoor as GET } from '../../../../server/doors/cards.ts';
