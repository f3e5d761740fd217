import { checkNode, ensureBuild, ensurePackages } from './lib.mjs';

checkNode();
ensurePackages();
await ensureBuild();
