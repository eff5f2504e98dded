import type { Browser } from 'puppeteer-core';
import { LAPTOP, openBrowser, Visitor } from './browser.ts';
import { startServer, temporaryFolder, type RunningServer } from './server.ts';

/** The demo home in a folder of its own, with the provider signed in at a laptop. */
export interface Demo {
  readonly server: RunningServer;
  readonly browser: Browser;
  readonly mara: Visitor;
  /** Ends everything and takes the folder away. */
  close(): Promise<void>;
}

/** Starts the demo home and signs the provider in; the list of units is open then. */
export async function openDemo(): Promise<Demo> {
  const folder = temporaryFolder();
  const server = await startServer(folder.path, ['--demo']);
  const { browser, close } = await openBrowser();
  const mara = await Visitor.arrive(browser, LAPTOP);
  await mara.go(server.url);
  await mara.fill('passPhrase', 'three blue kites');
  await mara.pressText('Open the door');
  await mara.find('.rack');
  return {
    server,
    browser,
    mara,
    close: async () => {
      await close();
      await server.stop();
      folder.remove();
    },
  };
}
