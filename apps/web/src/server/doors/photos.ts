import 'server-only';
import { addPhoto, removePhoto } from '@inch-nest/contracts';
import { addPhoto as noteAdded, Missing, pictureOf, removePhoto as noteRemoved } from '@inch-nest/data';
import { answer, readBody, readBytes } from '../answer.ts';
import { database } from '../database.ts';
import { guardRequest } from '../guardRequest.ts';
import { MOST_PHOTO_BYTES, readPicture } from '../photos/readPicture.ts';
import { shopPhotos } from '../photos/shopPhotos.ts';
import { readId } from '../readId.ts';
import { now, parcelNow, shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };

/** Keeps a photograph: the body is the picture, its facts stand in the address. */
export const addPhotoDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const wanted = addPhoto.parse(Object.fromEntries(new URL(request.url).searchParams));
    const shop = await shopNow();
    await parcelNow(id, wanted.personId);
    const { whole, small, ...picture } = await readPicture(await readBytes(request, MOST_PHOTO_BYTES));
    await shopPhotos().put(picture.content, whole);
    await shopPhotos().put(`${picture.content}-small`, small);
    await noteAdded(database(), shop, id, wanted, picture, now());
    return parcelNow(id, wanted.personId);
  });

/** Takes a photograph out, or back in. */
export const removePhotoDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const wanted = await readBody(request, removePhoto);
    await noteRemoved(database(), id, wanted);
    return parcelNow(id, wanted.personId);
  });

/** The picture itself, small or whole; it never changes, so it may be kept. */
export async function pictureDoor(request: Request, context: Context): Promise<Response> {
  const shut = guardRequest(request);
  if (shut) return new Response(shut, { status: 403 });
  const small = new URL(request.url).searchParams.has('small');
  const bytes = await readId(context)
    .then((id) => pictureOf(database(), id))
    .then((content) => shopPhotos().get(small ? `${content}-small` : content))
    .catch((error: unknown) => {
      if (error instanceof Missing) return null;
      throw error;
    });
  if (!bytes) return new Response('there is no such photograph', { status: 404 });
  return new Response(new Uint8Array(bytes), {
    headers: {
      'content-type': 'image/jpeg',
      'cache-control': 'private, max-age=31536000, immutable',
      'content-security-policy': "default-src 'none'",
      'x-content-type-options': 'nosniff',
    },
  });
}
