import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/**
 * Keeps the whole application on the device, so that weighing and pouring go on, and begin, while the studio's server is away. What the studio
 * answers is never kept here: plans and runs are kept by the application itself.
 */
declare const MANIFEST: { url: string; revision: string | null }[];
interface Worker {
  readonly skipWaiting: () => Promise<void>;
  readonly addEventListener: (
    name: 'message',
    listener: (event: { data: unknown }) => void,
  ) => void;
}

// The page is asked of the studio first: it names the newest files. Only where the studio is away does the kept one serve.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      try {
        return await fetch(request);
      } catch {
        return (await matchPrecache('/index.html')) ?? Response.error();
      }
    },
    // A device that is not let in is led to a page of its own.
    { denylist: [/^\/api\//, /^\/pair$/] },
  ),
);
// Written in by the build.
precacheAndRoute(MANIFEST, { directoryIndex: '', cleanURLs: false });
cleanupOutdatedCaches();
// A newer application waits until the page says that nothing is under way.
const worker = globalThis as unknown as Worker;
worker.addEventListener('message', ({ data }) => {
  if (data === 'renew') void worker.skipWaiting();
});
