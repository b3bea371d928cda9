// Writes the TypeScript types of documents and display lists from the published JSON Schemas.
import { compile } from 'json-schema-to-typescript';
import { readFile, writeFile } from 'node:fs/promises';

const check = process.argv.includes('--check');
let stale = false;

for (const [schema, target] of [
    ['core/schema/project-1.json', 'resources/js/api/project.gen.ts'],
    ['core/schema/display-list-1.json', 'resources/js/api/displayList.gen.ts'],
]) {
    const published = JSON.parse(await readFile(schema, 'utf8'));
    // A rate may be written in two ways; what comes from the server is the first.
    for (const one of Object.values(published.$defs ?? published.definitions ?? {})) {
        if (one.properties?.rate?.anyOf) {
            one.properties.rate = one.properties.rate.anyOf[0];
        }
    }
    const types = await compile(published, published.title ?? target, {
        bannerComment: `/* Made from ${schema} by \`npm run types\`. */`,
        maxItems: 6,
        style: { singleQuote: true, tabWidth: 4 },
    });
    if (check) {
        const present = await readFile(target, 'utf8').catch(() => '');
        if (present !== types) {
            console.error(`${target} does not match ${schema}: run npm run types`);
            stale = true;
        }
    } else {
        await writeFile(target, types);
    }
}
process.exit(stale ? 1 : 0);
