import { parentPort, workerData } from 'node:worker_threads';
import { createClient } from '@libsql/client';
import { copyInto } from './copy';

// A connection of its own: it sees the studio as it is now, and whoever writes meanwhile does not wait.
const { url, to } = workerData as { readonly url: string; readonly to: string };
const client = createClient({ url });
await copyInto(client, to).finally(() => client.close());
parentPort?.postMessage('copied');
