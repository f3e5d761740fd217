import { ensureBuild } from './ensure-build.mjs';
import { checkNode, ensurePackages } from './lib.mjs';

checkNode();
ensurePackages();
await ensureBuild();
