/**
 * What Kobby knows and computes. Pure: no clock, no randomness, no input or output, nothing of the browser or
 * the server. Each folder below is a room with its own table of contents; imports run downwards only.
 */
export * from './measure/index.ts';
export * from './kind/index.ts';
export * from './calendar/index.ts';
export * from './skills/index.ts';
export * from './spoken/index.ts';
export * from './house/index.ts';
export * from './cupboard/index.ts';
export * from './library/index.ts';
export * from './schedule/index.ts';
export * from './choosing/index.ts';
export * from './verses/index.ts';
export * from './unit/index.ts';
export * from './watch/index.ts';
export * from './daybook/index.ts';
export * from './handover/index.ts';
export * from './book/index.ts';
export * from './changes/index.ts';
export * from './reading/index.ts';
export * from './gathering/index.ts';
export * from './arranging/index.ts';
export * from './jotting/index.ts';
export * from './mend/index.ts';
export * from './draft/index.ts';
export * from './printshop/index.ts';
export * from './sheets/index.ts';
export * from './wire/index.ts';
export * from './formats/index.ts';
export * from './lookup/index.ts';
