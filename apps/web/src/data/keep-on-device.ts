/** The application's files are fetched for keeping once the first screen has had its time. */
const AFTER_MS = 4000;

/** Asked this often whether there is a newer application, ms: a screen on the wall is never loaded anew by itself. */
const LOOK_EVERY_MS = 3_600_000;

let registration: ServiceWorkerRegistration | undefined;

/** Lets the service worker keep the application on this device; in development there is none, and a browser that forbids it goes on without. */
export function keepOnDevice(): () => void {
  if (__DEV__ || !('serviceWorker' in navigator)) return () => undefined;
  const register = async () => {
    registration = await navigator.serviceWorker
      .register('/service-worker.js')
      .catch(() => undefined);
  };
  const first = setTimeout(() => void register(), AFTER_MS);
  const looking = setInterval(
    () => void registration?.update().catch(() => undefined),
    LOOK_EVERY_MS,
  );
  return () => {
    clearTimeout(first);
    clearInterval(looking);
  };
}

/** Goes on with the newer application, if one is there; called at a moment in which nothing is under way. */
export function renewIfThere(): void {
  const waiting = registration?.waiting;
  if (!waiting) return;
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), {
    once: true,
  });
  waiting.postMessage('renew');
}
