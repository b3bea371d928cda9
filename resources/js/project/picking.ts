/** The keys that are held while something in a list is clicked. */
export type Held = Pick<MouseEvent, 'shiftKey' | 'ctrlKey' | 'metaKey'>;

export const adds = (held: Held): boolean => held.ctrlKey || held.metaKey;

/**
 * What is selected in a list once one thing in it was clicked: that alone; with Ctrl it besides the others, or no more; with Shift all
 * from the one that was clicked last to it, in the order of the list, besides the others where Ctrl is held, too.
 */
export function picked(selected: string[], last: string | null, one: string, list: string[], held: Held): string[] {
    const [from, to] = [list.indexOf(last ?? one), list.indexOf(one)];
    if (held.shiftKey && from >= 0 && to >= 0) {
        const stretch = from <= to ? list.slice(from, to + 1) : list.slice(to, from + 1).reverse();
        return adds(held) ? [...selected, ...stretch.filter((each) => !selected.includes(each))] : stretch;
    }
    if (held.shiftKey || adds(held)) {
        return selected.includes(one) ? selected.filter((each) => each !== one) : [...selected, one];
    }
    return [one];
}
