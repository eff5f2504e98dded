import {
  applyAsSeen,
  applyGesture,
  EMPTY_BOOK,
  gestureSchema,
  type Actor,
  type ChangeInput,
  type Gesture,
  type KeptGesture,
} from '@kobby/core';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { fromSnapshot, takeIn, waitingFor, without, type Replica } from './replica.ts';

const MARA: Actor = { kind: 'person', id: 'mara', name: 'Mara' };
const WREN: Actor = { kind: 'person', id: 'wren', name: 'Wren' };
let counter = 0;
const gesture = (changes: ChangeInput[]): Gesture =>
  gestureSchema.parse({ id: `gesture-${(counter += 1)}`, at: '2027-03-08T12:00:00.000Z', changes });
const person = (id: string, name: string): ChangeInput => ({
  type: 'house/put-person',
  person: { id, name, role: 'assistant' },
});

/** What the server would do: judge in order, number what is kept. */
class Server {
  book = EMPTY_BOOK;
  readonly kept: KeptGesture[] = [];

  judge(made: Gesture, actor: Actor): KeptGesture | null {
    const outcome = applyGesture(this.book, made, actor);
    if (outcome.outcome !== 'kept') return null;
    this.book = outcome.book;
    const line = { seq: this.kept.length + 1, actor, gesture: made };
    this.kept.push(line);
    return line;
  }
}

const doing = (
  replica: Replica,
  me: Actor,
  ...changes: ChangeInput[]
): { replica: Replica; made: Gesture } => {
  const { gesture: made, outcome } = applyAsSeen(replica.shown, gesture(changes), me);
  return { replica: outcome.outcome === 'kept' ? waitingFor(replica, made, outcome) : replica, made };
};

describe("the browser's copy", () => {
  const empty = fromSnapshot(EMPTY_BOOK, 0, [], MARA);

  test('shows an own act at once and keeps it apart until the server has kept it', () => {
    const { replica, made } = doing(empty, MARA, person('a', 'Ada'));
    expect([replica.shown.people.a?.name, replica.kept.people.a, replica.waiting.length]).toEqual([
      'Ada',
      undefined,
      1,
    ]);
    const taken = takeIn(replica, { seq: 1, actor: MARA, gesture: made }, MARA)!;
    expect([taken.kept.people.a?.name, taken.waiting, taken.seq]).toEqual(['Ada', [], 1]);
    expect(taken.shown).toBe(taken.kept);
  });

  test('takes in what comes twice only once, and asks to catch up over a gap', () => {
    const { replica, made } = doing(empty, MARA, person('a', 'Ada'));
    const line = { seq: 1, actor: MARA, gesture: made };
    const taken = takeIn(replica, line, MARA)!;
    expect(takeIn(taken, line, MARA)).toBe(taken);
    expect(takeIn(taken, { ...line, seq: 3 }, MARA)).toBeNull();
  });

  test('lays own acts over what others did meanwhile', () => {
    const { replica } = doing(empty, MARA, person('a', 'Ada'));
    const theirs = { seq: 1, actor: WREN, gesture: gesture([person('w', 'Wren')]) };
    const taken = takeIn(replica, theirs, MARA)!;
    expect(Object.keys(taken.shown.people).toSorted()).toEqual(['a', 'w']);
    expect(taken.waiting).toHaveLength(1);
  });

  test('applies an own act once: what was shown is what was kept', () => {
    const first = doing(empty, MARA, person('a', 'Ada'));
    const second = doing(first.replica, MARA, person('b', 'Bo'));
    const taken = takeIn(second.replica, { seq: 1, actor: MARA, gesture: first.made }, MARA)!;
    expect([taken.kept, taken.shown]).toEqual([first.replica.shown, second.replica.shown]);
    expect(taken.kept).toBe(first.replica.shown);
    expect(taken.shown).toBe(second.replica.shown);
  });

  test('drops an act that was not kept, and shows what is there instead', () => {
    const { replica, made } = doing(empty, MARA, person('a', 'Ada'));
    expect(without(replica, made.id, MARA).shown).toBe(EMPTY_BOOK);
  });

  test('two browsers and a server, in any order of sending and hearing, end with the same book', () => {
    const step = fc.record({
      who: fc.constantFrom(0, 1),
      what: fc.constantFrom('act', 'send', 'hear'),
      id: fc.constantFrom('a', 'b', 'c'),
      name: fc.constantFrom('Ada', 'Bo', 'Eli'),
    });
    fc.assert(
      fc.property(fc.array(step, { maxLength: 40 }), (steps) => {
        const server = new Server();
        const actors = [MARA, WREN];
        const replicas = [empty, empty];
        const send = (who: number): void => {
          const [next] = replicas[who]!.waiting;
          if (
            next &&
            !server.kept.some((line) => line.gesture.id === next.id) &&
            !server.judge(next, actors[who]!)
          ) {
            replicas[who] = without(replicas[who]!, next.id, actors[who]!);
          }
        };
        const hear = (who: number): void => {
          const line = server.kept[replicas[who]!.seq];
          if (line) replicas[who] = takeIn(replicas[who]!, line, actors[who]!)!;
        };
        for (const { who, what, id, name } of steps) {
          if (what === 'act') replicas[who] = doing(replicas[who]!, actors[who]!, person(id, name)).replica;
          if (what === 'send') send(who);
          if (what === 'hear') hear(who);
        }
        for (let i = 0; i < 80; i++) [0, 1].forEach((who) => (send(who), hear(who)));
        expect(replicas.map((replica) => replica.shown)).toEqual([server.book, server.book]);
        expect(replicas.map((replica) => replica.waiting)).toEqual([[], []]);
      }),
    );
  });
});
