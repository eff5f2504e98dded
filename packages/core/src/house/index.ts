/** House: the home and its rules, the children, the people, the corners; who is there when, and how old. */
export * from './age.ts';
export * from './allergens.ts';
export * from './attendance.ts';
export * from './child.ts';
export * from './closure.ts';
export * from './corner.ts';
export * from './home.ts';
export * from './person.ts';
export * from './prep-time.ts';
export * from './ratio.ts';
export * from './starting-values.ts';
export * from './week-pattern.ts';
export * from './weather.ts';
