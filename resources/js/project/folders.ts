import { ref } from 'vue';

/** A line of a list: the heading of a folder, or something that is in one, or in none. */
export type Filed<T> = { key: string; folder: string; count: number } | { key: string; folder: string | null; one: T };

/** Things that are filed in folders, and which of these are closed. */
export function useFolders<T extends { folder: string | null }>(keyOf: (one: T) => string) {
    const closed = ref<string[]>([]);

    const namesOf = (all: T[]): string[] =>
        [...new Set(all.flatMap((one) => one.folder ?? []))].sort((a, b) => a.localeCompare(b));

    /**
     * What is in no folder, then folder by folder in one list, so that each stays the same one when it is filed elsewhere.
     * @param allOpen whether closed folders are looked into, too: while something is looked for
     */
    const listed = (all: T[], allOpen = false): Filed<T>[] =>
        [null, ...namesOf(all)].flatMap((folder): Filed<T>[] => {
            const within = all.filter((one) => one.folder === folder);
            const shown = !allOpen && folder !== null && closed.value.includes(folder) ? [] : within;
            const heading = folder === null ? [] : [{ key: `/${folder}`, folder, count: within.length }];
            return [...heading, ...shown.map((one) => ({ key: keyOf(one), folder, one }))];
        });

    function toggle(folder: string): void {
        closed.value = closed.value.includes(folder)
            ? closed.value.filter((one) => one !== folder)
            : [...closed.value, folder];
    }

    const isOpen = (folder: string): boolean => !closed.value.includes(folder);

    return { namesOf, listed, toggle, isOpen };
}
