import { answerOrder } from '@potter/core/order';
import { expose } from 'comlink';

expose(answerOrder);
