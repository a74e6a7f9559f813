export { addPhotoDoor as POST, removePhotoDoor as PATCH } from '../../../../../server/doors/photos.ts';
