// Killing the server in the middle of a stream of gestures loses no acknowledged one and doubles none.
import { afterEach, expect, test } from 'vitest';
import { startServer, temporaryFolder, type RunningServer } from './support/server.ts';

const ROUNDS = 4;
const SENDERS = 4;
// How many acknowledged gestures there are when the server is killed, round by round.
const KILL_AFTER = [1, 15, 40, 90];

const folder = temporaryFolder();
let server: RunningServer | null = null;
afterEach(async () => {
  await server?.stop();
  folder.remove();
});

interface Sent {
  readonly id: string;
  readonly moveId: string;
  readonly body: string;
}

/** One use of a craft stick: a line of the ledger, so that losing or doubling one shows in the sum. */
function useOfAStick(round: number, number: number): Sent {
  const moveId = `use-${round}-${number}`;
  const move = {
    id: moveId,
    supplyId: 'craft-sticks',
    kind: 'bought',
    amount: 1,
    at: '2027-03-11T15:00:00.000Z',
  };
  const gesture = {
    id: `gesture-${moveId}`,
    at: move.at,
    changes: [{ type: 'cupboard/record-stock', move }],
  };
  return { id: gesture.id, moveId, body: JSON.stringify({ gestures: [gesture] }) };
}

async function signIn(url: string): Promise<string> {
  const response = await fetch(`${url}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ passPhrase: 'three blue kites' }),
  });
  return response.headers.getSetCookie()[0]!.split(';')[0]!;
}

const post = (url: string, cookie: string, body: string): Promise<Response> =>
  fetch(`${url}/api/gestures`, {
    method: 'POST',
    headers: { 'content-type': 'application/json', cookie },
    body,
  });

/** Sends gestures from several sides until the server is gone; what was sent, and the answers that came. */
async function sendUntilKilled(url: string, cookie: string, round: number, kill: () => void) {
  const sent: Sent[] = [];
  const answers = new Map<string, unknown>();
  const sender = async (): Promise<void> => {
    for (;;) {
      const gesture = useOfAStick(round, sent.length);
      sent.push(gesture);
      try {
        const response = await post(url, cookie, gesture.body);
        answers.set(gesture.id, ((await response.json()) as { answers: unknown[] }).answers[0]);
      } catch {
        return;
      }
      if (answers.size === KILL_AFTER[round]) kill();
    }
  };
  await Promise.all(Array.from({ length: SENDERS }, sender));
  return { sent, answers };
}

test('kill after kill', async () => {
  const everSent: Sent[] = [];
  for (let round = 0; round < ROUNDS; round++) {
    server = await startServer(folder.path, ['--demo']);
    const cookie = await signIn(server.url);
    const running = server;
    const { sent, answers } = await sendUntilKilled(
      server.url,
      cookie,
      round,
      () => void running.stop('SIGKILL'),
    );
    await running.stop('SIGKILL');
    everSent.push(...sent);

    server = await startServer(folder.path, ['--demo']);
    const again = await signIn(server.url);
    const before = await bookOf(server.url, again);
    for (const [id, answer] of answers) {
      expect(answer).toMatchObject({ outcome: 'kept' });
      expect(before.stockMoves[id.replace('gesture-', '')]).toBeDefined();
    }
    // Everything is sent again, as a browser does that heard no answer: what was kept gives the same answer.
    for (const { id, body } of sent) {
      const [answer] = ((await (await post(server.url, again, body)).json()) as { answers: unknown[] })
        .answers;
      if (answers.has(id)) expect(answer).toEqual(answers.get(id));
      expect(answer).toMatchObject({ outcome: 'kept' });
    }
    const after = await bookOf(server.url, again);
    const lines = Object.keys(after.stockMoves).filter((id) => id.startsWith('use-'));
    expect(lines.toSorted()).toEqual(everSent.map(({ moveId }) => moveId).toSorted());
    expect(after.seq).toBe(
      before.seq + lines.length - Object.keys(before.stockMoves).filter((id) => id.startsWith('use-')).length,
    );
    await server.stop();
  }
});

async function bookOf(
  url: string,
  cookie: string,
): Promise<{ seq: number; stockMoves: Record<string, unknown> }> {
  const snapshot = (await (await fetch(`${url}/api/book`, { headers: { cookie } })).json()) as {
    seq: number;
    book: { stockMoves: Record<string, unknown> };
  };
  return { seq: snapshot.seq, stockMoves: snapshot.book.stockMoves };
}
