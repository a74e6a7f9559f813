export { packedDoor as GET } from '../../../../server/doors/stock.ts';
