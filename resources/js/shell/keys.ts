/** What the keys do, by the place that it is about. */
export const KEYS: { place: string; keys: [keys: string, does: string][] }[] = [
    {
        place: 'Playing',
        keys: [
            ['Space', 'play, stop'],
            ['J K L', 'backwards, stop, forwards; again: faster'],
            ['← →', 'one frame; with Shift ten'],
            ['Home, End', 'the first and the last frame'],
            ['I, O', 'begin and end of the stretch that plays'],
            [', .', 'the previous and the next keyframe of what is selected'],
            ['M', 'drop a marker, also while it plays; with Shift on the layers that are selected'],
            ['PageUp, PageDown', 'the marker before, the one after'],
        ],
    },
    {
        place: 'Layers',
        keys: [
            ['X', 'split at the playhead'],
            ['B', 'wrap up into a bundle; with Shift unwrap it'],
            ['Enter, Esc', 'open the bundle, step out of it'],
            ['Shift+I, Shift+O', 'begin, end at the playhead'],
            ['Ctrl+C, Ctrl+X, Ctrl+V', 'copy, cut, paste at the playhead; with Shift at the same time'],
            ['Ctrl+D', 'duplicate; with Shift right after'],
            ['Delete', 'remove; with Shift and close the gap'],
            ['A', 'look at what is selected alone, and at all again'],
            ['Ctrl+A', 'select all'],
            ['Escape', 'select nothing; give up what is dragged'],
        ],
    },
    {
        place: 'Picture',
        keys: [
            ['Space+drag', 'pan'],
            ['Ctrl+wheel', 'zoom to the pointer'],
            ['F', 'all of the frame'],
            ['T', 'write words'],
            ['Click again', 'what lies behind'],
            ['Drag over the background', 'select all that is touched'],
            ['Arrows', 'nudge by a pixel; with Shift ten'],
            ['Shift while dragging', 'constrain'],
            ['Alt while dragging', 'from the middle, or without being drawn in'],
            ['Ctrl while dragging', 'shift the whole animation'],
        ],
    },
    {
        place: 'Timeline',
        keys: [
            ['Ctrl+wheel', 'zoom around the pointer'],
            ['Z', 'zoom to what is selected, and back to the whole'],
            ['Shift+wheel', 'scroll in time'],
            ['Ctrl+drag on a clip', 'which part of it shows'],
            ['R', 'repeat the keyframes before the playhead, where it is'],
            ['Ctrl+C, Ctrl+V with beads selected', 'copy keyframes, paste them at the playhead; with Shift backwards'],
            ['Ctrl+drag the first or last of several beads', 'stretch them'],
            ['← → on a bead', 'move it by a frame; with Shift ten'],
            ['Enter on a bead', 'its easing, and what can be done to keyframes'],
        ],
    },
    {
        place: 'Project',
        keys: [
            ['Ctrl+Z, Ctrl+Shift+Z', 'undo, redo'],
            ['G', 'the compositions'],
            ['Ctrl+Enter', 'render'],
            ['?', 'these keys'],
        ],
    },
];
