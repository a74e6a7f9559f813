export { askPapersDoor as POST, paperDoor as GET } from '../../../../../server/doors/papers.ts';
