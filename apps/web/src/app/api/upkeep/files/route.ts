export { askTakeAwayDoor as POST, takeAwayDoor as GET } from '../../../../server/doors/upkeep.ts';
