import { MOST_NAMES, themeOffersSchema, toldWordsSchema, type ThemeOffers, type ToldWord } from '@kobby/core';
import { ask } from './api.ts';

// What was looked up stays as it is while the page is open: the word book never changes meanwhile.
const offered = new Map<string, ThemeOffers>();
const told = new Map<string, ToldWord>();

/** What belongs to a theme; null when the server cannot be reached. */
export async function offersFor(theme: string, sense: number | null): Promise<ThemeOffers | null> {
  const query = new URLSearchParams({ theme, ...(sense === null ? {} : { sense: String(sense) }) });
  const key = String(query);
  const known = offered.get(key);
  if (known) return known;
  const said = await ask('GET', `/api/words/things?${key}`, themeOffersSchema);
  if (said.kind !== 'ok') return null;
  offered.set(key, said.data);
  for (const one of said.data.things) told.set(one.name, one);
  return said.data;
}

/** What is known of some names, in their order; null when the server cannot be reached. */
export async function toldOf(names: readonly string[]): Promise<readonly ToldWord[] | null> {
  const unknown = [...new Set(names.filter((name) => !told.has(name)))];
  for (let from = 0; from < unknown.length; from += MOST_NAMES) {
    const query = new URLSearchParams(unknown.slice(from, from + MOST_NAMES).map((name) => ['name', name]));
    const said = await ask('GET', `/api/words/told?${query}`, toldWordsSchema);
    if (said.kind !== 'ok') return null;
    for (const one of said.data.words) told.set(one.name, one);
  }
  return names.flatMap((name) => told.get(name) ?? []);
}
