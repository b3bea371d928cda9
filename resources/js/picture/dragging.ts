import { SNAP } from './dragOnPicture';
import type { EditRequest } from '@/api/edits';
import { ref, type Ref } from 'vue';
import type { Corner, Pose } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { useSelection } from '@/project/selection';
import { MOVED } from '@/shell/pointer';
import type { PictureView } from './view';

export type Grip = 'move' | 'turn' | 'anchor' | 'tilt' | 'depth' | HandleName;
export type HandleName =
    'top-left' | 'top' | 'top-right' | 'right' | 'bottom-right' | 'bottom' | 'bottom-left' | 'left';

/** The property that a grip changes first of all. */
export const propertyOf = (grip: Grip, pose?: Pose): string =>
    ({ move: 'position', turn: 'rotation', anchor: 'anchor', tilt: 'tiltY', depth: 'z' })[grip as string] ??
    pose?.pulls ??
    'scale';

/** Whether a grip is one of the eight by which layers become larger and smaller. */
export const isHandle = (grip: Grip | null): boolean =>
    grip !== null && !['move', 'turn', 'anchor', 'tilt', 'depth'].includes(grip);

/** A pointer that goes this far, in screen pixels, drags; less is a click. */
const THRESHOLD = 3;

/** Moves, sizes and turns layers with the pointer: where it is goes to core, what comes back is shown. */
export function useDragging(area: Ref<HTMLElement | null>, view: PictureView) {
    const composition = useComposition();
    const playhead = usePlayhead();
    const scopes = useScopes();
    const selection = useSelection();
    const grip = ref<Grip | null>(null);
    const pointer = ref<Corner>([0, 0]);

    function place(event: PointerEvent | MouseEvent): Corner {
        const box = area.value!.getBoundingClientRect();
        return [event.clientX - box.left, event.clientY - box.top];
    }

    function request(kind: Grip, pose: Pose, path: Corner[], event: PointerEvent): EditRequest {
        const from = view.toComposition(path[0]!);
        const to = view.toComposition(path.at(-1)!);
        const by: Corner = [to[0] - from[0], to[1] - from[1]];
        const whole = event.ctrlKey || event.metaKey || scopes.isWhole(pose.layer, propertyOf(kind, pose));
        const common = { frame: playhead.frame, scope: whole ? 'whole' : 'playhead' };
        // Whole pixels, so that what is dragged by eye has sharp edges.
        const rounded: Corner = event.altKey ? by : [Math.round(by[0]), Math.round(by[1])];
        if (kind === 'move') {
            return {
                edit: 'drag-layers',
                args: {
                    ...common,
                    layers: selection.layers,
                    by: rounded,
                    straight: event.shiftKey,
                    snap: event.altKey ? 0 : SNAP / view.view.value.scale,
                },
            };
        }
        if (kind === 'turn') {
            return {
                edit: 'turn-layer',
                args: { ...common, layer: pose.layer, path: path.map(view.toComposition), snap: event.shiftKey },
            };
        }
        if (kind === 'tilt' || kind === 'depth') {
            const { shiftKey: straight, altKey: snap } = event;
            return {
                edit: 'tilt-layers',
                args: { ...common, layers: [pose.layer], how: kind, by, straight, snap },
            };
        }
        if (kind === 'anchor') {
            return { edit: 'move-anchor', args: { ...common, layer: pose.layer, to } };
        }
        const pull = {
            ...common,
            handle: kind,
            by: rounded,
            centred: event.altKey,
            snap: event.altKey ? 0 : SNAP / view.view.value.scale,
        };
        return selection.layers.length > 1
            ? { edit: 'pull-layers', args: { ...pull, layers: selection.layers } }
            : { edit: 'pull-handle', args: { ...pull, layer: pose.layer, proportional: event.shiftKey } };
    }

    /** @param clicked what happens where the pointer is let go without having moved */
    function begin(kind: Grip, pose: Pose, down: PointerEvent, clicked?: () => void): void {
        const path: Corner[] = [place(down)];
        let moved = false;
        pointer.value = path[0]!;

        const onMove = (event: PointerEvent): void => {
            const [x, y] = place(event);
            pointer.value = [x, y];
            // A turn is told by the way that the pointer went; it says more often where it is than that takes.
            const [before] = [path.at(-1)!];
            path.splice(path.length > 1 && Math.hypot(x - before[0], y - before[1]) < 1 ? -1 : path.length, 1, [x, y]);
            moved ||= Math.hypot(x - path[0]![0], y - path[0]![1]) > THRESHOLD;
            if (moved) {
                grip.value = kind;
                composition.sized = isHandle(kind);
                composition.aligned = kind === 'move' ? selection.layers : isHandle(kind) ? selection.layers : [];
                const { edit, args } = request(kind, pose, path, event);
                void composition.attempt(edit, args, 'picture');
            }
        };
        const finish = (): void => {
            window.removeEventListener(MOVED, onMove);
            window.removeEventListener('pointerup', onUp);
            window.removeEventListener('pointercancel', cancel);
            window.removeEventListener('keydown', onKey, true);
            grip.value = null;
            composition.aligned = [];
            composition.sized = false;
        };
        const onUp = (event: PointerEvent): void => {
            finish();
            if (moved) {
                const { edit, args } = request(kind, pose, path, event);
                void composition.edit(edit, args);
            } else {
                clicked?.();
            }
        };
        const cancel = (): void => {
            finish();
            composition.abandon();
        };
        const onKey = (event: KeyboardEvent): void => {
            if (event.key === 'Escape') {
                event.stopPropagation();
                cancel();
            }
        };
        // On the window: a handle may be drawn anew, or left out, on the way.
        window.addEventListener(MOVED, onMove);
        window.addEventListener('pointerup', onUp);
        window.addEventListener('pointercancel', cancel);
        window.addEventListener('keydown', onKey, true);
    }

    return { grip, pointer, place, begin };
}
