import { downloadZip } from 'client-zip';

/** Fewer pictures with numbers than this are pictures, and no sequence. */
const LEAST = 4;

export interface Sequence {
    name: string;
    files: File[];
}

const PICTURE = /^(.*?)(\d{1,9})\.(png|jpe?g|tiff?|bmp|webp)$/i;

/** Splits files into those that stand for themselves and those that are the numbered pictures of one clip. */
export function sequencesIn(files: File[]): { single: File[]; sequences: Sequence[] } {
    const runs = new Map<string, File[]>();
    for (const file of files) {
        const found = PICTURE.exec(file.name);
        if (found) {
            const key = `${found[1]!}\n${found[3]!.toLowerCase()}`;
            runs.set(key, [...(runs.get(key) ?? []), file]);
        }
    }
    const sequences = [...runs]
        .filter(([, run]) => run.length >= LEAST)
        .map(([key, run]) => {
            const [stem, ending] = key.split('\n') as [string, string];
            const numbers = run.map((file) => Number(PICTURE.exec(file.name)![2])).sort((a, b) => a - b);
            return { name: `${stem}${numbers[0]}–${numbers.at(-1)}.${ending}`, files: run };
        });
    const taken = new Set(sequences.flatMap((sequence) => sequence.files));
    return { single: files.filter((file) => !taken.has(file)), sequences };
}

/**
 * The pictures of a sequence as one file, in which they are sent.
 *
 * @param progress is told the part that is in it, 0 to 1, and may throw to give it up
 */
export async function packed({ name, files }: Sequence, progress: (part: number) => void): Promise<File> {
    function* pictures(): Generator<{ name: string; input: File }> {
        for (const [index, file] of files.entries()) {
            progress(index / files.length);
            yield { name: file.name, input: file };
        }
    }
    const blob = await downloadZip(pictures()).blob();
    return new File([blob], name, { type: 'application/zip' });
}

/** The files that are dropped, those in folders included. */
export async function droppedFiles(data: DataTransfer): Promise<File[]> {
    const entries = [...data.items].map((item) => item.webkitGetAsEntry?.() ?? null);
    if (entries.every((entry) => entry === null)) {
        return [...data.files];
    }
    return (await Promise.all(entries.map((entry) => (entry ? filesOf(entry) : [])))).flat();
}

async function filesOf(entry: FileSystemEntry): Promise<File[]> {
    if (entry.isFile) {
        return [await new Promise<File>((resolve, reject) => (entry as FileSystemFileEntry).file(resolve, reject))];
    }
    const reader = (entry as FileSystemDirectoryEntry).createReader();
    const found: File[] = [];
    // A folder is read in parts, the last of which is empty.
    for (;;) {
        const part = await new Promise<FileSystemEntry[]>((resolve, reject) => reader.readEntries(resolve, reject));
        if (part.length === 0) {
            return found.filter((file) => !file.name.startsWith('.'));
        }
        found.push(...(await Promise.all(part.map(filesOf))).flat());
    }
}
