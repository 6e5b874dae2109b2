import { type Href, useLocalSearchParams, useRouter } from 'expo-router';
import { type ReactNode, useEffect, useState } from 'react';
import { View } from 'react-native';
import { type Station, stationOf } from './stations';

/** What asks for a choice first, such as a layer's panel, is on screen by then. */
const SETTLED_MS = 150;

const FIELDS = ['input', 'textarea', 'button', '[role=button]', '[role=radio]', '[tabindex]']
  .map((field) => `${field}:not(:disabled, [aria-disabled=true])`)
  .join();

const idOf = (about: string) => `about ${about}`;

/** The part of a station where what this pointer names is changed: a remark leads there. */
export function At({
  about,
  className,
  children,
}: {
  readonly about: string;
  readonly className?: string;
  readonly children: ReactNode;
}) {
  return (
    <View id={idOf(about)} className={className}>
      {children}
    </View>
  );
}

/** Where a remark about this is mended. */
export const wayTo = (plan: string, about: string): Href =>
  `/plans/${plan}/${stationOf(about).id}?about=${encodeURIComponent(about)}` as Href;

/** Leads to where what a remark is about is mended, at this station or another. */
export function useLead(plan: string, here: Station['id']): (about: string) => void {
  const router = useRouter();
  return (about) =>
    stationOf(about).id === here ? router.setParams({ about }) : router.replace(wayTo(plan, about));
}

const useAbout = () => useLocalSearchParams<{ about?: string }>().about;

/** Whether one is being led to something at or under one of these pointers. */
export function useLed(...pointers: readonly string[]): boolean {
  const about = useAbout();
  return about !== undefined && pointers.some((p) => about === p || about.startsWith(`${p}/`));
}

/** Has a station open what one is led to: `open` gets the numbers along its pointer, such as cup and layer. */
export function useOpenWhatLedTo(pointer: string, open: (...places: readonly number[]) => void) {
  const about = useAbout();
  const [was, setWas] = useState<string>();
  if (about === was) return;
  // Opened while drawing, so that what is looked for is there once this is drawn.
  setWas(about);
  const places = about?.startsWith(`${pointer}/`) ? (about.match(/\d+/g) ?? []).map(Number) : [];
  if (places.length > 0) open(...places);
}

/** Brings what one is led to into view and its field under the finger, then lets go of it. */
export function useBringIntoView(): void {
  const about = useAbout();
  const router = useRouter();
  useEffect(() => {
    if (about === undefined) return;
    const timer = setTimeout(() => {
      const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
      const parts = partsOn(about);
      // From the outermost in: a layer's panel stands in its own frame beside the cup.
      for (const part of parts) {
        const block = part.offsetHeight > innerHeight / 3 ? 'start' : 'center';
        part.scrollIntoView({ block, behavior: still ? 'auto' : 'smooth' });
      }
      parts.at(-1)?.querySelector<HTMLElement>(FIELDS)?.focus({ preventScroll: true });
      router.setParams({ about: undefined });
    }, SETTLED_MS);
    return () => clearTimeout(timer);
  }, [about, router]);
}

/** The parts of the page for this pointer and for all that it stands under, the outermost first. */
function partsOn(about: string): HTMLElement[] {
  const above = about.slice(0, about.lastIndexOf('/'));
  const part = document.getElementById(idOf(about));
  return [...(above === '' ? [] : partsOn(above)), ...(part ? [part] : [])];
}
