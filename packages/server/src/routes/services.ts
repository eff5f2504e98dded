import type { Knex } from 'knex';
import type { Logger } from 'pino';
import type { ActLimit, AttemptLimit } from '../access/limits.ts';
import type { SecurityLog } from '../access/events.ts';
import type { Backups } from '../backups/backups.ts';
import type { HomeClock } from '../clock.ts';
import type { Keeper } from '../keeper.ts';
import type { Outbox } from '../standins/outbox.ts';
import type { PriceService } from '../standins/shop.ts';
import type { WeatherService } from '../standins/weather.ts';
import type { FileStore } from '../store/files.ts';
import type { Hub } from '../live/hub.ts';
import type { ShareViews } from '../live/share-views.ts';

/** Puts something else in the place of what is in the data folder, while nothing of it is open (host.ts). */
export type Replace = (work: () => Promise<void>) => Promise<void>;

/** What the routes work with. Made once by the application. */
export interface Services {
  /** The data folder. */
  readonly folder: string;
  readonly knex: Knex;
  readonly keeper: Keeper;
  readonly clock: HomeClock;
  readonly files: FileStore;
  readonly backups: Backups;
  readonly replace: Replace;
  readonly outbox: Outbox;
  readonly weather: WeatherService;
  readonly prices: PriceService;
  readonly log: Logger;
  readonly attempts: AttemptLimit;
  readonly acts: ActLimit;
  readonly events: SecurityLog;
  /** Their open pages, each with the session that it belongs to. */
  readonly providers: Hub<string>;
  readonly shareViews: ShareViews;
  /** The one-time code with which a new home is made. */
  readonly setUpCode: string;
  /** The address under which phones reach this server; null when it was not told. */
  readonly publicAddress: string | null;
  /** In the demo, the pass-phrase that the sign-in page shows. */
  readonly demoPassPhrase: string | null;
}
