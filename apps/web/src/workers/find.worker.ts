import { findMixes } from '@potter/core/mix';
import { expose } from 'comlink';
import type { FindAsk } from './find-messages';

expose(({ hex, paints, like }: FindAsk) => findMixes(hex, paints, like ? { like } : {}));
