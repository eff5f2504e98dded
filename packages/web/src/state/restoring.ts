import { doorSchema } from '@kobby/core';
import { ask } from './api.ts';

const LOOK_AGAIN_MS = 500;

/** Waits until a home that is being restored is there again, and goes to its door: everybody signs in anew. */
export async function enterWhenRestored(): Promise<void> {
  const said = await ask('GET', '/api/door', doorSchema);
  if (said.kind === 'ok' && said.data.state === 'sign-in-needed') window.location.assign('/enter');
  else setTimeout(() => void enterWhenRestored(), LOOK_AGAIN_MS);
}
