<script setup lang="ts">
import { onClickOutside } from '@vueuse/core';
import { computed, onMounted, ref } from 'vue';
import { useLayerActions } from '@/project/layerActions';
import { useVocabulary } from '@/project/vocabulary';

/** What can be done to the layers that are selected, where the pointer is. */
const props = defineProps<{ x: number; y: number }>();
const emit = defineEmits<{ close: [] }>();

const WIDTH = 268;
const HEIGHT = 590;

const actions = useLayerActions();
const vocabulary = useVocabulary();
const menu = ref<HTMLElement | null>(null);

onClickOutside(menu, () => emit('close'));
onMounted(() => items()[0]?.focus());

const place = computed(() => ({
    left: `${Math.max(8, Math.min(props.x, window.innerWidth - WIDTH - 8))}px`,
    top: `${Math.max(8, Math.min(props.y, window.innerHeight - HEIGHT - 8))}px`,
}));

const groups = computed(() => [
    [
        { name: 'split', text: 'Split at the playhead', keys: 'X', act: actions.split },
        { name: 'duplicate', text: 'Duplicate', keys: 'Ctrl+D', act: actions.duplicate },
        { name: 'after', text: 'Duplicate right after', keys: 'Ctrl+Shift+D', act: actions.duplicateAfter },
        ...(actions.chosen.value.length === 2
            ? [
                  {
                      name: 'cross',
                      text: actions.isCut.value ? 'Lead over across the cut' : 'Plain cut again',
                      keys: 'Shift+D',
                      act: actions.cross,
                  },
              ]
            : []),
        ...(actions.isCut.value
            ? actions.covers.value.map(({ key, name }) => ({
                  name: `cover-${key}`,
                  text: `Cover the cut with “${name}”`,
                  keys: '',
                  act: () => actions.cover(key),
              }))
            : []),
        { name: 'group', text: 'Put into a group', keys: 'P', act: actions.group },
        ...(actions.anyGroup.value
            ? [{ name: 'ungroup', text: 'Take the group away', keys: 'Shift+P', act: actions.ungroup }]
            : []),
        ...(actions.canBeWindows.value
            ? [{ name: 'windows', text: 'Make a window of it', keys: '', act: actions.makeWindows }]
            : []),
        ...(actions.drawn.value
            ? [{ name: 'apart', text: 'Take the drawing apart', keys: '', act: actions.takeApart }]
            : []),
        ...(actions.areWindows.value
            ? [{ name: 'swap', text: 'Swap what the windows show', keys: '', act: actions.swap }]
            : []),
        { name: 'wrap', text: 'Wrap up into a bundle', keys: 'B', act: actions.wrap },
        ...(actions.bundle.value
            ? [
                  { name: 'open', text: 'Open the bundle', keys: 'Enter', act: actions.open },
                  { name: 'unwrap', text: 'Unwrap the bundle', keys: 'Shift+B', act: actions.unwrap },
              ]
            : []),
    ],
    [
        { name: 'beneath', text: 'As long as what lies beneath', keys: '', act: () => actions.fit('beneath') },
        { name: 'composition', text: 'As long as the composition', keys: '', act: () => actions.fit('composition') },
        { name: 'trim-first', text: 'Begin at the playhead', keys: 'Shift+I', act: () => actions.trim('first') },
        { name: 'trim-last', text: 'End at the playhead', keys: 'Shift+O', act: () => actions.trim('last') },
        { name: 'place-first', text: 'Move the first frame here', keys: '', act: () => actions.place('first') },
        { name: 'place-last', text: 'Move the last frame here', keys: '', act: () => actions.place('last') },
    ],
    ...(actions.anyPlays.value
        ? [
              [
                  { name: 'reverse', text: 'Reverse', keys: '', act: actions.reverse },
                  { name: 'freeze', text: 'Freeze the frame at the playhead', keys: '', act: actions.freeze },
                  { name: 'content', text: 'As long as what plays in it', keys: '', act: () => actions.fit('content') },
                  { name: 'fill', text: 'As fast as fills it', keys: '', act: actions.fill },
              ],
          ]
        : []),
    ...(actions.anyMoves.value
        ? [
              [
                  {
                      name: 'write-moves',
                      text: 'Moves as plain keyframes',
                      keys: '',
                      act: actions.writeMovesOut,
                  },
              ],
          ]
        : []),
    [
        {
            name: 'alone',
            text: actions.areAlone.value ? 'Look at all layers' : 'Look at this alone',
            keys: 'A',
            act: actions.lookAlone,
        },
        {
            name: 'reference',
            text: actions.reference.value ? 'Use in the picture' : 'Use as reference',
            keys: '',
            act: actions.refer,
        },
        { name: 'lock', text: actions.locked.value ? 'Unlock' : 'Lock', keys: '', act: actions.lock },
        { name: 'remove', text: 'Remove', keys: 'Delete', act: actions.remove },
        { name: 'close', text: 'Remove and close the gap', keys: 'Shift+Delete', act: actions.removeAndClose },
    ],
]);

