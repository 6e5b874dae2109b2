// A stand-in for a libSQL server: its protocol over HTTP (Hrana 2, as JSON: one pipeline address, streams kept by baton) in front of SQLite.
import { createServer } from 'node:http';
import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import Sqlite from 'libsql';

/** A value as SQLite takes it, and as the protocol writes it. */
const taken = (value) => {
  switch (value.type) {
    case 'null':
      return null;
    case 'integer':
      return BigInt(value.value);
    case 'blob':
      return Buffer.from(value.base64, 'base64');
    default:
      return value.value;
  }
};
const told = (value) =>
  value === null || value === undefined
    ? { type: 'null' }
    : typeof value === 'bigint'
      ? { type: 'integer', value: String(value) }
      : typeof value === 'number'
        ? Number.isInteger(value)
          ? { type: 'integer', value: String(value) }
          : { type: 'float', value }
        : typeof value === 'string'
          ? { type: 'text', value }
          : { type: 'blob', base64: Buffer.from(value).toString('base64') };

/** A stream: a connection of its own, as long as its client goes on with it. */
function stream(file, turn) {
  const db = new Sqlite(file);
  db.exec('PRAGMA journal_mode = WAL');
  const texts = new Map();
  /** Set while this stream writes: the next one is let in by it. */
  let done;
  const leave = () => {
    done?.();
    done = undefined;
  };
  /** Waits for whoever writes now, as a server does, without holding up the one that is waited for. */
  const execute = async (asked) => {
    if (/^BEGIN IMMEDIATE/i.test(asked.sql ?? '') && !done) {
      const before = turn.last;
      turn.last = new Promise((resolve) => (done = resolve));
      await before;
    }
    const result = executeNow(asked);
    if (!db.inTransaction) leave();
    return result;
  };
  const executeNow = ({ sql, sql_id, args = [], named_args = [] }) => {
    const statement = db.prepare(sql ?? texts.get(sql_id));
    const values =
      named_args.length > 0
        ? [Object.fromEntries(named_args.map(({ name, value }) => [name, taken(value)]))]
        : args.map(taken);
    if (!statement.reader) {
      const { changes, lastInsertRowid } = statement.run(...values);
      return {
        cols: [],
        rows: [],
        affected_row_count: changes,
        last_insert_rowid: String(lastInsertRowid),
      };
    }
    // Asked for after the rows, they would hold the statement open.
    const cols = statement.columns().map(({ name }) => ({ name }));
    const rows = statement.raw(true).all(...values);
    return {
      cols,
      rows: rows.map((row) => row.map(told)),
      affected_row_count: rows.length,
      last_insert_rowid: null,
    };
  };
  const holds = (condition, results, errors) => {
    switch (condition?.type) {
      case undefined:
        return true;
      case 'ok':
        return results[condition.step] !== null;
      case 'error':
        return errors[condition.step] !== null;
      case 'not':
        return !holds(condition.cond, results, errors);
      case 'and':
        return condition.conds.every((c) => holds(c, results, errors));
      case 'or':
        return condition.conds.some((c) => holds(c, results, errors));
      case 'is_autocommit':
        return !db.inTransaction;
    }
  };
  const asked = {
    execute: async ({ stmt }) => ({ result: await execute(stmt) }),
    batch: async ({ batch: { steps } }) => {
      const step_results = steps.map(() => null);
      const step_errors = steps.map(() => null);
      for (const [i, { condition, stmt }] of steps.entries()) {
        if (!holds(condition, step_results, step_errors)) continue;
        try {
          step_results[i] = await execute(stmt);
        } catch (error) {
          step_errors[i] = faultOf(error);
        }
      }
      return { result: { step_results, step_errors } };
    },
    sequence: ({ sql, sql_id }) => (db.exec(sql ?? texts.get(sql_id)), {}),
    store_sql: ({ sql_id, sql }) => (texts.set(sql_id, sql), {}),
    close_sql: ({ sql_id }) => (texts.delete(sql_id), {}),
    get_autocommit: () => ({ is_autocommit: !db.inTransaction }),
    close: () => (leave(), db.close(), {}),
  };
  return async (request) => {
    try {
      return {
        type: 'ok',
        response: { type: request.type, ...(await asked[request.type](request)) },
      };
    } catch (error) {
      return { type: 'error', error: faultOf(error) };
    }
  };
}

const faultOf = ({ message, code }) => ({ message, code: code ?? 'SQLITE_ERROR' });

/** Serves a file to whoever has the token; `away(true)` answers nobody, as a machine that was switched off. */
export async function libsqlStandIn(file, token) {
  const streams = new Map();
  const turn = { last: Promise.resolve() };
  let away = false;
  let asked = 0;
  const serve = async (request, response) => {
    const answer = (status, body) => {
      response.writeHead(status, { 'content-type': 'application/json' });
      response.end(JSON.stringify(body));
    };
    if (away) return request.socket.destroy();
    if (request.headers.authorization !== `Bearer ${token}`)
      return answer(401, { message: 'unauthorized' });
    // The newer protocol is not spoken here: clients fall back.
    if (request.url === '/v2') return answer(200, {});
    if (request.url !== '/v2/pipeline') return answer(404, { message: 'not found' });
    asked++;
    let text = '';
    for await (const part of request) text += part;
    const { baton, requests } = JSON.parse(text);
    const id = baton ?? randomUUID();
    const handle = streams.get(baton) ?? stream(file, turn);
    streams.set(id, handle);
    const results = [];
    for (const one of requests) results.push(await handle(one));
    const closed = requests.some(({ type }) => type === 'close');
    if (closed) streams.delete(id);
    answer(200, { baton: closed ? null : id, base_url: null, results });
  };
  const server = createServer((request, response) => void serve(request, response)).listen(
    0,
    '127.0.0.1',
  );
  await once(server, 'listening');
  return {
    url: `http://127.0.0.1:${server.address().port}`,
    asked: () => asked,
    away: (is) => (away = is),
    stop: () => {
      server.closeAllConnections();
      server.close();
    },
  };
}
