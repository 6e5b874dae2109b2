import type { Fault } from '../schema/fault';

/** A fault on one line: where, then what. The document itself is "/". */
export const faultLine = ({ path, message }: Fault): string => `${path || '/'} ${message}`;
