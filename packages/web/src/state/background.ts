import { onBeforeUnmount, ref } from 'vue';

/** Any worker may tell that it could not do what it was asked for. */
interface Failed {
  readonly kind: 'failed';
  readonly message: string;
}

/**
 * Work in a worker of its own, an order at a time: nothing here waits for it, it can be stopped, and it ends with the page.
 * @param make makes the worker; it is made anew for each order.
 * @param onNews hears what it tells, and says whether that was the last of it.
 */
export function useBackground<Order, News extends { readonly kind: string }>(
  make: () => Worker,
  onNews: (news: Exclude<News, Failed>) => 'more' | 'last',
) {
  const isWorking = ref(false);
  const trouble = ref<string | null>(null);
  let worker: Worker | null = null;

  function stop(): void {
    worker?.terminate();
    worker = null;
    isWorking.value = false;
  }
  function fail(message: string): void {
    trouble.value = message;
    stop();
  }
  const isFailed = (news: News | Failed): news is Failed => news.kind === 'failed';
  function start(order: Order): void {
    stop();
    [trouble.value, isWorking.value] = [null, true];
    try {
      worker = make();
      worker.addEventListener('message', ({ data }: MessageEvent<News | Failed>) => {
        if (isFailed(data)) fail(data.message);
        else if (onNews(data as Exclude<News, Failed>) === 'last') stop();
      });
      worker.addEventListener('error', ({ message }) => fail(message || 'it could not begin'));
      worker.postMessage(order);
    } catch (error) {
      fail(String(error));
    }
  }
  onBeforeUnmount(stop);
  return { isWorking, trouble, start, stop };
}
