import type { FastifyRequest } from 'fastify';
import type { Database } from '../db/open';
import { by, DONE, named, type Routes } from '../http/contract';
import { Refused } from '../refused';
import { changeDevice, letIn, readDevices } from './devices';
import type { HomeDoor } from './door';
import { carry } from './gate';
import { PAIR_PAGE, PAIR_SCRIPT, STYLE } from './pages';

/** Only who sits at the machine opens its door, and lets devices in. */
function atTheMachine({ door }: FastifyRequest): void {
  if (door.way !== 'machine')
    throw new Refused(
      'only-here',
      'This is done on the studio’s own machine. Nothing was changed.',
    );
}

/**
 * The way in over the network, and who is let in.
 * @param putOut called with a device's id as it is put out: whatever it still hears ends
 */
export function homeRoutes(
  app: Routes,
  db: Database,
  home: HomeDoor,
  now: () => Date,
  putOut: (id: string) => void,
): void {
  for (const [path, type, text] of [
    ['/pair', 'text/html; charset=utf-8', PAIR_PAGE],
    ['/pair.js', 'text/javascript; charset=utf-8', PAIR_SCRIPT],
    ['/pair.css', 'text/css; charset=utf-8', STYLE],
  ] as const)
    app.get(path, (_, reply) => reply.type(type).header('cache-control', 'no-store').send(text));
  app.get('/api/pair', { schema: { response: { 200: by('Paired') } } }, ({ device }) =>
    device ? { name: device.name } : {},
  );
  app.post(
    '/api/pair',
    { schema: { body: by('Pair'), response: { 200: by('Paired') } } },
    async ({ body, ip, door }, reply) => {
      // What it would carry is for secure connections, which the machine's own is not.
      if (door.way === 'machine')
        throw new Refused('only-here', 'This is the studio’s own machine: it needs no pairing.');
      const tried = home.codes.take(body.code, ip);
      if (tried === 'too-many')
        throw new Refused(
          'too-many',
          'Too many wrong codes were tried. Wait ten minutes, then have a new code made on the machine.',
        );
      if (tried === 'wrong')
        throw new Refused(
          'wrong-code',
          'This is not the code that is good now. Each is good once, for ten minutes; have a new one made on the machine.',
        );
      const name = body.name.trim();
      carry(reply, (await letIn(db, name, now())).token);
      return { name };
    },
  );
  app.get('/api/home', { schema: { response: { 200: by('Home') } } }, ({ door }) =>
    home.told(door.way === 'machine'),
  );
  app.put(
    '/api/home',
    { schema: { body: by('HomeChange'), response: { 200: by('Home') } } },
    async (request) => {
      atTheMachine(request);
      await (request.body.open ? home.open(app, true) : home.close(true));
      return home.told(true);
    },
  );
  app.post('/api/home/code', { schema: { response: { 200: by('Home') } } }, (request) => {
    atTheMachine(request);
    const { addresses } = home.told(true);
    if (addresses.length === 0)
      throw new Refused('no-network', 'Open the studio to the home network first.');
    home.codes.give();
    return home.told(true);
  });
  app.get('/api/devices', { schema: { response: { 200: by('Devices') } } }, ({ device }) =>
    readDevices(db, device),
  );
  app.put(
    '/api/devices/:id',
    {
      schema: { params: named('id'), body: by('DeviceChange'), response: { 200: by('Done') } },
    },
    async (request) => {
      const { params, body } = request;
      // A device that was put out lets none in again, itself least of all.
      if (body.revoked === false) atTheMachine(request);
      await changeDevice(db, params.id, body, now());
      if (body.revoked) putOut(params.id);
      return DONE;
    },
  );
}
