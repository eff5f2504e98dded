import { describe, expect, test } from 'vitest';
import { plainDay } from '../calendar/index.ts';
import { heatIndexC, weatherTells, weatherText, windChillC, type Weather } from './weather.ts';

const aDay = (rest: Partial<Weather> = {}): Weather => ({
  date: plainDay('2027-03-11'),
  sky: 'clear',
  tempC: 15,
  humidityPercent: 50,
  windKph: 5,
  airQuality: 30,
  uvIndex: 3,
  ...rest,
});
const told = (rest: Partial<Weather>, values = {}) =>
  weatherTells(aDay(rest), { values }).map(({ level, text }) => `${level}: ${text}`);

describe('how it feels', () => {
  // Printed tables of the weather services, in whole degrees.
  test.each([
    [32.2, 70, 41],
    [35, 50, 41],
    [30, 40, 30],
    [26.7, 40, 26],
  ])('at %f °C and %i %% it is about %i °C', (temp, humidity, feels) => {
    expect(Math.abs(heatIndexC(temp, humidity) - feels)).toBeLessThan(1);
  });

  test.each([
    [-10, 30, -20],
    [0, 20, -5],
    [-5, 10, -9],
    [11, 60, 11],
    [5, 4, 5],
  ])('at %i °C and %i km/h it is about %i °C', (temp, wind, feels) => {
    expect(Math.abs(windChillC(temp, wind) - feels)).toBeLessThan(1);
  });
});

describe('going out', () => {
  test('is nothing to speak of on an ordinary day', () => {
    expect(told({})).toEqual([]);
  });

  test('asks for care on both sides of each limit, and is stopped by the values of the home', () => {
    expect(told({ tempC: 29, humidityPercent: 40 })).toEqual([]);
    expect(told({ tempC: 31, humidityPercent: 50 })).toEqual(['care: It feels like 33 °C']);
    expect(told({ tempC: 35, humidityPercent: 60 })).toEqual(['stop: It feels like 45 °C']);
    expect(told({ tempC: 35, humidityPercent: 60 }, { heatStopC: 46 })).toEqual([
      'care: It feels like 45 °C',
    ]);
    expect(told({ tempC: -4, windKph: 10 })).toEqual([]);
    expect(told({ tempC: -5, windKph: 10 })).toEqual(['care: With the wind it feels like -9 °C']);
    expect(told({ tempC: -10, windKph: 30 })).toEqual(['stop: With the wind it feels like -20 °C']);
    expect(told({ airQuality: 100 })).toEqual([]);
    expect(told({ airQuality: 101 })).toEqual(['care: The air-quality index is 101']);
    expect(told({ airQuality: 150 })).toEqual(['stop: The air-quality index is 150']);
  });

  test.each<[number, number, string[]]>([
    [6, 31, ['note: The UV index is 6, and 31 minutes outdoors are planned']],
    [5, 31, []],
    [6, 30, []],
    [11, 0, []],
  ])('names the sun: UV %i, %i minutes', (uvIndex, minutes, expected) => {
    const lines = weatherTells(aDay({ uvIndex }), { values: {} }, minutes);
    expect(lines.map(({ level, text }) => `${level}: ${text}`)).toEqual(expected);
  });

  test('is told in the units of the home, the worst first', () => {
    expect(weatherText(aDay(), 'metric')).toBe('clear, 15 °C, wind 5 km/h');
    expect(weatherText(aDay(), 'us')).toBe('clear, 59 °F, wind 3 mph');
    expect(told({ airQuality: 120, tempC: 35, humidityPercent: 60 })).toEqual([
      'stop: It feels like 45 °C',
      'care: The air-quality index is 120',
    ]);
  });
});
