import { computed } from 'vue';
import { useListening } from '@/picture/listening';
import { useViewSettings } from '@/picture/viewSettings';
import { usePlayhead } from '@/project/playhead';
import { usePreferences } from '@/project/preferences';
import { useTimecode } from '@/project/timecode';

/** A setting of the window: what choosing it does, as it stands now. */
export interface Setting {
    name: string;
    text: string;
    act: () => void;
}

/** All settings of the window that are on or off, or one of two. */
export function useSettings() {
    const listening = useListening();
    const looking = useViewSettings();
    const playhead = usePlayhead();
    const preferences = usePreferences();
    const timecode = useTimecode();

    return computed<Setting[]>(() => {
        const views = [
            ['safe', 'the safe areas'],
            ['rulers', 'the rulers'],
            ['grid', 'the grid'],
            ['blur', 'motion blur'],
            ['surroundings', 'what lies around an open bundle'],
            ['alphaAlone', 'alpha alone'],
        ] as const;
        return [
            ...views.map(([name, what]) => ({
                name: `setting-${name}`,
                text: `${looking[name] ? 'Hide' : 'Show'} ${what}`,
                act: () => void (looking[name] = !looking[name]),
            })),
            {
                name: 'setting-silent',
                text: listening.silent ? 'Play with sound' : 'Play without sound',
                act: () => void (listening.silent = !listening.silent),
            },
            {
                name: 'setting-loop',
                text: playhead.loop ? 'Play once, not in a loop' : 'Play in a loop',
                act: () => void (playhead.loop = !playhead.loop),
            },
            {
                name: 'setting-time',
                text: timecode.asFrames ? 'Tell time as timecode' : 'Tell time in frames',
                act: timecode.toggle,
            },
            {
                name: 'setting-theme',
                text: preferences.evening ? 'Linen, the light theme' : 'Evening, the dark theme',
                act: () => void (preferences.evening = !preferences.evening),
            },
        ];
    });
}
