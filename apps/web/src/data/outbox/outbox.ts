import { alsoFormer } from '@potter/contract/change';
import { useSyncExternalStore } from 'react';
import { mayPass, waitMs, whenBack } from '../again';
import { Away, call, Refused } from '../api';
import { device } from '../device';
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

const watchOutbox = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};
export const unsentNow = (): readonly Unsent[] => unsent;
export const useUnsent = (): readonly Unsent[] => useSyncExternalStore(watchOutbox, unsentNow);

const isOf = (a: Letter) => (b: Letter) => a.id === b.id;
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
  const older = unsent.filter((l) => l.about === posted.about);
  const letter: Letter = {
    ...posted,
    ...seenBefore(posted, older),
    id: newId(),
    at: nextPlace(),
  };
  set([...unsent.filter((l) => !older.includes(l)), letter]);
  const kept = await keep(letter, older);
  void beginOutbox().then(send);
  return kept;
}

/** Behind every letter posted before: a clock set back, between two pages too, puts nothing before what was posted earlier. */
function nextPlace(): number {
  const last = Math.max(unsent.at(-1)?.at ?? 0, device.get<number>(LAST_PLACE) ?? 0);
  const at = Math.max(Date.now(), last + 1);
  device.set(LAST_PLACE, at);
  return at;
}
const LAST_PLACE = 'letters.last';

/** What a change saw that takes the place of others: theirs too, as nobody knows whether one of them arrived. */
function seenBefore({ was }: Posted, older: readonly Letter[]): Pick<Letter, 'was'> {
  if (!was || older.some((l) => l.method === 'PUT' && !l.was)) return { was: undefined };
  return { was: older.reduceRight((seen, l) => alsoFormer(l.was ?? {}, seen), was) };
}

let persisted: Promise<boolean> | undefined;

async function keep(
  { kept: _, ...letter }: Unsent,
  instead: readonly Letter[] = [],
): Promise<boolean> {
  try {
    await store.put(letter, instead);
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

/** Sends a refused letter again, now in the place of whatever stands there: the artist has seen that it differs. */
export function tryAgain(letter: Letter): void {
  change(letter, { refused: undefined, was: undefined });
  sendNow();
}

/** Puts a letter aside for good: what the studio has stands. */
export async function giveUp(letter: Letter): Promise<void> {
  await done(letter);
  for (const listener of without) listener(letter);
}

async function done(letter: Letter): Promise<void> {
  set(unsent.filter((l) => !isOf(letter)(l)));
  await store.remove(letter).catch(() => undefined);
}

async function refuse(letter: Letter, why: string): Promise<void> {
  change(letter, { refused: why });
  await store.put({ ...letter, refused: why }).catch(() => undefined);
  for (const listener of without) listener(letter);
}

/** Brings in what this device keeps from other pages, and lets go what another page has sent meanwhile. */
async function takeUp(): Promise<void> {
  const there = await store.all().catch(() => undefined);
  if (!there) return;
  const here = new Set(unsent.map((l) => l.id));
  const known = new Set(there.map((l) => l.id));
  set([
    ...unsent.filter((l) => !l.kept || known.has(l.id)),
    ...there.filter((l) => !here.has(l.id)).map((l) => ({ ...l, kept: true })),
  ]);
}

/** Calls with what the studio answered to a letter: for a change, the document as it stands now. */
export function onAnswer(listener: (letter: Letter, answer: unknown) => void): () => void {
  answered.add(listener);
  return () => answered.delete(listener);
}
const answered = new Set<(letter: Letter, answer: unknown) => void>();

/** Calls with a letter the studio will not have, or that is put aside: what it has is to be read anew. */
export function onRefusal(listener: (letter: Letter) => void): () => void {
  without.add(listener);
  return () => without.delete(listener);
}
const without = new Set<(letter: Letter) => void>();

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
  // Letters about one thing arrive in their order or not at all.
  const stuck = new Set<string>();
  for (const letter of unsent) {
    if (letter.refused !== undefined || stuck.has(letter.about) || !unsent.some(isOf(letter)))
      continue;
    try {
      const answer = await call(letter.path, { method: letter.method, body: bodyOf(letter) });
      for (const listener of answered) listener(letter, answer);
      await done(letter);
    } catch (error) {
      // What was to be taken away is gone already.
      if (letter.method === 'DELETE' && error instanceof Refused && error.status === 404)
        await done(letter);
      else if (mayPass(error)) {
        well = false;
        stuck.add(letter.about);
      } else if (error instanceof Refused) await refuse(letter, error.inWords);
      else throw error;
      if (error instanceof Away) return false;
    }
  }
  return well;
}

const bodyOf = ({ body, change, was }: Letter): unknown =>
  change ? { now: body, ...(was ? { was } : {}) } : body;
