import type { ChangeInput } from '@kobby/core';

type PieceInput = Extract<ChangeInput, { type: 'circle/put-piece' }>['piece'];
type RecordInput = Extract<ChangeInput, { type: 'circle/record' }>['record'];

const KITES = 'unit-kites';

/** The circle of Wind and Kites: the same on all days, with a story and a song that change on Day 4. */
const PIECES: readonly Omit<PieceInput, 'id' | 'unitId'>[] = [
  { blockId: 'circle', kind: 'welcome', songId: 'who-is-here', order: 'a0', pinned: true },
  { blockId: 'circle', kind: 'attention', songId: 'clap-tap-lap', order: 'a1', singing: { count: 1 } },
  {
    blockId: 'circle',
    kind: 'finger-play',
    songId: 'kites-on-a-line',
    order: 'a2',
    singing: { what: ['kite'] },
  },
  { blockId: 'circle', kind: 'moving', songId: 'gust-and-hush', order: 'a3' },
  { blockId: 'circle', kind: 'story', bookId: 'book-wind', order: 'a4' },
  {
    blockId: 'circle',
    kind: 'close',
    songId: 'breathe-wide',
    order: 'a5',
    singing: { count: 1, what: ['cloud'] },
  },
  {
    blockId: 'table',
    moment: 'after',
    kind: 'song',
    songId: 'back-to-its-place',
    order: 'a0',
    singing: { count: 2 },
  },
  {
    blockId: 'small-groups',
    moment: 'after',
    kind: 'attention',
    songId: 'follow-to-the-door',
    order: 'a0',
    singing: { count: 1, what: ['windsock'] },
  },
];

const id = (index: number): string => `${KITES}-circle-${index + 1}`;

const STORY = 4;
const FINGER_PLAY = 2;
/** What changes on Day 4: its own book, and a song that grows in place of the one that counts. */
const ON_DAY_4: readonly PieceInput[] = [
  {
    id: `${KITES}-circle-story-4`,
    unitId: KITES,
    blockId: 'circle',
    day: 4,
    insteadOf: id(STORY),
    kind: 'story',
    bookId: 'book-story-lost',
    order: 'a4',
  },
  {
    id: `${KITES}-circle-song-4`,
    unitId: KITES,
    blockId: 'circle',
    day: 4,
    insteadOf: id(FINGER_PLAY),
    kind: 'song',
    songId: 'into-the-sack',
    singing: { count: 3 },
    order: 'a2',
  },
];

/** How the circles of the first days went. The age rule gave the middle child eight minutes and a half. */
const TOLD: readonly Omit<RecordInput, 'unitId' | 'blockId' | 'ruleSeconds'>[] = [
  { day: 1, outcome: 'held', heldSeconds: 560 },
  { day: 2, outcome: 'more', heldSeconds: 600 },
  { day: 3, outcome: 'lost', heldSeconds: 430 },
];
const RULE_SECONDS = 510;

export const demoCircle = (): ChangeInput[][] => [
  [
    ...PIECES.map((piece, i): ChangeInput => ({
      type: 'circle/put-piece',
      piece: { ...piece, id: id(i), unitId: KITES },
    })),
    ...ON_DAY_4.map((piece): ChangeInput => ({ type: 'circle/put-piece', piece })),
  ],
  TOLD.map((told): ChangeInput => ({
    type: 'circle/record',
    record: { ...told, unitId: KITES, blockId: 'circle', ruleSeconds: RULE_SECONDS },
  })),
];
