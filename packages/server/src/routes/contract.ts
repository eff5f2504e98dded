import {
  answersSchema,
  backupsSchema,
  backupTriedSchema,
  doorSchema,
  enterRequestSchema,
  forecastSchema,
  gesturesRequestSchema,
  handoverSchema,
  healthSchema,
  keptFileSchema,
  outboxSchema,
  passPhraseRequestSchema,
  pricesSchema,
  restoreRequestSchema,
  sendRequestSchema,
  sessionsSchema,
  setupRequestSchema,
  setupRestoreRequestSchema,
  shareActsRequestSchema,
  shareMadeSchema,
  shareOpeningsSchema,
  shareRequestSchema,
  signInRequestSchema,
  sinceSchema,
  shippedTablesSchema,
  snapshotSchema,
  newEntriesSchema,
  themeOffersSchema,
  toldWordsSchema,
  usualStockSchema,
  answerSchema,
} from '@kobby/core';
import { z } from 'zod';

/** Who may ask: anyone, who is signed in, or who has entered by a link. */
type Audience = 'anyone' | 'provider' | 'link';

/** One thing that can be asked of the server. */
export interface Endpoint {
  readonly method: 'get' | 'post' | 'delete';
  readonly path: string;
  readonly summary: string;
  readonly audience: Audience;
  readonly request?: z.ZodType;
  /** The body is the content of a file. */
  readonly takesFile?: true;
  /** The type of an answer that is neither JSON nor a stream of events. */
  readonly gives?: string;
  /** Null where the answer is a stream or has no body. */
  readonly response: z.ZodType | null;
}

