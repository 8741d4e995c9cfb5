import { rmSync } from 'node:fs';
import { startHouse, TEMPLATE } from './house';

// Seeds the demo once; every house of a story begins with a copy. Tools read a default export here.
export default async function setup(): Promise<() => void> {
  const { folder, end } = await startHouse();
  await end();
  process.env[TEMPLATE] = folder;
  return () => rmSync(folder, { recursive: true, force: true });
}
