/** In every host the core runs in (Node, browsers, workers), but in no library that TypeScript's ES2022 knows. */
declare function structuredClone<T>(value: T): T;
