import { newId } from './new-id';

/** This page's own id, by which the studio does not tell it what it did itself. */
export const pageId = newId();
