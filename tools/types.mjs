// Writes the TypeScript types of documents, edits and display lists from the published JSON Schemas.
import { compile } from 'json-schema-to-typescript';
import { readFile, writeFile } from 'node:fs/promises';

const check = process.argv.includes('--check');
let stale = false;

/**
 * Edits as the interface makes them: the names of choices come from the vocabulary, and what is attached to layers is handed on
 * as it came. A list that may not be empty would be another type than any list.
 */
function asHandled(key, value) {
    if (key === 'minItems' && value === 1) {
        return undefined;
    }
    if (value?.enum) {
        return { type: 'string' };
    }
    if (/\/(Effect|Mask|Cascade|Outline|Phase|Motion|Accent)$/.test(value?.$ref)) {
        return { tsType: 'object' };
    }
    if (/\/(Label|Blend)$/.test(value?.$ref)) {
        return { type: 'string' };
    }
    return value &&
        typeof value === 'object' &&
        !Array.isArray(value) &&
        Object.keys(value).every((name) => name === 'description') &&
        typeof (value.description ?? '') === 'string'
        ? { ...value, tsType: 'unknown' }
        : value;
}

/** Types know no ranges: of the same value within several, one is enough. */
const withoutRange = (name) => name.replace(/^((?:.*\/)?Animated[A-Za-z]*?)(?:Within|UpTo|From(?:Minus)?)\d.*$/, '$1');

/** What is said beside a reference would hide that it is one of the types with a name, which would be written out once more. */
function referring(key, value) {
    if (key === '$defs') {
        return Object.fromEntries(Object.entries(value).map(([name, one]) => [withoutRange(name), one]));
    }
    return key === 'default' ? undefined : typeof value?.$ref === 'string' ? { $ref: withoutRange(value.$ref) } : value;
}

for (const [schema, target] of [
    ['core/schema/project-1.json', 'resources/js/api/project.gen.ts'],
    ['core/schema/display-list-1.json', 'resources/js/api/displayList.gen.ts'],
]) {
    const published = JSON.parse(await readFile(schema, 'utf8'), referring);
    // What edits take comes with the documents, whose definitions they share.
    if (schema.endsWith('project-1.json')) {
        const edits = await readFile('core/schema/edits-1.json', 'utf8');
        published.$defs.EditArguments = JSON.parse(edits.replaceAll('"project-1.json#', '"#'), (key, value) =>
            asHandled(key, referring(key, value)),
        );
    }
    // A rate may be written in two ways; what comes from the server is the first.
    for (const one of Object.values(published.$defs ?? published.definitions ?? {})) {
        if (one.properties?.rate?.anyOf) {
            one.properties.rate = one.properties.rate.anyOf[0];
        }
    }
    const types = await compile(published, published.title ?? target, {
        bannerComment: `/* Made from ${schema} by \`npm run types\`. */`,
        maxItems: 6,
        unreachableDefinitions: true,
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
