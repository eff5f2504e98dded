import { ref, shallowRef } from 'vue';

/** A newer version that was fetched and waits to be used; null while this one is the newest, or it was put off. */
export const newVersion = shallowRef<ServiceWorker | null>(null);

const HOUR_MS = 3_600_000;

/**
 * Lets the browser keep the pages, so that they open without a connection. Browsers allow that over a secure connection only;
 * a new version comes into use when somebody takes it or the last window of the old one is closed, never in the middle of something.
 */
export function keepPages(): void {
  if (!import.meta.env.PROD || !window.isSecureContext || !('serviceWorker' in navigator)) return;
  void navigator.serviceWorker
    .register('/sw.js')
    .then(watchVersions)
    .catch(() => undefined);
}

function watchVersions(registration: ServiceWorkerRegistration): void {
  // The first that comes is this one.
  const offer = (): void => {
    if (navigator.serviceWorker.controller) newVersion.value = registration.waiting;
  };
  offer();
  registration.addEventListener('updatefound', () => {
    registration.installing?.addEventListener('statechange', offer);
  });
  // A page that stays open for days hears of it too.
  setInterval(() => void registration.update().catch(() => undefined), HOUR_MS);
}

/** Uses the newer version: the page is loaded anew with it. */
export function takeNewVersion(): void {
  const newer = newVersion.value;
  newVersion.value = null;
  if (!newer) return;
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
  newer.postMessage({ type: 'SKIP_WAITING' });
}

/** What of the program could not be fetched, to be told on the page; null while all is there. */
export const missingPart = ref<string | null>(null);

const RELOADED = 'kobby.reloaded-at';
const MINUTE_MS = 60_000;

/**
 * A part of the program is not there: after an update its name is another one, and a fresh page knows it. Loads the page anew at where
 * somebody was going, once a minute at most; where that does not help, or there is no network, it is told.
 */
export function partIsMissing(address: string): void {
  const last = Number(sessionStorage.getItem(RELOADED) ?? 0);
  if (navigator.onLine && Date.now() - last > MINUTE_MS) {
    sessionStorage.setItem(RELOADED, String(Date.now()));
    location.assign(address);
    return;
  }
  missingPart.value = navigator.onLine
    ? 'This page could not be fetched. Load it anew in a moment; nothing is lost.'
    : 'This page is not kept on this device. It opens when there is a network again.';
}
