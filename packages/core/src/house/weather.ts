import { z } from 'zod';
import { plainDaySchema } from '../calendar/index.ts';
import type { Home } from './home.ts';
import { valueIn } from './starting-values.ts';

/** The weather of a day, as a weather service tells it. */
export const weatherSchema = z.object({
  date: plainDaySchema,
  sky: z.enum(['clear', 'cloudy', 'rain', 'snow']),
  /** In the shade, in the middle of the morning. */
  tempC: z.number(),
  humidityPercent: z.number().min(0).max(100),
  windKph: z.number().min(0),
  /** The US air-quality index, 0 to 500. */
  airQuality: z.number().min(0),
  /** The UV index at noon, 0 to 11 and more. */
  uvIndex: z.number().min(0).default(0),
});
export type Weather = z.infer<typeof weatherSchema>;

const toF = (celsius: number): number => (celsius * 9) / 5 + 32;
const toC = (fahrenheit: number): number => ((fahrenheit - 32) * 5) / 9;

// Below this the simple formula is used (NWS).
const REGRESSION_FROM_F = 80;

/**
 * How hot it feels, in °C: the heat index of the US National Weather Service (Steadman's simple formula below 80 °F, else the
 * Rothfusz regression, without its adjustments for very dry and very damp air, which stay below 2 °C).
 */
export function heatIndexC(tempC: number, humidityPercent: number): number {
  const [t, r] = [toF(tempC), humidityPercent];
  const simple = (t + 61 + (t - 68) * 1.2 + r * 0.094) / 2;
  if ((simple + t) / 2 < REGRESSION_FROM_F) return toC((simple + t) / 2);
  const index =
    -42.379 +
    2.04901523 * t +
    10.14333127 * r -
    0.22475541 * t * r -
    0.00683783 * t * t -
    0.05481717 * r * r +
    0.00122874 * t * t * r +
    0.00085282 * t * r * r -
    0.00000199 * t * t * r * r;
  return toC(index);
}

// Outside of these the formula is not made for; it then feels as it is.
const CHILL_UP_TO_C = 10;
const CHILL_FROM_KPH = 4.8;

/** How cold it feels, in °C: the wind chill of the US and Canadian weather services of 2001. */
export function windChillC(tempC: number, windKph: number): number {
  if (tempC > CHILL_UP_TO_C || windKph < CHILL_FROM_KPH) return tempC;
  const wind = windKph ** 0.16;
  return 13.12 + 0.6215 * tempC - 11.37 * wind + 0.3965 * tempC * wind;
}

// From common child-care weather charts; the stops are the home's own values.
const CARE = { heatC: 32, chillC: -9, air: 100 } as const;
// From here on the World Health Organization calls the UV index high.
const HIGH_UV = 6;
const LONG_OUTDOORS_MINUTES = 30;

type Level = 'stop' | 'care' | 'note';
const WEIGHT: Readonly<Record<Level, number>> = { stop: 0, care: 1, note: 2 };

/** What the weather says about going out. */
export interface WeatherTold {
  readonly level: Level;
  readonly text: string;
  /** What to do instead. */
  readonly instead: string;
}

/**
 * What heat, wind chill, air and sun say about going out, the worst first; nothing on an ordinary day. Rows 47 and 62 of the
 * cautions: the sun is told where more than half an hour outdoors is planned.
 */
export function weatherTells(
  { tempC, humidityPercent, windKph, airQuality, uvIndex }: Weather,
  home: Pick<Home, 'values'>,
  outdoorMinutes = 0,
): readonly WeatherTold[] {
  const heat = Math.round(heatIndexC(tempC, humidityPercent));
  const chill = Math.round(windChillC(tempC, windKph));
  const told: WeatherTold[] = [];
  if (heat >= CARE.heatC)
    told.push({
      level: heat >= valueIn(home, 'heatStopC') ? 'stop' : 'care',
      text: `It feels like ${heat} °C`,
      instead: 'Shade, water and short turns, or the indoor twin.',
    });
  if (chill <= CARE.chillC)
    told.push({
      level: chill <= valueIn(home, 'chillStopC') ? 'stop' : 'care',
      text: `With the wind it feels like ${chill} °C`,
      instead: 'Short turns, dry mittens, faces covered, or the indoor twin.',
    });
  if (airQuality > CARE.air)
    told.push({
      level: airQuality >= valueIn(home, 'airStop') ? 'stop' : 'care',
      text: `The air-quality index is ${Math.round(airQuality)}`,
      instead: 'Nothing that makes them run; stay in where somebody has asthma.',
    });
  if (uvIndex >= HIGH_UV && outdoorMinutes > LONG_OUTDOORS_MINUTES)
    told.push({
      level: 'note',
      text: `The UV index is ${Math.round(uvIndex)}, and ${outdoorMinutes} minutes outdoors are planned`,
      instead: 'Shade and hats, or early and late; nobody looks at the sun.',
    });
  return told.toSorted((a, b) => WEIGHT[a.level] - WEIGHT[b.level]);
}

/** `cloudy, 12 °C, wind 18 km/h`, in the units of the home. */
export const weatherText = ({ sky, tempC, windKph }: Weather, units: Home['units']): string =>
  units === 'metric'
    ? `${sky}, ${Math.round(tempC)} °C, wind ${Math.round(windKph)} km/h`
    : `${sky}, ${Math.round(toF(tempC))} °F, wind ${Math.round(windKph / 1.609344)} mph`;

/** Whether it rains or snows: what is planned outdoors is stopped by it. */
export const isWet = ({ sky }: Weather): boolean => sky === 'rain' || sky === 'snow';
