import { expose } from 'comlink';
import { computeApi } from './compute';

expose(computeApi);
