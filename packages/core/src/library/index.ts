/** Library: skills, activities and the version of an activity that a child gets. */
export * from './activity.ts';
export * from './skills.ts';
