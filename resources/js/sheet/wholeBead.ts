import type { Inspection } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { hasKeyframe } from './properties';

/** One bead for several values of a layer: they have a keyframe each at the playhead, or none of them has. */
export function useWholeBead(layer: () => string, inspection: () => Inspection | undefined) {
    const composition = useComposition();
    const playhead = usePlayhead();

    function state(properties: string[]): { value: number; animated: boolean; keyframe: boolean } {
        const states = properties.map((name) => inspection()?.values[name]);
        return {
            value: 0,
            animated: states.some((one) => one?.animated),
            keyframe: states.every((one) => one?.keyframe),
        };
    }

    function toggle(properties: string[]): void {
        const { frame } = playhead;
        void (properties.every((property) => hasKeyframe(inspection(), property, frame))
            ? composition.edit('remove-keyframes', {
                  keyframes: properties.map((property) => ({ layer: layer(), property, frames: [frame] })),
              })
            : composition.edit('add-keyframe', { layers: [layer()], properties, frame }));
    }

    return { state, toggle };
}
