export { daySheetDoor as GET } from '../../../../server/doors/day.ts';
