export { openParcelFileDoor as POST } from '../../../../server/doors/openParcelFile.ts';
