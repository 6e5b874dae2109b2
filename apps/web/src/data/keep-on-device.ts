/** The application's files are fetched for keeping once the first screen has had its time. */
const AFTER_MS = 4000;

/** Lets the service worker keep the application on this device; in development there is none, and a browser that forbids it goes on without. */
export function keepOnDevice(): () => void {
  if (__DEV__ || !('serviceWorker' in navigator)) return () => undefined;
  const timer = setTimeout(
    () => void navigator.serviceWorker.register('/service-worker.js').catch(() => undefined),
    AFTER_MS,
  );
  return () => clearTimeout(timer);
}
