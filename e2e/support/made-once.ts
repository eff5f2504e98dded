import { MADE_HOME, startServer, temporaryFolder } from './server.ts';

/** Makes the demo home once for all stories, by the built server itself. */
export default async function makeOnce(): Promise<() => void> {
  const folder = temporaryFolder();
  const server = await startServer(folder.path, ['--demo']);
  await server.stop();
  process.env[MADE_HOME] = folder.path;
  return folder.remove;
}
