import { keptGestureSchema, plainDaySchema, type KeptGesture, type PlainDay } from '@kobby/core';

/** What can be heard from the server while it is listened to. */
export interface LiveEvents {
  kept(gesture: KeptGesture): void;
  /** A new day has begun by the home's clock. */
  today(day: PlainDay): void;
  /** Too much was missed: fetch the whole book. */
  takeSnapshot(): void;
  opened(): void;
  lost(): void;
}

type Message =
  | { readonly name: 'kept' | 'today'; readonly data: string }
  | { readonly name: 'takeSnapshot' | 'opened' | 'lost' };

const NAME = 'kobby.live';
const RETRY_MS = 1500;

/**
 * Listens to what others do. One window of a browser holds the stream and tells the others, because a browser
 * allows only a few connections to one place; when that window closes, the next one takes over. `since` says from where on and is
 * asked whenever a stream is opened. What comes back ends the listening.
 */
export function listenLive(since: () => string, events: LiveEvents): () => void {
  const channel = new BroadcastChannel(NAME);
  const end = new AbortController();
  const hear = (message: Message): void => {
    if (message.name === 'kept') events.kept(keptGestureSchema.parse(JSON.parse(message.data)));
    else if (message.name === 'today') events.today(plainDaySchema.parse(JSON.parse(message.data)));
    else events[message.name]();
  };
  channel.onmessage = ({ data }: MessageEvent<Message>) => hear(data);
  const tell = (message: Message): void => {
    if (end.signal.aborted) return;
    channel.postMessage(message);
    hear(message);
  };
  // Without a secure context there are no locks: then every window listens for itself.
  if (navigator.locks) {
    const holding = () => new Promise<void>((over) => hold(since, tell, end.signal, over));
    navigator.locks.request(NAME, { signal: end.signal }, holding).catch(() => undefined);
  } else hold(since, tell, end.signal, () => undefined);
  return () => {
    end.abort();
    channel.close();
  };
}

// Holds the stream until the listening ends; opens it again when the server closed it for good.
function hold(
  since: () => string,
  tell: (message: Message) => void,
  end: AbortSignal,
  over: () => void,
): void {
  const stream = new EventSource(`/api/live?${since()}`);
  stream.addEventListener('kept', (event: MessageEvent<string>) => tell({ name: 'kept', data: event.data }));
  stream.addEventListener('today', (event: MessageEvent<string>) =>
    tell({ name: 'today', data: event.data }),
  );
  stream.addEventListener('take-a-snapshot', () => tell({ name: 'takeSnapshot' }));
  stream.addEventListener('open', () => tell({ name: 'opened' }));
  stream.addEventListener('error', () => {
    tell({ name: 'lost' });
    if (stream.readyState === EventSource.CLOSED && !end.aborted) {
      setTimeout(() => (end.aborted ? over() : hold(since, tell, end, over)), RETRY_MS);
    }
  });
  end.addEventListener('abort', () => {
    stream.close();
    over();
  });
}
