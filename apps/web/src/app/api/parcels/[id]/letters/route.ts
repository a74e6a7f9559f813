export { lettersDoor as GET } from '../../../../../server/doors/letters.ts';
