import MarkdownIt from 'markdown-it';

const PAGES = import.meta.glob<string>('../../../docs/guide/*.md', { query: '?raw', import: 'default', eager: true });
const PICTURES = import.meta.glob<string>('../../../docs/screenshots/*.png', {
    query: '?url',
    import: 'default',
    eager: true,
});

/** In the order in which one learns. */
const ORDER = [
    'first-graphic',
    'arranging',
    'keyframes',
    'arrive-stay-leave',
    'groups-and-bundles',
    'windows-masks-effects',
    'words-and-cascades',
    'shapes-and-strokes',
    'rendering',
];

const markdown = new MarkdownIt();

export interface GuidePage {
    name: string;
    title: string;
    html: string;
}

/** The pages of docs/guide, with their pictures from docs/screenshots. */
export const GUIDE: GuidePage[] = ORDER.map((name) => {
    const text = PAGES[`../../../docs/guide/${name}.md`] ?? '';
    const html = markdown
        .render(text)
        .replaceAll(
            /src="\.\.\/screenshots\/([\w-]+\.png)"/g,
            (whole, file: string) => `src="${PICTURES[`../../../docs/screenshots/${file}`] ?? whole}"`,
        )
        // The window has a heading of the first level already.
        .replaceAll(/<(\/?)h1>/g, '<$1h2>');
    return { name, title: /^# (.+)$/m.exec(text)?.[1] ?? name, html };
});
