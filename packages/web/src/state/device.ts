import type { z } from 'zod';

// What is kept on this device outlives a reload or a flat battery. A full or forbidden store only means that nothing outlives
// the page, which goes on with what it has in hand.

/** What was kept under a key; `without` when there is nothing, or it cannot be read any more. */
export function readDevice<T>(key: string, schema: z.ZodType<T>, without: T): T {
  try {
    const text = localStorage.getItem(key);
    const parsed = text === null ? null : schema.safeParse(JSON.parse(text));
    return parsed?.success ? parsed.data : without;
  } catch {
    return without;
  }
}

/** Whether it was kept: where not, it is in the page all the same. */
export function writeDevice(key: string, value: unknown): boolean {
  try {
    localStorage.setItem(key, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

export function forgetDevice(key: string): void {
  try {
    localStorage.removeItem(key);
  } catch {
    // Nothing was kept then.
  }
}
