export { shelfLabelsDoor as GET } from '../../../server/doors/day.ts';