const items = (): HTMLElement[] => [...(menu.value?.querySelectorAll<HTMLElement>('[role^=menuitem]') ?? [])];

function step(by: number): void {
    const all = items();
    const at = all.indexOf(document.activeElement as HTMLElement);
    all[(at + by + all.length) % all.length]?.focus();
}

function choose(act: () => unknown): void {
    emit('close');
    void act();
}
</script>

<template>
    <Teleport to="body">
        <div
            ref="menu"
            class="menu"
            role="menu"
            aria-label="What can be done to the selected layers"
            :style="place"
            @keydown.esc.stop="emit('close')"
            @keydown.down.prevent="step(1)"
            @keydown.up.prevent="step(-1)"
            @contextmenu.prevent
        >
            <ul v-for="(group, index) in groups" :key="index" role="none">
                <li v-for="one in group" :key="one.name" role="none">
                    <button type="button" role="menuitem" :data-act="one.name" @click="choose(one.act)">
                        {{ one.text }}<kbd v-if="one.keys">{{ one.keys }}</kbd>
                    </button>
                </li>
            </ul>
            <div class="dyes" role="none">
                <button
                    v-for="dye in vocabulary.words.labels"
                    :key="dye"
                    type="button"
                    role="menuitemradio"
                    :aria-checked="actions.chosen.value.every((layer) => (layer.label ?? 'madder') === dye)"
                    :aria-label="`Label colour ${dye}`"
                    :title="dye"
                    :style="{ '--dye': `var(--dye-${dye})` }"
                    @click="choose(() => actions.label(dye))"
                />
            </div>
        </div>
    </Teleport>
</template>

<style scoped>
.menu {
    position: fixed;
    z-index: 20;
    width: 268px;
    padding: 5px;
    border: 1px solid var(--hairline);
    border-radius: 10px;
    background: var(--raised);
    box-shadow: 0 8px 28px #2a223038;
}
ul {
    margin: 0;
    padding: 0 0 4px;
    list-style: none;
}
ul + ul {
    padding-top: 4px;
    border-top: 1px solid var(--hairline);
}
li button {
    display: flex;
    align-items: center;
    justify-content: space-between;
    width: 100%;
    height: 27px;
    padding: 0 8px;
    border: 0;
    border-radius: 6px;
    background: none;
    color: var(--ink);
    font-size: 13px;
    text-align: left;
    cursor: pointer;
}
li button:hover,
li button:focus-visible {
    background: var(--hover);
    outline: 0;
}
kbd {
    color: var(--quiet);
    font: inherit;
    font-size: 11.5px;
}
.dyes {
    display: flex;
    gap: 4px;
    padding: 6px 6px 3px;
    border-top: 1px solid var(--hairline);
}
.dyes button {
    width: 22px;
    height: 22px;
    padding: 0;
    border: 3px solid var(--raised);
    border-radius: 50%;
    background: var(--dye);
    cursor: pointer;
}
.dyes button[aria-checked='true'] {
    box-shadow: 0 0 0 1.5px var(--ink);
}
</style>
