import { filesBench } from './bench/files';
console.log(filesBench());
