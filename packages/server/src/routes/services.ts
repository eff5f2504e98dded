import type { Knex } from 'knex';
import type { Logger } from 'pino';
import type { AttemptLimit } from '../access/limits.ts';
import type { HomeClock } from '../clock.ts';
import type { Keeper } from '../keeper.ts';
import type { Outbox } from '../standins/outbox.ts';
import type { WeatherService } from '../standins/weather.ts';
import type { FileStore } from '../store/files.ts';
import type { Hub } from '../live/hub.ts';
import type { ShareViews } from '../live/share-views.ts';

/** What the routes work with. Made once by the application. */
export interface Services {
  readonly knex: Knex;
  readonly keeper: Keeper;
  readonly clock: HomeClock;
  readonly files: FileStore;
  readonly outbox: Outbox;
  readonly weather: WeatherService;
  readonly log: Logger;
  readonly attempts: AttemptLimit;
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
