import MarkdownIt from 'markdown-it';
import { GUIDE } from './guide';

const TEXTS = import.meta.glob<string>('../../../docs/guide/*.md', { query: '?raw', import: 'default', eager: true });
const PICTURES = import.meta.glob<string>('../../../docs/screenshots/*.png', {
    query: '?url',
    import: 'default',
    eager: true,
});

const markdown = new MarkdownIt();

export interface GuidePage {
    name: string;
    title: string;
    html: string;
}

/** The pages of docs/guide, with their pictures from docs/screenshots. */
export const PAGES: GuidePage[] = GUIDE.map(([name, title]) => {
    const text = TEXTS[`../../../docs/guide/${name}.md`] ?? '';
    const html = markdown
        .render(text)
        .replaceAll(
            /src="\.\.\/screenshots\/([\w-]+\.png)"/g,
            (whole, file: string) => `src="${PICTURES[`../../../docs/screenshots/${file}`] ?? whole}"`,
        )
        // The window has a heading of the first level already.
        .replaceAll(/<(\/?)h1>/g, '<$1h2>');
    return { name, title, html };
});
