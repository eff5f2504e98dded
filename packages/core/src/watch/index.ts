/** Watch: long observations. They have stages with rough durations, and outlive the unit that started them. */
export * from './observation.ts';
export * from './stage.ts';
