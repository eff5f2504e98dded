import { doorSchema } from '@kobby/core';
import { z } from 'zod';
import { ask } from './api.ts';
import { forgetDevice, readDevice, writeDevice } from './device.ts';
import { forgetTyped } from './typed.ts';

const OWED = 'kobby.signing-out';

/** A book that is open here, and its copy on this device. */
interface Leavable {
  forgetCopy(): Promise<void>;
  leave(): void;
}

/**
 * Signs out on this device. Without a network the server cannot be told: then it is told before anybody looks at the door again, so that
 * nobody walks in who only waits for the network.
 */
export async function signOutOfDevice(book: Leavable): Promise<void> {
  writeDevice(OWED, true);
  // What lies here goes first: whoever closes the page while the server is asked leaves nothing behind.
  await forgetTyped();
  await book.forgetCopy();
  await finishSigningOut();
  book.leave();
}

/** Tells the server what was signed out here without a network. Whether it knows by now. */
export async function finishSigningOut(): Promise<boolean> {
  if (!readDevice(OWED, z.boolean(), false)) return true;
  const said = await ask('DELETE', '/api/session', doorSchema);
  if (said.kind === 'unreachable') return false;
  forgetDevice(OWED);
  return true;
}

/** Takes everything of any home off this device, what has not arrived included; only that the door still has to be told stays. */
export async function forgetWholeDevice(): Promise<void> {
  for (const store of [localStorage, sessionStorage])
    for (const key of Object.keys(store)) if (key.startsWith('kobby') && key !== OWED) store.removeItem(key);
  for (const name of (await globalThis.caches?.keys()) ?? [])
    if (name === 'pictures') await caches.delete(name);
}
