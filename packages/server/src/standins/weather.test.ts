import { weatherSchema, type PlainDay } from '@kobby/core';
import { expect, test } from 'vitest';
import { seededWeather } from './weather.ts';

test('the weather of a day is the same on every machine, always', async () => {
  const days = await seededWeather.forecast('2027-03-08' as PlainDay, 4);
  expect(days).toMatchInlineSnapshot(`
    [
      {
        "airQuality": 122,
        "date": "2027-03-08",
        "humidityPercent": 74,
        "sky": "clear",
        "tempC": 2,
        "uvIndex": 4,
        "windKph": 12,
      },
      {
        "airQuality": 28,
        "date": "2027-03-09",
        "humidityPercent": 66,
        "sky": "clear",
        "tempC": 6,
        "uvIndex": 4,
        "windKph": 20,
      },
      {
        "airQuality": 111,
        "date": "2027-03-10",
        "humidityPercent": 94,
        "sky": "cloudy",
        "tempC": 4,
        "uvIndex": 3,
        "windKph": 1,
      },
      {
        "airQuality": 20,
        "date": "2027-03-11",
        "humidityPercent": 77,
        "sky": "clear",
        "tempC": 7,
        "uvIndex": 4,
        "windKph": 17,
      },
    ]
  `);
  expect(await seededWeather.forecast('2027-03-10' as PlainDay, 1)).toEqual([days[2]]);
});

test('a year of it is as a year is: warm in summer, snow only when it is cold, nothing that there is not', async () => {
  const year = await seededWeather.forecast('2027-01-01' as PlainDay, 365);
  const mean = (month: string): number => {
    const those = year.filter(({ date }) => date.slice(5, 7) === month);
    return those.reduce((sum, { tempC }) => sum + tempC, 0) / those.length;
  };
  expect(mean('07') - mean('01')).toBeGreaterThan(20);
  for (const day of year) {
    expect(weatherSchema.safeParse(day).success).toBe(true);
    if (day.sky === 'snow') expect(day.tempC).toBeLessThanOrEqual(2);
  }
  expect(year.some(({ sky }) => sky === 'snow')).toBe(true);
});
