import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { Button } from './button';
import { Body, Title } from './type';

/** A page that was loaded anew and meets the same again is not loaded anew by itself within this time, ms. */
const ONCE_MS = 60_000;
const KEY = 'potter.renewed';

/** Whether a part of the application was not there: it was renewed in the studio while this page was open. */
const missesAPart = (error: Error): boolean =>
  /loading (module|chunk|script|bundle)|could not load|failed to (load|fetch)|dynamically imported/i.test(
    `${error.name} ${error.message}`,
  );

/** Whether the page may be loaded anew by itself: not where that was done a moment ago, or cannot be remembered. */
function mayRenew(): boolean {
  try {
    const last = Number(sessionStorage.getItem(KEY) ?? 0);
    sessionStorage.setItem(KEY, String(last));
    return Date.now() - last >= ONCE_MS;
  } catch {
    return false;
  }
}

/** In place of a screen that stopped: never a blank page. What was made is on this device or in the studio. */
export function PageFault({ error }: { readonly error: Error }) {
  const missing = missesAPart(error);
  const [renewing] = useState(() => missing && mayRenew());
  useEffect(() => {
    if (!renewing) return;
    sessionStorage.setItem(KEY, String(Date.now()));
    location.reload();
  }, [renewing]);
  if (renewing) return <View className="flex-1 bg-surround" aria-busy />;
  return (
    <View role="main" className="flex-1 gap-4 bg-surround p-4">
      <Title>{missing ? 'A part is missing' : 'This screen stopped'}</Title>
      <Body>
        {missing
          ? 'The application was renewed, or the studio does not answer, and a part of it did not come. What you made is kept; load the page again.'
          : `What you made is kept. The reason, should you want to report it: ${error.message}`}
      </Body>
      <View className="flex-row flex-wrap gap-2">
        <Button primary label="Load the page again" onPress={() => location.reload()} />
        <Button label="To the bench" onPress={() => location.assign('/bench')} />
      </View>
    </View>
  );
}
