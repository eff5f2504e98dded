/** Skills: the areas and their skills, the rungs of a child, and the lenses that map skills to headings. */
export * from './lens.ts';
export * from './rung.ts';
export * from './skills.ts';
