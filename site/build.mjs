// Makes dist/: the scripts of generated sites and of their preview, each one file without modules, and the stylesheets of the
// houses, minified. A house is what all houses share, then its own files: its ground, the kinds of sections by name, and last
// what narrow and wide screens change in several of them.
import { mkdir, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { transform } from 'lightningcss';
import { build } from 'vite';

const SCRIPTS = { 'houses/site.js': 'src/visitor/site.ts', 'hosting/preview.js': 'src/preview/preview.ts' };

async function script(target, entry) {
  const result = await build({
    configFile: false,
    logLevel: 'warn',
    build: {
      write: false,
      target: 'es2022',
      lib: { entry, formats: ['iife'], name: 'ostium' },
      rollupOptions: { output: { entryFileNames: 'script.js' } }
    }
  });
  const [output] = Array.isArray(result) ? result : [result];
  await writeFile(`dist/${target}`, output.output[0].code);
}

async function sources(folder) {
  const place = (name) => (name === 'ground.css' ? 0 : name === 'widths.css' ? 2 : 1);
  const names = (await readdir(folder))
    .filter((name) => name.endsWith('.css'))
    .sort((one, other) => place(one) - place(other) || one.localeCompare(other));
  return Promise.all(names.map((name) => readFile(`${folder}/${name}`, 'utf8')));
}

function minified(filename, css) {
  return transform({ filename, code: Buffer.from(css), minify: true }).code;
}

await rm('dist', { recursive: true, force: true });
await mkdir('dist/houses', { recursive: true });
await mkdir('dist/hosting', { recursive: true });
for (const [target, entry] of Object.entries(SCRIPTS)) await script(target, entry);
const shared = await sources('src/houses/base');
for (const house of ['workshop', 'parlour', 'studio', 'kiosk', 'chambers', 'garden']) {
  const own = await sources(`src/houses/${house}`);
  await writeFile(`dist/houses/${house}.css`, minified(house, [...shared, ...own].join('\n')));
}
for (const name of ['preview', 'plain']) {
  await writeFile(
    `dist/hosting/${name}.css`,
    minified(name, await readFile(`src/preview/${name}.css`, 'utf8'))
  );
}
