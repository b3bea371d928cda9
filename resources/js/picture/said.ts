import type { Layer } from '@/api/answers';
import { useComposition } from '@/project/composition';
import { usePlayhead } from '@/project/playhead';
import { useScopes } from '@/project/scopes';
import { useTimecode } from '@/project/timecode';

/** What a drag does to some properties of a layer at once, in words, and what they come to. */
export function useSaid() {
    const composition = useComposition();
    const playhead = usePlayhead();
    const scopes = useScopes();
    const timecode = useTimecode();

    function isAnimated(layer: Layer, property: string): boolean {
        const value = (layer as unknown as Record<string, unknown>)[property];
        return typeof value === 'object' && value !== null && 'keyframes' in value;
    }

    const isWhole = (layer: Layer, properties: string[]): boolean =>
        properties.some((one) => scopes.isWhole(layer.id, one));

    function does(layer: Layer, properties: string[]): string {
        if (!properties.some((one) => isAnimated(layer, one))) {
            return `whole ${layer.kind === 'camera' ? 'camera' : 'layer'}`;
        }
        return isWhole(layer, properties) ? 'whole animation' : `keyframe at ${timecode.label(playhead.frame)}`;
    }

    function values(layer: Layer, properties: string[]): string {
        const state = composition.glimpse?.inspections.find((one) => one.layer === layer.id)?.values ?? {};
        const written = (value: unknown): string =>
            [value]
                .flat()
                .map((one) => String(Math.round(Number(one) * 10) / 10))
                .join(', ');
        return properties
            .filter((one) => state[one])
            .map((one) => written(state[one]!.value))
            .join(' · ');
    }

    return { does, values, isWhole };
}
