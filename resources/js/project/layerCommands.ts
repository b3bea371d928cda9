import { computed } from 'vue';
import { useLayerActions } from './layerActions';

/** Something that can be done, from a menu or from the field that finds everything. */
export interface Command {
    name: string;
    text: string;
    /** Its keys, where it has such. */
    keys: string;
    act: () => unknown;
    /** Why it cannot be done now; null where it can. */
    why: string | null;
}

/** What can be done to the layers that are selected, in groups, and why what cannot be done now cannot. */
export function useLayerCommands() {
    const actions = useLayerActions();

    return computed<Command[][]>(() => {
        const chosen = actions.chosen.value.length;
        const command = (
            name: string,
            text: string,
            keys: string,
            act: () => unknown,
            isPossible = true,
            otherwise = '',
        ): Command => ({
            name,
            text,
            keys,
            act,
            why: chosen === 0 ? 'Select a layer first.' : isPossible ? null : otherwise,
        });
        const isCut = actions.isCut.value;
        const bundle = !!actions.bundle.value;
        const plays = actions.anyPlays.value;
        const still = 'Nothing of what is selected plays.';
        return [
            [
                command('split', 'Split at the playhead', 'X', actions.split),
                command('duplicate', 'Duplicate', 'Ctrl+D', actions.duplicate),
                command('after', 'Duplicate right after', 'Ctrl+Shift+D', actions.duplicateAfter),
                command(
                    'cross',
                    isCut ? 'Lead over across the cut' : 'Plain cut again',
                    'Shift+D',
                    actions.cross,
                    chosen === 2,
                    'Select the two layers that meet at the cut.',
                ),
                ...(isCut
                    ? actions.covers.value.map(({ key, name }) =>
                          command(`cover-${key}`, `Cover the cut with “${name}”`, '', () => actions.cover(key)),
                      )
                    : []),
                command(
                    'parts',
                    'Paste parts…',
                    '',
                    actions.pasteParts,
                    actions.source.value !== null,
                    'Copy a layer first.',
                ),
                command(
                    'keep-parts',
                    'Keep parts by a name…',
                    '',
                    actions.keepParts,
                    chosen === 1,
                    'Select one layer.',
                ),
                command('group', 'Put into a group', 'P', actions.group),
                command(
                    'ungroup',
                    'Take the group away',
                    'Shift+P',
                    actions.ungroup,
                    actions.anyGroup.value,
                    'Nothing of what is selected is a group.',
                ),
                command(
                    'windows',
                    'Make a window of it',
                    '',
                    actions.makeWindows,
                    actions.canBeWindows.value,
                    'Only what shows a picture or a form can become a window.',
                ),
                command(
                    'apart',
                    'Take the drawing apart',
                    '',
                    actions.takeApart,
                    !!actions.drawn.value,
                    'Select one picture that is made of outlines.',
                ),
                command(
                    'swap',
                    'Swap what the windows show',
                    '',
                    actions.swap,
                    actions.areWindows.value,
                    'Select two windows.',
                ),
                command('wrap', 'Wrap up into a bundle', 'B', actions.wrap),
                command('open', 'Open the bundle', 'Enter', actions.open, bundle, 'Select one bundle.'),
                command('unwrap', 'Unwrap the bundle', 'Shift+B', actions.unwrap, bundle, 'Select one bundle.'),
            ],
            [
                command('beneath', 'As long as what lies beneath', '', () => actions.fit('beneath')),
                command('composition', 'As long as the composition', '', () => actions.fit('composition')),
                command('trim-first', 'Begin at the playhead', 'Shift+I', () => actions.trim('first')),
                command('trim-last', 'End at the playhead', 'Shift+O', () => actions.trim('last')),
                command('place-first', 'Move the first frame here', '', () => actions.place('first')),
                command('place-last', 'Move the last frame here', '', () => actions.place('last')),
            ],
            [
                command('reverse', 'Reverse', '', actions.reverse, plays, still),
                command('freeze', 'Freeze the frame at the playhead', '', actions.freeze, plays, still),
                command('content', 'As long as what plays in it', '', () => actions.fit('content'), plays, still),
                command('fill', 'As fast as fills it', '', actions.fill, plays, still),
            ],
            [
                command(
                    'write-moves',
                    'Moves as plain keyframes',
                    '',
                    actions.writeMovesOut,
                    actions.anyMoves.value,
                    'Nothing of what is selected arrives or leaves by a move.',
                ),
            ],
            [
                command(
                    'alone',
                    actions.areAlone.value ? 'Look at all layers' : 'Look at this alone',
                    'A',
                    actions.lookAlone,
                ),
                command(
                    'reference',
                    actions.reference.value ? 'Use in the picture' : 'Use as reference',
                    '',
                    actions.refer,
                ),
                command('lock', actions.locked.value ? 'Unlock' : 'Lock', '', actions.lock),
                command('remove', 'Remove', 'Delete', actions.remove),
                command('close', 'Remove and close the gap', 'Shift+Delete', actions.removeAndClose),
            ],
        ];
    });
}
