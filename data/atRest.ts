/** What no page carries: only a page at rest fetches it. */
export { asWritten } from '../core/exchange/bookDocument';
export { tidy } from './tidy';
