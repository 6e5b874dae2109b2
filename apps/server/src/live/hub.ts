import type { ServerResponse } from 'node:http';
import type { LiveEvent, Table } from '@potter/contract';

/** A page that listens. */
interface Listener {
  readonly page: string;
  /** The paired device it is on; none on the machine itself. */
  readonly device: string | undefined;
  readonly response: ServerResponse;
}

/** What is told to the pages that listen, as it happens. It keeps nothing but what is at the table now: whoever was away reads anew. */
export interface Hub {
  readonly join: (listener: Listener) => void;
  /** Tells every page but the one it is from. */
  readonly tell: (event: LiveEvent, from: string | undefined) => void;
  /** What is on the scale of a page now; undefined as it leaves the table. */
  readonly table: (from: string, table: Table | undefined) => void;
  /** Ends what a device hears: it is told why first. */
  readonly putOut: (device: string) => void;
  readonly close: () => void;
}

/** A line now and then, so that a network that drops what is silent keeps it open, ms. */
const ALIVE_EVERY_MS = 20_000;
/** A reading of a page that does not listen itself is nobody's any more after so long, ms. */
const TABLE_LASTS_MS = 30_000;
/** A page that takes nothing is not waited for, bytes. */
const MOST_WAITING = 1_000_000;

export function liveHub(now: () => number): Hub {
  const listeners = new Set<Listener>();
  let tables: { readonly from: string; readonly at: number; readonly table: Table }[] = [];
  const leave = (listener: Listener) => {
    listeners.delete(listener);
    listener.response.end();
  };
  const say = (listener: Listener, event: LiveEvent) => {
    if (listener.response.writableLength > MOST_WAITING) leave(listener);
    else listener.response.write(`data: ${JSON.stringify(event)}\n\n`);
  };
  const tell: Hub['tell'] = (event, from) => {
    for (const listener of listeners) if (listener.page !== from) say(listener, event);
  };
  const alive = setInterval(() => {
    for (const { response } of listeners) response.write(':\n\n');
  }, ALIVE_EVERY_MS).unref();
  const listens = (page: string) => [...listeners].some((l) => l.page === page);
  const table: Hub['table'] = (from, stands) => {
    tables = tables.filter(
      (t) => t.from !== from && (listens(t.from) || now() - t.at < TABLE_LASTS_MS),
    );
    if (stands) tables.push({ from, at: now(), table: stands });
    tell({ kind: 'table', from, ...(stands ? { table: stands } : {}) }, from);
  };
  return {
    join: (listener) => {
      const { page } = listener;
      listeners.add(listener);
      listener.response.on('close', () => {
        listeners.delete(listener);
        // A page that is gone, or a phone whose battery is, weighs nothing any more.
        if (!listens(page) && tables.some((t) => t.from === page)) table(page, undefined);
      });
      say(listener, { kind: 'here' });
      for (const { from, at, table } of tables)
        if (from !== page && (listens(from) || now() - at < TABLE_LASTS_MS))
          say(listener, { kind: 'table', from, table });
    },
    tell,
    table,
    putOut: (device) => {
      for (const listener of [...listeners].filter((l) => l.device === device)) {
        say(listener, { kind: 'put-out' });
        leave(listener);
      }
    },
    close: () => {
      clearInterval(alive);
      for (const listener of [...listeners]) leave(listener);
    },
  };
}
