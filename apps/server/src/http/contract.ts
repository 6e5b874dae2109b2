import type { Documents, SchemaName } from '@potter/contract';
import { check, judge } from '@potter/contract/validators';
import type {
  FastifyBaseLogger,
  FastifyInstance,
  FastifyTypeProvider,
  RawReplyDefaultExpression,
  RawRequestDefaultExpression,
  RawServerDefault,
} from 'fastify';
import { Refused } from '../refused';

/** How a route names a schema of the contract. */
export const by = <N extends SchemaName>(name: N): { readonly $id: N } => ({ $id: name });

/** How a route names what its address holds; any text will do. */
export const named = <K extends string>(...names: K[]): { readonly $named: readonly K[] } => ({
  $named: names,
});

/** What a route is handed and hands back, by the schemas it names. */
interface Contract extends FastifyTypeProvider {
  readonly validator: Described<this['schema']>;
  readonly serializer: Sent<Described<this['schema']>>;
}
type Described<S> = S extends { readonly $id: infer N extends SchemaName }
  ? Documents[N]
  : S extends { readonly $named: readonly (infer K extends string)[] }
    ? Readonly<Record<K, string>>
    : unknown;

/** What is handed back is only read. */
type Sent<T> = T extends object ? { readonly [K in keyof T]: Sent<T[K]> } : T;

/** What a route answers that has nothing to say. */
export const DONE = { done: true } as const;

/** A server whose routes are held to the contract, by their types too. */
export type Routes = FastifyInstance<
  RawServerDefault,
  RawRequestDefaultExpression,
  RawReplyDefaultExpression,
  FastifyBaseLogger,
  Contract
>;

const nameOf = (schema: unknown): SchemaName => (schema as { $id: SchemaName }).$id;

/** Answers that are text already. */
const TEXTS = new WeakMap<object, string>();

/** An answer put together from stored texts that were judged as they were read: it is neither built nor judged again. */
export function asText(json: string): never {
  const answer = {};
  TEXTS.set(answer, json);
  // It goes where its route promises a document: no type but that of the text's reader could tell what is in it.
  return answer as never;
}

/** Everything in and out of the API passes the contract's validators. */
export function holdToContract(app: Routes): void {
  app.setValidatorCompiler(({ schema }) => (value) => {
    if ('$named' in (schema as object)) return { value };
    const faults = check(nameOf(schema), value);
    if (faults.length === 0) return { value };
    const count = faults.length === 1 ? 'one place' : `${faults.length} places`;
    return {
      error: new Refused(
        'invalid',
        `What was sent is not right in ${count}. Nothing was changed.`,
        faults,
      ),
    };
  });
  app.setSerializerCompiler(({ schema }) => (value) => {
    const text = TEXTS.get(value as object);
    if (text !== undefined) return text;
    const faults = judge(nameOf(schema), value);
    if (faults.length > 0)
      throw new Error(`the answer breaks the contract: ${JSON.stringify(faults)}`);
    return JSON.stringify(value);
  });
}
