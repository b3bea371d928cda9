import { useComposition } from './composition';
import { usePlayhead } from './playhead';
import { useSelection } from './selection';

/** Marks text in the clipboard as keyframes of ours. */
const COPIED = 'ricamo-keyframes';

interface CopiedKeyframes {
    layer: string;
    property: string;
    keyframes: { frame: number; value: unknown; easing: string }[];
}

/** What the keys do to keyframes. */
export function useKeyframes() {
    const composition = useComposition();
    const playhead = usePlayhead();
    const selection = useSelection();

    /** @returns what goes into the clipboard; null where no keyframe is selected */
    function copied(): string | null {
        const inspections = composition.glimpse?.inspections ?? [];
        const keyframes: CopiedKeyframes[] = selection.keyframes.map(({ layer, property, frames }) => {
            const thread = inspections
                .find((one) => one.layer === layer)
                ?.threads.find((one) => one.property === property);
            const beads = (thread?.beads ?? []).filter((bead) => frames.includes(bead.frame));
            return { layer, property, keyframes: beads.map(({ frame, value, easing }) => ({ frame, value, easing })) };
        });
        return keyframes.length === 0 ? null : JSON.stringify({ [COPIED]: 1, keyframes });
    }

    /** @returns whether the text was keyframes */
    function paste(text: string, backwards: boolean): boolean {
        let found: { [COPIED]?: number; keyframes?: CopiedKeyframes[] };
        try {
            found = JSON.parse(text);
        } catch {
            return false;
        }
        if (found?.[COPIED] !== 1 || !Array.isArray(found.keyframes)) {
            return false;
        }
        if (selection.layers.length > 0) {
            void composition.edit('paste-keyframes', {
                layers: selection.layers,
                at: playhead.frame,
                copied: found.keyframes,
                backwards,
            });
        }
        return true;
    }

    /** The keyframes before the playhead once more, where it is. */
    function repeat(): void {
        if (selection.layers.length > 0) {
            void composition.edit('repeat-keyframe', { layers: selection.layers, frame: playhead.frame });
        }
    }

    return { copied, paste, repeat };
}
