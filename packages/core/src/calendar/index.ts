/** Calendar: dates, numbered program days and times on the home's clock. */
export * from './clock-time.ts';
export * from './instant.ts';
export * from './moment.ts';
export * from './month.ts';
export * from './plain-day.ts';
export * from './program-days.ts';
export * from './season.ts';
