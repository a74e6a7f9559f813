export { cardDoor as GET, withdrawCardDoor as PATCH } from '../../../../server/doors/cards.ts';
