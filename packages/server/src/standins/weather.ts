import { createHash } from 'node:crypto';
import { addDays, type PlainDay, type Weather } from '@kobby/core';

/** Where the weather comes from. A real service would ask its network; the stand-in makes it up. */
export interface WeatherService {
  /** The weather of so many days from one on. */
  forecast(from: PlainDay, days: number): Promise<readonly Weather[]>;
}

const SKIES = ['clear', 'cloudy', 'rain', 'clear', 'cloudy', 'rain', 'clear', 'snow'] as const;
const MONTHS_A_YEAR = 12;
// A mild place: the middle of each month in °C.
const WARMTH = [-2, 1, 6, 12, 18, 24, 27, 26, 21, 14, 6, 0] as const;
// The UV index at noon in the middle of each month, and what of it comes through the sky.
const SUN = [1, 2, 4, 5, 7, 8, 8, 7, 5, 3, 2, 1] as const;
const THROUGH = { clear: 1, cloudy: 0.7, rain: 0.3, snow: 0.5 } as const;

/** Weather out of the date alone: the same day has the same weather on every machine, always. */
export const seededWeather: WeatherService = {
  async forecast(from, days) {
    return Array.from({ length: days }, (_, i) => weatherOn(addDays(from, i)));
  },
};

function weatherOn(date: PlainDay): Weather {
  const seed = createHash('sha256').update(`kobby weather ${date}`).digest();
  const part = (index: number): number => seed[index]! / 255;
  const month = Number(date.slice(5, 7)) - 1;
  const tempC = Math.round(WARMTH[month % MONTHS_A_YEAR]! + part(0) * 10 - 5);
  const sky = SKIES[seed[1]! % SKIES.length]!;
  return {
    date,
    // Above a few degrees snow comes down as rain.
    sky: sky === 'snow' && tempC > 2 ? 'rain' : sky,
    tempC,
    humidityPercent: Math.round(35 + part(2) * 60),
    windKph: Math.round(part(3) * 38),
    airQuality: Math.round(15 + part(4) * 110),
    uvIndex: Math.round(SUN[month % MONTHS_A_YEAR]! * THROUGH[sky]),
  };
}
