export { pictureDoor as GET } from '../../../../server/doors/photos.ts';
