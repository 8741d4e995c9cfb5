import { mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { pathToFileURL } from 'node:url';
import { resolve } from 'node:path';
import { build } from 'esbuild';

// Writes docs/formats: the JSON Schemas and the worked example of the front door.
const bundle = resolve('.cache/formats.mjs');
mkdirSync('.cache', { recursive: true });
await build({
  stdin: {
    contents: `
      export { jsonSchemas } from './core/src/formats/schemas';
      export { makeReport } from './core/src/formats/report';
      export { appraise } from './core/src/appraise';
      export { line, session, sampleClient, sampleKit } from './core/src/examples/samples';
    `,
    resolveDir: process.cwd(),
    loader: 'ts',
  },
  outfile: bundle,
  bundle: true,
  format: 'esm',
  platform: 'node',
  logLevel: 'warning',
});
const core = await import(pathToFileURL(bundle).href);
const write = (name, value) => writeFileSync(`docs/formats/${name}`, `${JSON.stringify(value, null, 2)}\n`);
for (const [name, schema] of Object.entries(core.jsonSchemas())) write(name, schema);

const today = '2026-11-24';
const request = {
  session: core.session([core.line('incline-dumbbell-press'), core.line('dumbbell-lateral-raise')], {
    title: 'Example',
    minutes: 45,
  }),
  client: core.sampleClient,
  kit: core.sampleKit,
  today,
};
write('appraise-request.json', request);
const context = { client: request.client, kit: request.kit, logged: [], todayIso: today };
write('appraise-response.json', core.makeReport(core.appraise(request.session, context), context));
rmSync(bundle);
