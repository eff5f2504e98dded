import type { PlainDay } from './plain-day.ts';

/** The seasons, as their months are counted in the weather of a year: winter begins with December in the north. */
export const SEASONS = ['spring', 'summer', 'autumn', 'winter'] as const;
export type Season = (typeof SEASONS)[number];

// Zones whose homes have summer in January. Near the equator it hardly matters, and is taken as the north.
const SOUTHERN =
  /^(?:Australia|Antarctica)\/|^Pacific\/(?:Auckland|Chatham|Fiji|Tongatapu|Noumea|Apia)|^Africa\/(?:Johannesburg|Maputo|Harare|Lusaka|Windhoek|Gaborone|Maseru|Mbabane|Lubumbashi)|^America\/(?:Argentina\/|Buenos_Aires|Sao_Paulo|Santiago|Montevideo|Asuncion|La_Paz|Campo_Grande|Cuiaba)|^Indian\/(?:Antananarivo|Mauritius|Reunion)/;

/** The season of a day in a zone: three months each, March to May, June to August, and so on; half a year later in the south. */
export function seasonOf(day: PlainDay, zone: string): Season {
  const north = Math.floor(((Number(day.slice(5, 7)) + 9) % 12) / 3);
  return SEASONS[(north + (SOUTHERN.test(zone) ? 2 : 0)) % 4]!;
}
