export { stockDoor as GET } from '../../../server/doors/stock.ts';
