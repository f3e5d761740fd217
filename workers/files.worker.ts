import { expose } from 'comlink';
import { filesApi } from './files';

expose(filesApi);
