/** Kind: what one kind of entity is, said once beside its schema. */
export * from './blank.ts';
export * from './columns.ts';
export * from './ids.ts';
export * from './kind.ts';
export * from './references.ts';
