import { readFileSync } from 'node:fs';
import { join } from 'node:path';

export interface Route {
  method: 'get' | 'post' | 'put' | 'delete';
  path: string;
}

/** Every route of the API, read from where they are written down, so that a new one is asked about by itself. */
export function everyRoute(): Route[] {
  const from = (file: string): string => readFileSync(join(import.meta.dirname, '..', 'http', file), 'utf8');
  const routesIn = (file: string) =>
    [...from(file).matchAll(/router\.(get|post|put|delete)\(\s*'([^']+)'/g)].map((m) => ({
      method: m[1] as 'get',
      path: m[2]!,
    }));
  const app = from('app.ts');
  const imported = new Map(
    [...app.matchAll(/import \{ ([^}]+) \} from '\.\/(routes\/[a-z]+)'/g)].flatMap((m) =>
      m[1]!.split(', ').map((name) => [name, `${m[2]}.ts`] as const),
    ),
  );
  const mounted = [...app.matchAll(/app\.use\('(\/api\/[a-z]+)', (\w+)\(/g)].flatMap(([, base, name]) => {
    const file = imported.get(name!)!;
    const documents = from(file).includes('router.use(documentRoutes(')
      ? routesIn('routes/documents.ts')
      : [];
    return [...routesIn(file), ...documents].map((r) => ({ ...r, path: `${base}${r.path}` }));
  });
  const single = [...app.matchAll(/app\.(get)\('(\/api\/[a-z]+)'/g)].map((m) => ({
    method: m[1] as 'get',
    path: m[2]!,
  }));
  return [...mounted, ...single].map((r) => ({ ...r, path: r.path.replace(/\/$/, '') }));
}
