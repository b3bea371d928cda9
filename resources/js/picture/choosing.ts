import { computed, type Ref } from 'vue';
import type { Corner, Pose } from '@/api/answers';
import { useSelection } from '@/project/selection';
import { poseAt, poseBehind } from './hit';
import type { useMarquee } from './marquee';

/** Within how many milliseconds a second click makes a double click. */
const DOUBLE_CLICK = 260;

/**
 * Which layer a click in the picture takes: what is seen there; again, what lies behind; over the background, many.
 *
 * @param targets where layers can be pressed, named by what a press takes
 */
export function useChoosing(poses: Ref<Pose[]>, targets: Ref<Pose[]>, marquee: ReturnType<typeof useMarquee>) {
    const selection = useSelection();
    const selected = computed(() => poses.value.filter((pose) => selection.layers.includes(pose.layer)));
    let waiting = 0;

    function choose(pose: Pose, event: PointerEvent): void {
        if (event.shiftKey) {
            selection.toggle(pose.layer);
        } else if (!selection.layers.includes(pose.layer)) {
            selection.select(pose.layer);
        }
    }

    /** A second click in the same place takes what lies behind, unless it becomes a double click. */
    function behind(at: Corner, held: Pose): void {
        clearTimeout(waiting);
        waiting = window.setTimeout(() => {
            const found = poseBehind(at, targets.value, held.layer);
            if (found) {
                selection.select(found.layer);
            }
        }, DOUBLE_CLICK);
    }

    const isDoubleClick = (): void => clearTimeout(waiting);

    /** @param drag begins to move what was taken. @param at in composition pixels */
    function press(
        event: PointerEvent,
        at: Corner,
        drag: (pose: Pose, clicked: (() => void) | undefined) => void,
    ): void {
        // A selected layer is moved even where another lies over it; Alt takes what is on top.
        const held = event.altKey ? undefined : poseAt(at, selected.value);
        const pose = held ?? poseAt(at, targets.value);
        if (!pose || (!held && marquee.coversFrame(pose))) {
            // Over the background a drag draws a rectangle; a click takes the background itself.
            marquee.begin(event, () => (pose ? choose(pose, event) : selection.clear()));
            return;
        }
        if (!held) {
            choose(pose, event);
        }
        drag(pose, held && !event.shiftKey ? () => behind(at, held) : undefined);
    }

    return { selected, press, behind, isDoubleClick };
}
