import 'server-only';
import { addPhoto, removePhoto } from '@inch-nest/contracts';
import { addPhoto as noteAdded, pictureOf, removePhoto as noteRemoved } from '@inch-nest/data';
import { answer, readBody, readBytes } from '../answer.ts';
import { shopData } from '../shopData.ts';
import { fileDoor } from '../fileDoor.ts';
import { ownPerson } from '../people/ownPerson.ts';
import { MOST_PHOTO_BYTES, readPicture } from '../photos/readPicture.ts';
import { shopPhotos } from '../photos/shopPhotos.ts';
import { readId } from '../readId.ts';
import { now } from '../now.ts';
import { parcelNow, shopNow } from '../rooms.ts';

type Context = { params: Promise<{ id: string }> };

/** Keeps a photograph: the body is the picture, its facts stand in the address. */
export const addPhotoDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const told = Object.fromEntries(new URL(request.url).searchParams);
    ownPerson(told);
    const wanted = addPhoto.parse(told);
    const shop = await shopNow();
    await parcelNow(id, wanted.personId);
    const { whole, small, ...picture } = await readPicture(await readBytes(request, MOST_PHOTO_BYTES));
    await shopPhotos().put(picture.content, whole);
    await shopPhotos().put(`${picture.content}-small`, small);
    await noteAdded(await shopData(), shop, id, wanted, picture, now());
    return parcelNow(id, wanted.personId);
  });

/** Takes a photograph out, or back in. */
export const removePhotoDoor = (request: Request, context: Context): Promise<Response> =>
  answer(request, async () => {
    const id = await readId(context);
    const wanted = await readBody(request, removePhoto);
    await noteRemoved(await shopData(), await shopNow(), id, wanted, now());
    return parcelNow(id, wanted.personId);
  });

/** The picture itself, small or whole. */
export const pictureDoor = (request: Request, context: Context): Promise<Response> =>
  fileDoor(request, async () => {
    const small = new URL(request.url).searchParams.has('small');
    const content = await pictureOf(await shopData(), await readId(context));
    const bytes = await shopPhotos().get(small ? `${content}-small` : content);
    return bytes ? { bytes, type: 'image/jpeg', lasting: true } : { missing: 'there is no such photograph' };
  });
