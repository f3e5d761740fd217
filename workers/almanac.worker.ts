import { expose } from 'comlink';
import { almanacApi } from './almanac';

expose(almanacApi);
