/** Library: activities and patterns, recipes, songs, books and sheets; and the version that a child gets. */
export * from './activity.ts';
export * from './content.ts';
export * from './field-names.ts';
export * from './print.ts';
export * from './process.ts';
export * from './recipe.ts';
export * from './role.ts';
export * from './slots.ts';
export * from './song.ts';
export * from './test.ts';
