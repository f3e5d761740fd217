/** Everything that reads or writes tables, in one piece: it is fetched when the first of them is asked for. */
export { readBoxCsv, writeBadRows, writeBoxCsv } from './boxCsv';
export { readReadingsCsv } from './readingsCsv';
export { logDescriptor, logTableCsv, logTables, SI_LOG_UNITS } from './logTables';
