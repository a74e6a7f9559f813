export { handsDoor as GET } from '../../../server/doors/hands.ts';
