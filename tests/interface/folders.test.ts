import { describe, expect, it } from 'vitest';
import { useFolders } from '@/project/folders';

const THINGS = [
    { id: 'a', folder: 'Street' },
    { id: 'b', folder: null },
    { id: 'c', folder: 'Depot' },
    { id: 'd', folder: 'Street' },
];

describe('things in folders', () => {
    it('stand after what is in none, folder by folder, each with how many it holds', () => {
        const { listed, namesOf } = useFolders<(typeof THINGS)[number]>(({ id }) => id);
        expect(namesOf(THINGS)).toEqual(['Depot', 'Street']);
        expect(listed(THINGS).map(({ key }) => key)).toEqual(['b', '/Depot', 'c', '/Street', 'a', 'd']);
        expect(listed(THINGS)[3]).toMatchObject({ folder: 'Street', count: 2 });
    });

    it('are hidden in a folder that is closed, unless something is looked for', () => {
        const { listed, toggle, isOpen } = useFolders<(typeof THINGS)[number]>(({ id }) => id);
        toggle('Street');
        expect(isOpen('Street')).toBe(false);
        expect(listed(THINGS).map(({ key }) => key)).toEqual(['b', '/Depot', 'c', '/Street']);
        expect(listed(THINGS, true).map(({ key }) => key)).toEqual(['b', '/Depot', 'c', '/Street', 'a', 'd']);
        toggle('Street');
        expect(listed(THINGS)).toHaveLength(6);
    });
});
