export { upkeepCommandDoor as POST, upkeepDoor as GET } from '../../../server/doors/upkeep.ts';
