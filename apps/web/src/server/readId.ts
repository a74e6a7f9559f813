import 'server-only';
import { Missing } from '@inch-nest/data';
import { z } from 'zod';

/** The id in a route's address; anything but a UUID is no parcel. */
export async function readId({ params }: { params: Promise<{ id: string }> }): Promise<string> {
  const { id } = await params;
  if (!z.uuid().safeParse(id).success) throw new Missing('there is no such parcel');
  return id;
}
