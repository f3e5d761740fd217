export function ensureBuild(): Promise<void>;
