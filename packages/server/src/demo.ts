import { DEMO_PROVIDER_ID, demoGestures } from '@kobby/starter';
import { HOME_ID } from '@kobby/core';
import { setPassPhrase } from './access/sessions.ts';
import type { App } from './app.ts';
import { KOBBY } from './routes/door.ts';

/** The pass-phrase of the demo home. It guards nothing but made-up data. */
export const DEMO_PASS_PHRASE = 'three blue kites';

/**
 * Fills an empty data folder with the demo home, by the same gestures that the interface makes. Does nothing
 * when there is a home already.
 * @throws {Error} when the demo's own data is refused: a mistake in the starter.
 */
export async function makeDemoHome({ services }: App): Promise<void> {
  if (services.keeper.book.homes[HOME_ID]) return;
  for (const [index, changes] of demoGestures().entries()) {
    const gesture = { id: `demo-home-${index + 1}`, at: '2027-03-05T18:00:00.000Z', changes };
    const answer = await services.keeper.keep(gesture, KOBBY);
    if (answer.outcome === 'not-kept') throw new Error(JSON.stringify(answer.problem));
  }
  await setPassPhrase(services.knex, DEMO_PROVIDER_ID, DEMO_PASS_PHRASE);
}
