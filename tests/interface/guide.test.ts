import { readFileSync, readdirSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { GUIDE, useGuide } from '@/shell/guide';
import { PAGES } from '@/shell/guidePages';

const FOLDER = 'docs/guide';

describe('the guide', () => {
    it('lists every page of its folder by the heading that it has', () => {
        const written = readdirSync(FOLDER).map((file) => [
            file.replace('.md', ''),
            /^# (.+)$/m.exec(readFileSync(`${FOLDER}/${file}`, 'utf8'))?.[1],
        ]);
        expect(GUIDE.toSorted()).toEqual(written.toSorted());
    });

    it('shows only pictures that there are, each with a word for who does not see it', () => {
        for (const { html, title } of PAGES) {
            const pictures = html.match(/<img [^>]*>/g) ?? [];
            expect(pictures.length, title).toBeGreaterThan(0);
            pictures.forEach((picture) => expect(picture).toMatch(/src="[^"]*screenshots\/[\w-]+\.png[^"]*" alt=".+"/));
        }
    });

    it('leads from each part of the Sheet to a page that there is', () => {
        const names = GUIDE.map(([name]) => name);
        for (const section of ['placement', 'form', 'type', 'masks', 'effects', 'cascades', 'line', 'animate']) {
            expect(names).toContain(useGuide().about(section));
        }
    });
});
