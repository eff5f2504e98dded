/**
 * Lets the browser keep the pages, so that they open without a connection. Browsers allow that over a secure connection only;
 * a new version comes into use when the last window of the old one is closed, never in the middle of something.
 */
export function keepPages(): void {
  if (!import.meta.env.PROD || !window.isSecureContext || !('serviceWorker' in navigator)) return;
  void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
}
