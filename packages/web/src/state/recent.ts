import { z } from 'zod';
import { readDevice, writeDevice } from './device.ts';

const KEY = 'kobby.found';
const MOST = 8;
const keysSchema = z.array(z.string().max(120)).max(MOST);

/** Keys of what was found lately on this device, the newest first. Ids only: what they name stays in the book. */
export const recentlyUsed = (): readonly string[] => readDevice(KEY, keysSchema, []);

/** Remembers that something was used. */
export function rememberUsed(key: string): void {
  writeDevice(KEY, [key, ...recentlyUsed().filter((one) => one !== key)].slice(0, MOST));
}
