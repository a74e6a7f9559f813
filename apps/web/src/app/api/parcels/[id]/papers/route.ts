export { paperDoor as GET } from '../../../../../server/doors/papers.ts';
