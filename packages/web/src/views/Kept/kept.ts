import type { Backup } from '@kobby/core';

/** Why a backup is there, in words. */
export const WHY: Readonly<Record<Backup['why'], string>> = {
  daily: 'Made by itself',
  asked: 'You asked for it',
  'before-migration': 'Before a newer Kobby',
  'before-restore': 'Before you restored',
  brought: 'Brought in',
};

/** `4.2 MB`, never finer than anybody cares. */
export const sizeText = (bytes: number): string =>
  bytes < 1_000_000 ? `${Math.max(1, Math.round(bytes / 1000))} kB` : `${(bytes / 1_000_000).toFixed(1)} MB`;

/** When something was, by this machine's clock and in its way of writing. */
export const whenText = (instant: string): string =>
  new Date(instant).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' });

/** What a backup holds, the kinds that say most. */
export const COUNTED = {
  children: ['child', 'children'],
  units: ['unit', 'units'],
  activities: ['activity', 'activities'],
  supplies: ['supply', 'supplies'],
  recipes: ['recipe', 'recipes'],
  songs: ['song', 'songs'],
  records: ['record', 'records'],
  notes: ['note', 'notes'],
} as const;
