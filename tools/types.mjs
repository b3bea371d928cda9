// Writes the TypeScript types of documents and display lists from the published JSON Schemas.
import { compileFromFile } from 'json-schema-to-typescript';
import { readFile, writeFile } from 'node:fs/promises';

const check = process.argv.includes('--check');
let stale = false;

for (const [schema, target] of [
    ['core/schema/project-1.json', 'resources/js/api/project.gen.ts'],
    ['core/schema/display-list-1.json', 'resources/js/api/displayList.gen.ts'],
]) {
    const types = await compileFromFile(schema, {
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