/** Everything that can be asked. Routes are made from this list, and so is the OpenAPI document. */
export const ENDPOINTS = {
  health: {
    method: 'get',
    path: '/api/health',
    summary:
      'Whether the server is up, its database answers, its disk has room, and when it was last backed up',
    audience: 'anyone',
    response: healthSchema,
  },
  openapi: {
    method: 'get',
    path: '/api/openapi.json',
    summary: 'This document',
    audience: 'anyone',
    response: z.looseObject({}),
  },
  door: {
    method: 'get',
    path: '/api/door',
    summary: 'What the sign-in page needs to know',
    audience: 'anyone',
    response: doorSchema,
  },
  setUp: {
    method: 'post',
    path: '/api/setup',
    summary: 'Makes a new home, once, with the code from the terminal',
    audience: 'anyone',
    request: setupRequestSchema,
    response: doorSchema,
  },
  setUpBrought: {
    method: 'post',
    path: '/api/setup/brought',
    summary:
      'Takes in a backup or the file of a whole home for a new home; the code from the terminal is in the header Kobby-Code',
    audience: 'anyone',
    takesFile: true,
    response: backupTriedSchema,
  },
  setUpRestored: {
    method: 'post',
    path: '/api/setup/restore',
    summary: 'Begins a new home with what was brought in',
    audience: 'anyone',
    request: setupRestoreRequestSchema,
    response: backupTriedSchema,
  },
  signIn: {
    method: 'post',
    path: '/api/session',
    summary: 'Signs in',
    audience: 'anyone',
    request: signInRequestSchema,
    response: doorSchema,
  },
  signOut: {
    method: 'delete',
    path: '/api/session',
    summary: 'Signs out',
    audience: 'anyone',
    response: doorSchema,
  },
  sessions: {
    method: 'get',
    path: '/api/sessions',
    summary: 'Where somebody is signed in',
    audience: 'provider',
    response: sessionsSchema,
  },
  endSession: {
    method: 'delete',
    path: '/api/sessions/:id',
    summary: 'Ends a session, or with `others` all but the one that asks',
    audience: 'provider',
    response: sessionsSchema,
  },
  changePassPhrase: {
    method: 'post',
    path: '/api/pass-phrase',
    summary: 'Changes the pass-phrase; everybody else has to sign in again',
    audience: 'provider',
    request: passPhraseRequestSchema,
    response: sessionsSchema,
  },
  book: {
    method: 'get',
    path: '/api/book',
    summary:
      'The whole book, with ?apart without what is as it ships, or with ?since=N the gestures kept after number N',
    audience: 'provider',
    response: z.union([snapshotSchema, sinceSchema]),
  },
  gestures: {
    method: 'post',
    path: '/api/gestures',
    summary: 'Sends gestures, judged in order, one answer each',
    audience: 'provider',
    request: gesturesRequestSchema,
    response: answersSchema,
  },
  live: {
    method: 'get',
    path: '/api/live',
    summary: 'Kept gestures as server-sent events; ?since=N or Last-Event-ID brings what was missed',
    audience: 'provider',
    response: null,
  },
  keepFile: {
    method: 'post',
    path: '/api/files',
    summary:
      'Keeps a file whose content is the body and whose name is ?name=; what is shown by it then names its checksum',
    audience: 'provider',
    takesFile: true,
    response: keptFileSchema,
  },
  showFile: {
    method: 'get',
    path: '/api/files/:sha256',
    summary: 'A kept file that something of the home names',
    audience: 'provider',
    response: null,
    gives: 'application/octet-stream',
  },
  makeShare: {
    method: 'post',
    path: '/api/shares',
    summary: 'Makes a link for an assistant; its secret is told once',
    audience: 'provider',
    request: shareRequestSchema,
    response: z.union([shareMadeSchema, answerSchema]),
  },
  shares: {
    method: 'get',
    path: '/api/shares',
    summary: 'When each link was last opened',
    audience: 'provider',
    response: shareOpeningsSchema,
  },
  outbox: {
    method: 'get',
    path: '/api/outbox',
    summary: 'What was sent: message files that ship with Kobby in the place of mail',
    audience: 'provider',
    response: outboxSchema,
  },
  sendOut: {
    method: 'post',
    path: '/api/outbox',
    summary: 'Sends a note home, or a calendar of a unit',
    audience: 'provider',
    request: sendRequestSchema,
    response: outboxSchema,
  },
  message: {
    method: 'get',
    path: '/api/outbox/:name',
    summary: 'The file of a message (RFC 5322)',
    audience: 'provider',
    response: null,
    gives: 'message/rfc822',
  },
  lacking: {
    method: 'get',
    path: '/api/library/lacking',
    summary: 'What of the library that ships the home does not have, with the changes that take it in',
    audience: 'provider',
    response: newEntriesSchema,
  },
  shipped: {
    method: 'get',
    path: '/api/library/shipped',
    summary: 'Everything that ships with Kobby; kept by the browser with the ?edition= that it is',
    audience: 'provider',
    response: shippedTablesSchema,
  },
  usualStock: {
    method: 'get',
    path: '/api/library/usual-stock',
    summary: 'How much an ordinary home has of what ships, in the unit of each supply',
    audience: 'provider',
    response: usualStockSchema,
  },
  themeThings: {
    method: 'get',
    path: '/api/words/things',
    summary: 'What belongs to a theme: ?theme=, and ?sense= where it can mean several things',
    audience: 'provider',
    response: themeOffersSchema,
  },
  toldWords: {
    method: 'get',
    path: '/api/words/told',
    summary: 'What is known of the names of things: ?name=, again for each',
    audience: 'provider',
    response: toldWordsSchema,
  },
  weather: {
    method: 'get',
    path: '/api/weather',
    summary: 'The weather of the days ahead',
    audience: 'provider',
    response: forecastSchema,
  },
  prices: {
    method: 'get',
    path: '/api/prices',
    summary: 'What a shop offers, with its prices',
    audience: 'provider',
    response: pricesSchema,
  },
  backups: {
    method: 'get',
    path: '/api/backups',
    summary: 'The backups beside the home, and what could not be read',
    audience: 'provider',
    response: backupsSchema,
  },
  makeBackup: {
    method: 'post',
    path: '/api/backups',
    summary: 'Makes a backup now',
    audience: 'provider',
    response: backupsSchema,
  },
  bringBackup: {
    method: 'post',
    path: '/api/backups/brought',
    summary:
      'Takes in a backup or the file of a whole home as a backup, after it was tried; the body is its content',
    audience: 'provider',
    takesFile: true,
    response: backupTriedSchema,
  },
  backup: {
    method: 'get',
    path: '/api/backups/:name',
    summary: 'The file of a backup',
    audience: 'provider',
    response: null,
    gives: 'application/vnd.sqlite3',
  },
  dropBackup: {
    method: 'delete',
    path: '/api/backups/:name',
    summary: 'Takes a backup away for good',
    audience: 'provider',
    response: backupsSchema,
  },
  homeFile: {
    method: 'get',
    path: '/api/home-file',
    summary: 'The whole home as one file for other programs: lists with their schema, and files, in a ZIP',
    audience: 'provider',
    response: null,
    gives: 'application/zip',
  },
  tryBackup: {
    method: 'post',
    path: '/api/backups/:name/tried',
    summary: 'Tries a backup and tells what is in it; nothing is changed',
    audience: 'provider',
    response: backupTriedSchema,
  },
  restore: {
    method: 'post',
    path: '/api/restore',
    summary: 'Tries a backup, then puts it in the place of the home; what is there now is backed up first',
    audience: 'provider',
    request: restoreRequestSchema,
    response: backupTriedSchema,
  },
  enterShare: {
    method: 'post',
    path: '/api/shared/:shareId/enter',
    summary: "Exchanges a link's secret for a cookie",
    audience: 'anyone',
    request: enterRequestSchema,
    response: handoverSchema,
  },
  shared: {
    method: 'get',
    path: '/api/shared/:shareId',
    summary: 'What a link shows',
    audience: 'link',
    response: handoverSchema,
  },
  sharedFile: {
    method: 'get',
    path: '/api/shared/:shareId/files/:sha256',
    summary: 'A picture of the home that a link shows',
    audience: 'link',
    response: null,
    gives: 'application/octet-stream',
  },
  sharedActs: {
    method: 'post',
    path: '/api/shared/:shareId/acts',
    summary: 'Ticks, notes and timers of whoever holds the link, judged in order, one answer each',
    audience: 'link',
    request: shareActsRequestSchema,
    response: answersSchema,
  },
  sharedLive: {
    method: 'get',
    path: '/api/shared/:shareId/live',
    summary: 'What a link shows, as server-sent events whenever it changes',
    audience: 'link',
    response: null,
  },
} as const satisfies Record<string, Endpoint>;

export type EndpointName = keyof typeof ENDPOINTS;
