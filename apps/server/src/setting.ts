import { isIPv4 } from 'node:net';
import { dirname, resolve } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';

/** What the server is told as it starts. */
export interface Setting {
  readonly port: number;
  /** Where the studio is: a file, `:memory:`, or a libSQL server. */
  readonly url: string;
  /** What a libSQL server knows this studio by. */
  readonly token?: string;
  /** Whether it is opened to the home network at once, and at which address if not at all the machine has. */
  readonly home: { readonly at?: string } | undefined;
  readonly homePort: number;
  /** The outside address, where a proxy stands before it. */
  readonly outside?: string;
  /** Whether the machine itself has to be a paired device too. */
  readonly loopbackAsks: boolean;
  /** Where keys and certificates lie. */
  readonly keys: string;
}

type Environment = Readonly<Record<string, string | undefined>>;

/** Something the server was told is not what it can work with. */
class Unclear extends Error {}

/**
 * Reads what the server is told: `--home` or `--home=ADDRESS`, and the environment's PORT, POTTER_DB, POTTER_DB_TOKEN, POTTER_HOME_PORT, POTTER_OUTSIDE,
 * POTTER_LOOPBACK (`paired`), POTTER_KEYS. Throws `Unclear` with the way to mend it.
 * @param data folder of what is kept where nothing else is said
 */
export function settingOf(args: readonly string[], env: Environment, data: string): Setting {
  const port = portIn(env, 'PORT', 4173);
  const url = env.POTTER_DB ?? pathToFileURL(resolve(data, 'potter.db')).href;
  const beside = url.startsWith('file:') ? dirname(fileURLToPath(url)) : data;
  return {
    port,
    url,
    ...(env.POTTER_DB_TOKEN ? { token: env.POTTER_DB_TOKEN } : {}),
    home: homeIn(args),
    homePort: portIn(env, 'POTTER_HOME_PORT', port + 1),
    ...outsideIn(env.POTTER_OUTSIDE),
    loopbackAsks: env.POTTER_LOOPBACK === 'paired',
    keys: env.POTTER_KEYS ?? resolve(beside, 'keys'),
  };
}

function portIn(env: Environment, name: string, usual: number): number {
  const text = env[name];
  if (text === undefined || text === '') return usual;
  const port = Number(text);
  if (!Number.isInteger(port) || port < 0 || port > 65_534)
    throw new Unclear(`${name} is “${text}”; say a number of 1 to 65534.`);
  return port;
}

function homeIn(args: readonly string[]): Setting['home'] {
  let home: Setting['home'];
  for (const arg of args) {
    const at = /^--home(?:=(.*))?$/.exec(arg);
    if (!at) throw new Unclear(`“${arg}” is nothing the studio knows; it takes --home.`);
    if (at[1] !== undefined && !isIPv4(at[1]))
      throw new Unclear(`“${at[1]}” is no address; say one such as --home=192.168.1.20.`);
    home = at[1] === undefined ? {} : { at: at[1] };
  }
  return home;
}

function outsideIn(text: string | undefined): { readonly outside?: string } {
  if (text === undefined || text === '') return {};
  const url = URL.canParse(text) ? new URL(text) : undefined;
  if (url?.protocol !== 'https:' || url.pathname !== '/')
    throw new Unclear(
      `POTTER_OUTSIDE is “${text}”; say the address devices use, such as https://studio.example.`,
    );
  return { outside: url.origin };
}
