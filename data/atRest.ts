/** What no page carries: only a page at rest fetches it. */
export { asWritten } from '../core/exchange/bookDocument';
export { longOver } from '../core/log/longOver';
export { keepPast, tidy } from './tidy';
export { longPast, madeOf } from '../core/lessons/makeLongPast';
