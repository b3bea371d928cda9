import { useEventListener } from '@vueuse/core';
import { useViewSettings } from '@/picture/viewSettings';
import { useComposition } from '@/project/composition';
import { useKeyframes } from '@/project/keyframes';
import { useLayerActions } from '@/project/layerActions';
import { useMarkers } from '@/project/markers';
import { usePlayhead } from '@/project/playhead';
import { useSeen } from '@/project/seen';
import { useSelection } from '@/project/selection';
import { useWithin } from '@/project/within';
import { useGuide } from './guide';

/** What the keyboard does while no field has it. */
export function useShortcuts(actions: {
    fit: () => void;
    render: () => void;
    switch: () => void;
    keys: () => void;
    write: () => void;
    zoomTime: () => void;
    find: () => void;
}): void {
    const composition = useComposition();
    const playhead = usePlayhead();
    const seen = useSeen();
    const selection = useSelection();
    const layers = useLayerActions();
    const keyframes = useKeyframes();
    const looking = useViewSettings();
    const markers = useMarkers();
    const within = useWithin();
    const guide = useGuide();

    /** What has just been switched takes Space and the arrows, but no key together with Control: that undoes it. */
    const isSwitch = (event: KeyboardEvent): boolean =>
        event.target instanceof HTMLInputElement && ['checkbox', 'radio'].includes(event.target.type);

    const typing = (event: KeyboardEvent): boolean =>
        event.target instanceof Element &&
        !(isSwitch(event) && (event.ctrlKey || event.metaKey)) &&
        event.target.closest(
            'input, textarea, select, [contenteditable], .el-dialog, [role="dialog"], [role="menu"]',
        ) !== null;

    /** Enter on a button is the button's. */
    const pressesButton = (event: KeyboardEvent): boolean =>
        event.key === 'Enter' &&
        !event.ctrlKey &&
        event.target instanceof Element &&
        event.target.closest('button, a, [role="button"], [role^="menuitem"]') !== null;

    /** Whether words are copied or pasted, rather than layers. */
    const isElsewhere = (event: Event): boolean =>
        (event.target instanceof Element && event.target.closest('input, textarea, [contenteditable]') !== null) ||
        document.getSelection()?.isCollapsed === false;

    /** The nearest keyframe of what is selected, before or after the playhead. */
    function toKeyframe(direction: 1 | -1): void {
        const frames = (composition.glimpse?.inspections ?? [])
            .flatMap((one) => one.threads.flatMap((thread) => thread.beads.map((bead) => bead.frame)))
            .filter((frame) => (frame - playhead.frame) * direction > 0);
        if (frames.length > 0) {
            playhead.go(direction > 0 ? Math.min(...frames) : Math.max(...frames));
        }
    }

    function shuttle(direction: 1 | -1): void {
        const faster = playhead.playing && Math.sign(playhead.speed) === direction;
        playhead.speed = faster ? Math.max(-4, Math.min(4, playhead.speed * 2)) : direction;
        playhead.playing = true;
    }

    function stop(): void {
        playhead.playing = false;
        playhead.speed = 1;
    }

    /** One step out: of looking for a colour, of the selection, of the bundle. */
    function escape(): void {
        if (looking.layerWanted) {
            looking.layerWanted.give(null);
        } else if (looking.wanted) {
            looking.wanted(null);
        } else if (selection.layers.length > 0) {
            selection.clear();
        } else {
            within.leave();
        }
    }

    function remove(event: KeyboardEvent): void {
        if (selection.beads.length > 0) {
            const keyframes = selection.keyframes;
            selection.beads = [];
            void composition.edit('remove-keyframes', { keyframes });
        } else {
            void (event.shiftKey ? layers.removeAndClose() : layers.remove());
        }
    }

    /** Splits off what a key means, so that each line below says one thing. */
    const plain: Record<string, (event: KeyboardEvent) => void> = {
        ' ': () => (playhead.playing ? stop() : (playhead.playing = true)),
        Home: (event) => playhead.go(event.shiftKey ? (seen.value?.[0] ?? playhead.frame) : 0),
        End: (event) => playhead.go(event.shiftKey ? (seen.value?.[1] ?? playhead.frame) : playhead.length - 1),
        ArrowLeft: (event) => playhead.go(playhead.frame - (event.shiftKey ? 10 : 1)),
        ArrowRight: (event) => playhead.go(playhead.frame + (event.shiftKey ? 10 : 1)),
        ',': () => toKeyframe(-1),
        '.': () => toKeyframe(1),
        j: () => shuttle(-1),
        k: stop,
        l: () => shuttle(1),
        i: (event) => void (event.shiftKey ? layers.trim('first') : playhead.setIn()),
        o: (event) => void (event.shiftKey ? layers.trim('last') : playhead.setOut()),
        x: () => void layers.split(),
        m: (event) => (event.shiftKey ? markers.dropOnLayers() : markers.drop()),
        a: () => void layers.lookAlone(),
        b: (event) => void (event.shiftKey ? layers.unwrap() : layers.wrap()),
        p: (event) => void (event.shiftKey ? layers.ungroup() : layers.group()),
        d: (event) => void (event.shiftKey ? layers.cross() : layers.setEnds()),
        Enter: layers.open,
        r: keyframes.repeat,
        PageUp: () => markers.go(-1),
        PageDown: () => markers.go(1),
        f: actions.fit,
        t: actions.write,
        z: actions.zoomTime,
        g: actions.switch,
        '?': actions.keys,
        '/': actions.find,
        F1: () => guide.show(),
        Delete: remove,
        Backspace: remove,
        Escape: () => escape(),
    };

    const withControl: Record<string, (event: KeyboardEvent) => void> = {
        k: actions.find,
        z: (event) => void (event.shiftKey ? composition.redo() : composition.undo()),
        y: () => void composition.redo(),
        d: (event) => void (event.shiftKey ? layers.duplicateAfter() : layers.duplicate()),
        a: () => (selection.layers = composition.layers.map((layer) => layer.id)),
        Enter: actions.render,
    };

    useEventListener(window, 'keydown', (event) => {
        if (typing(event) || pressesButton(event)) {
            return;
        }
        const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
        const action = event.ctrlKey || event.metaKey ? withControl[key] : event.altKey ? undefined : plain[key];
        if (action) {
            event.preventDefault();
            action(event);
        }
    });

    let pastesAtSameTime = false;
    useEventListener(window, 'keydown', (event) => (pastesAtSameTime = event.shiftKey), { capture: true });
    for (const type of ['copy', 'cut'] as const) {
        useEventListener(document, type, (event: ClipboardEvent) => {
            const text = isElsewhere(event) ? null : (keyframes.copied() ?? layers.copied());
            if (text !== null) {
                event.clipboardData?.setData('text/plain', text);
                event.preventDefault();
                if (type === 'cut') {
                    remove(new KeyboardEvent('keydown'));
                }
            }
        });
    }
    useEventListener(document, 'paste', (event: ClipboardEvent) => {
        const text = event.clipboardData?.getData('text/plain') ?? '';
        if (!isElsewhere(event) && (keyframes.paste(text, pastesAtSameTime) || layers.paste(text, pastesAtSameTime))) {
            event.preventDefault();
        }
    });

    // A focused button would be pressed by Space as well as the transport.
    useEventListener(window, 'keyup', (event) => {
        if (event.key === ' ' && !typing(event)) {
            event.preventDefault();
        }
    });
}
