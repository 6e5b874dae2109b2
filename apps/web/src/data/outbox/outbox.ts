import { useSyncExternalStore } from 'react';
import { mayPass, waitMs, whenBack } from '../again';
import { Away, call, Refused } from '../api';
import { newId } from '../new-id';
import { handOver } from './from-before';
import type { Letter, Posted } from './letter';
import { store } from './store';

/** A letter as this page has it. */
export interface Unsent extends Letter {
  /** Whether this device keeps it, should the page go now; absent while it is being written. */
  readonly kept?: boolean;
}

/**
 * What the studio does not have yet, oldest first. A letter holds at once in this page, is kept on this device, is sent until the studio has
 * answered it with a yes, and is sent no more only when the studio has refused it for good: then it stays here for the artist to see.
 */
let unsent: readonly Unsent[] = [];
const listeners = new Set<() => void>();
const set = (next: readonly Unsent[]): void => {
  unsent = [...next].sort((a, b) => a.at - b.at);
  for (const listener of listeners) listener();
};

export const watchOutbox = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
export const unsentNow = (): readonly Unsent[] => unsent;
export const useUnsent = (): readonly Unsent[] => useSyncExternalStore(watchOutbox, unsentNow);

const isOf = (a: Letter) => (b: Letter) => a.about === b.about && a.id === b.id;
const change = (letter: Letter, to: Partial<Unsent>): void =>
  set(unsent.map((l) => (isOf(letter)(l) ? { ...l, ...to } : l)));

let began: Promise<void> | undefined;

/** Takes up what earlier pages left and begins sending; once a page. */
export function beginOutbox(): Promise<void> {
  began ??= (async () => {
    whenBack(sendNow);
    await takeUp();
    await handOver(post);
    void send();
  })();
  return began;
}

/** Posts a change. Resolves to whether this device keeps it; it is on its way to the studio either way. */
export async function post(posted: Posted): Promise<boolean> {
  const last = unsent.at(-1)?.at ?? 0;
  // A clock set back puts nothing before what was posted earlier.
  const letter: Letter = { ...posted, id: newId(), at: Math.max(Date.now(), last + 1) };
  set([...unsent.filter((l) => l.about !== letter.about), letter]);
  const kept = await keep(letter);
  void beginOutbox().then(send);
  return kept;
}

let persisted: Promise<boolean> | undefined;

async function keep({ kept: _, ...letter }: Unsent): Promise<boolean> {
  try {
    await store.put(letter);
  } catch {
    // Full or forbidden: it goes to the studio from this page.
    change(letter, { kept: false });
    return false;
  }
  change(letter, { kept: true });
  // Asked at the first thing of value: some browsers ask the artist.
  persisted ??= globalThis.navigator?.storage?.persist?.().catch(() => false);
  return true;
}

/** Sends a refused letter again. */
export function tryAgain(letter: Letter): void {
  change(letter, { refused: undefined });
  sendNow();
}

/** Puts a letter aside for good. */
export const giveUp = (letter: Letter): Promise<void> => done(letter);

async function done(letter: Letter): Promise<void> {
  set(unsent.filter((l) => !isOf(letter)(l)));
  await store.remove(letter).catch(() => undefined);
}

async function refuse(letter: Letter, why: string): Promise<void> {
  change(letter, { refused: why });
  await store.put({ ...letter, refused: why }).catch(() => undefined);
}

/** Brings in what this device keeps from other pages, and lets go what another page has sent meanwhile. */
async function takeUp(): Promise<void> {
  const there = await store.all().catch(() => undefined);
  if (!there) return;
  const here = new Map(unsent.map((l) => [l.about, l]));
  for (const letter of there) {
    const mine = here.get(letter.about);
    if (!mine || mine.at < letter.at) here.set(letter.about, { ...letter, kept: true });
  }
  const known = new Set(there.map((l) => l.about));
  set([...here.values()].filter((l) => !l.kept || known.has(l.about)));
}

let sending = false;
let tries = 0;
let timer: ReturnType<typeof setTimeout> | undefined;

function sendNow(): void {
  tries = 0;
  clearTimeout(timer);
  void send();
}

async function send(): Promise<void> {
  if (sending) return;
  sending = true;
  clearTimeout(timer);
  try {
    if (await alone(round)) tries = 0;
    else timer = setTimeout(() => void send(), waitMs(++tries));
  } finally {
    sending = false;
  }
  // Posted while the round was ending.
  if (tries === 0 && unsent.some((l) => l.refused === undefined)) void send();
}

/** One page of this device sends at a time, so that an older letter never arrives after a newer one. */
const alone = <T>(task: () => Promise<T>): Promise<T> =>
  globalThis.navigator?.locks
    ? (navigator.locks.request('potter.outbox', task) as Promise<T>)
    : task();

/** Sends every letter once; false where one has to be sent again later. */
async function round(): Promise<boolean> {
  await takeUp();
  // There may be room by now.
  for (const letter of unsent) if (letter.kept === false) await keep(letter);
  let well = true;
  for (const letter of unsent) {
    if (letter.refused !== undefined || !unsent.some(isOf(letter))) continue;
    try {
      await call(letter.path, { method: letter.method, body: letter.body });
      await done(letter);
    } catch (error) {
      // What was to be taken away is gone already.
      if (letter.method === 'DELETE' && error instanceof Refused && error.status === 404)
        await done(letter);
      else if (mayPass(error)) well = false;
      else if (error instanceof Refused) await refuse(letter, inWords(error));
      else throw error;
      if (error instanceof Away) return false;
    }
  }
  return well;
}

const inWords = ({ message, refusal: { faults } }: Refused): string =>
  faults[0] ? `${message} ${faults[0].path} ${faults[0].message}.` : message;
