import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useComposition } from '@/project/composition';
import { useKit } from '@/kit/kit';
import { useLayerCommands, type Command } from '@/project/layerCommands';
import { useMarkers } from '@/project/markers';
import { useMedia } from '@/project/media';
import { usePlayhead } from '@/project/playhead';
import { usePreferences } from '@/project/preferences';
import { useProject } from '@/project/project';
import { useSelection } from '@/project/selection';
import { useVocabulary } from '@/project/vocabulary';
import { useFinding } from '@/sheet/finding';
import { GUIDE, useGuide } from './guide';
import { useSettings } from './settings';

/** Something that is found by its name: Enter does it, or goes there. */
export interface Found extends Command {
    kind: 'Do' | 'Setting' | 'Value' | 'Layer' | 'Composition' | 'Media' | 'Guide';
}

/** What the window itself does. */
export interface WindowActions {
    fit: () => void;
    render: () => void;
    keys: () => void;
    write: () => void;
    compose: () => void;
    projects: () => void;
}

/** All that one field finds: what can be done, and what there is to go to. */
export function useEverything(window: WindowActions) {
    const composition = useComposition();
    const finding = useFinding();
    const guide = useGuide();
    const kit = useKit();
    const layerCommands = useLayerCommands();
    const markers = useMarkers();
    const media = useMedia();
    const playhead = usePlayhead();
    const preferences = usePreferences();
    const project = useProject();
    const router = useRouter();
    const selection = useSelection();
    const settings = useSettings();
    const vocabulary = useVocabulary();

    const doing = (name: string, text: string, keys: string, act: () => unknown, why: string | null = null): Found => ({
        kind: 'Do',
        name,
        text,
        keys,
        act,
        why,
    });

    const own = computed<Found[]>(() => {
        const { undo, redo } = composition.history;
        return [
            doing(
                'undo',
                undo ? `Undo ${undo}` : 'Undo',
                'Ctrl+Z',
                composition.undo,
                undo ? null : 'There is nothing to undo.',
            ),
            doing(
                'redo',
                redo ? `Redo ${redo}` : 'Redo',
                'Ctrl+Shift+Z',
                composition.redo,
                redo ? null : 'There is nothing to redo.',
            ),
            doing('render', 'Render', 'Ctrl+Enter', window.render),
            doing('play', playhead.playing ? 'Stop' : 'Play', 'Space', () => (playhead.playing = !playhead.playing)),
            doing('marker', 'Drop a marker here, or take it away', 'M', markers.drop),
            doing('write', 'Write words', 'T', window.write),
            doing('fit', 'Fit the picture', 'F', window.fit),
            doing('start', 'To the start', 'Home', () => playhead.go(0)),
            doing('end', 'To the last frame', 'End', () => playhead.go(playhead.length - 1)),
            doing('select-all', 'Select all layers', 'Ctrl+A', () => {
                selection.layers = composition.layers.map(({ id }) => id);
            }),
            doing('new-composition', 'New composition', '', window.compose),
            doing('projects', 'All projects', '', window.projects),
            doing('keys', 'All keys', '?', window.keys),
        ];
    });

    /** The values of the layer that is selected alone. */
    const values = computed<Found[]>(() => {
        const layer = selection.layers.length === 1 ? composition.layer(selection.layers[0]!) : undefined;
        const inspection = composition.glimpse?.inspections.find((one) => one.layer === layer?.id);
        return !layer || !inspection
            ? []
            : [...vocabulary.propertiesOf(layer), ...inspection.attached]
                  .filter(({ name }) => !inspection.idle.includes(name))
                  .map(({ name, title }) => ({
                      kind: 'Value' as const,
                      name: `value-${name}`,
                      text: title,
                      keys: '',
                      act: () => {
                          preferences.drawer = 'sheet';
                          finding.text = title;
                      },
                      why: null,
                  }));
    });

    const place = (kind: Found['kind'], name: string, text: string, act: () => unknown): Found => ({
        kind,
        name,
        text,
        keys: '',
        act,
        why: null,
    });

    const places = computed<Found[]>(() => [
        ...composition.layers
            .toReversed()
            .map(({ id, name }) => place('Layer', `layer-${id}`, name, () => selection.select(id))),
        ...project.compositions
            .filter(({ id }) => id !== composition.id)
            .map(({ id, key, name }) =>
                place('Composition', `composition-${key}`, name, () => router.push(`/compositions/${id}`)),
            ),
        ...media.list.map(({ id, name }) =>
            place('Media', `media-${id}`, name, () => {
                preferences.drawer = 'kit';
                kit.drawer = 'media';
                kit.search = name;
            }),
        ),
        ...GUIDE.map(([name, title]) => place('Guide', `page-${name}`, title, () => guide.show(name))),
    ]);

    /** Those whose names hold every word that is looked for; first what begins with it, and what can be done now. */
    function found(text: string, most: number): Found[] {
        const words = text.toLocaleLowerCase().split(/\s+/).filter(Boolean);
        const all: Found[] = [
            ...own.value,
            ...layerCommands.value.flat().map((one): Found => ({ kind: 'Do', ...one })),
            ...settings.value.map(({ name, text, act }) => place('Setting', name, text, act)),
            ...values.value,
            ...places.value,
        ];
        const rank = (one: Found): number =>
            (one.text.toLocaleLowerCase().startsWith(words[0] ?? '') ? 0 : 1) + (one.why === null ? 0 : 2);
        return all
            .filter((one) => words.every((word) => one.text.toLocaleLowerCase().includes(word)))
            .toSorted((one, other) => rank(one) - rank(other))
            .slice(0, most);
    }

    return { found };
}
