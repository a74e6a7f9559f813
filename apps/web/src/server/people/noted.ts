import 'server-only';
import type { AccessAct } from '@inch-nest/contracts';
import { noteAccess } from '@inch-nest/data';
import { now } from '../now.ts';
import { asker, shopData } from '../shopData.ts';

/** Writes down what whoever asks did, and at which of the shop's devices. */
export async function noted(act: AccessAct, about: string | null = null): Promise<void> {
  const { person, session } = await asker();
  await noteAccess(await shopData(), { personId: person.id, deviceId: session?.device?.id ?? null, act, about, at: now() });
}
