import type { LiveEvent, Table } from '@potter/contract';
import { useSyncExternalStore } from 'react';
import { waitMs } from './again';
import { call } from './api';
import { pageId } from './page-id';
import { pairing } from './pairing';

/**
 * What the studio tells as it happens: that another page or device has changed something, and what is on a scale elsewhere. A page listens
 * while it is looked at; nothing depends on its hearing anything.
 */

/** Called with the address of what was changed, such as `plans/p-1`; with none where anything may have been. */
type Heard = (about: string | undefined) => void;
const heard = new Set<Heard>();

export function onChanged(listener: Heard): () => void {
  heard.add(listener);
  return () => heard.delete(listener);
}

const tell: Heard = (about) => {
  for (const listener of [...heard]) listener(about);
};

let tables: ReadonlyMap<string, Table> = new Map();
const watching = new Set<() => void>();
function setTable(from: string, table: Table | undefined): void {
  if (table === undefined && !tables.has(from)) return;
  const others = [...tables].filter(([page]) => page !== from);
  tables = new Map(table ? [...others, [from, table]] : others);
  for (const listener of watching) listener();
}

/** What is on the scales of other pages now. */
export const useTables = (): ReadonlyMap<string, Table> =>
  useSyncExternalStore(
    (listener) => {
      watching.add(listener);
      return () => watching.delete(listener);
    },
    () => tables,
  );

/** Readings follow one another faster than anybody reads them, ms. */
const TELL_EVERY_MS = 80;
let toTell: Table | undefined;
/** Whether the others were told of a table that they have not been told the end of. */
let theyKnow = false;
let telling: ReturnType<typeof setTimeout> | undefined;

/** Tells the other pages what is on the scale here; nothing as the table is left. */
export function tellTable(table: Table | undefined): void {
  toTell = table;
  if (!connected) return;
  telling ??= setTimeout(() => {
    telling = undefined;
    theyKnow = toTell !== undefined;
    const body = { page: pageId, ...(toTell ? { table: toTell } : {}) };
    void call('/api/live/table', { method: 'PUT', body }).catch(() => undefined);
  }, TELL_EVERY_MS);
}

let source: EventSource | undefined;
let connected = false;
/** Whether it has listened before: what happened since is not known. */
let wasThere = false;
let tries = 0;
let again: ReturnType<typeof setTimeout> | undefined;

function hear(event: LiveEvent): void {
  switch (event.kind) {
    case 'here':
      connected = true;
      tries = 0;
      pairing.set(true);
      if (wasThere) tell(undefined);
      wasThere = true;
      // Left while nothing could be told: they hear of it now.
      if (toTell || theyKnow) tellTable(toTell);
      return;
    case 'changed':
      return tell(event.about);
    case 'table':
      return setTable(event.from, event.table);
    case 'put-out':
      pairing.set(false);
      leave();
      return later();
  }
}

function listen(): void {
  clearTimeout(again);
  if (source || document.visibilityState !== 'visible') return;
  source = new EventSource(`/api/live?page=${pageId}`);
  source.onmessage = ({ data }) => hear(JSON.parse(String(data)) as LiveEvent);
  source.onerror = () => {
    connected = false;
    // While it is not closed the browser tries by itself.
    if (source?.readyState !== EventSource.CLOSED) return;
    leave();
    // An answer of another kind than that of the stream: asked plainly, the studio says whether this device is let in.
    void call('/api/devices').catch(() => undefined);
    later();
  };
}

function leave(): void {
  source?.close();
  source = undefined;
  connected = false;
  for (const from of [...tables.keys()]) setTable(from, undefined);
}

function later(): void {
  clearTimeout(again);
  again = setTimeout(listen, waitMs(++tries));
}

/** Listens from now on, while the page is looked at; returns how to end it. */
export function beginLive(): () => void {
  if (typeof EventSource === 'undefined') return () => undefined;
  const looked = () => (document.visibilityState === 'visible' ? listen() : leave());
  document.addEventListener('visibilitychange', looked);
  addEventListener('online', listen);
  listen();
  return () => {
    document.removeEventListener('visibilitychange', looked);
    removeEventListener('online', listen);
    clearTimeout(again);
    leave();
  };
}
