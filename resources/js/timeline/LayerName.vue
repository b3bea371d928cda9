<script setup lang="ts">
import { useVocabulary } from '@/project/vocabulary';
import {
    Box,
    ChevronDown,
    ChevronRight,
    Eye,
    EyeOff,
    Folder,
    FolderOpen,
    Lock,
    LockOpen,
    Square,
    Video,
    VideoOff,
    Lightbulb,
    LightbulbOff,
    Volume2,
    VolumeX,
} from 'lucide-vue-next';
import { computed, nextTick, ref, watch } from 'vue';
import type { Layer } from '@/api/answers';
import { useAdding } from '@/project/adding';
import { useCameras } from '@/project/cameras';
import { useComposition } from '@/project/composition';
import { useGroups } from '@/project/groups';
import { useMedia } from '@/project/media';
import { adds } from '@/project/picking';
import { plays, playsMedia } from '@/project/playing';
import { useSelection } from '@/project/selection';
import IconButton from '@/shell/IconButton.vue';

/** A layer's name and switches at the left of its band; dragged up or down, it changes its place in the stack. */
const props = defineProps<{ layer: Layer; selected: boolean; animated: boolean; all: boolean; depth: number }>();
const emit = defineEmits<{ reorder: [event: PointerEvent]; all: []; menu: [event: MouseEvent] }>();

const vocabulary = useVocabulary();
const composition = useComposition();
const selection = useSelection();
const adding = useAdding();
const media = useMedia();
const groups = useGroups();
const cameras = useCameras();
const renaming = ref(false);
const field = ref<HTMLInputElement | null>(null);
// A row that is scrolled away is used for another layer.
watch(
    () => props.layer.id,
    () => (renaming.value = false),
);

const sounds = computed(() => playsMedia(props.layer) && media.find(props.layer.media)?.sound);
const heard = computed(() => plays(props.layer) && props.layer.sound !== false);

function down(event: PointerEvent): void {
    if (event.button === 0 && !renaming.value) {
        if (event.shiftKey || adds(event) || !props.selected) {
            selection.take(props.layer.id, event);
        }
        emit('reorder', event);
    }
}

/** What is dropped onto the name of a clip or a picture takes its place; onto that of a shape or a window, it is seen through it. */
function takePlace(event: DragEvent): void {
    if (adding.carried && vocabulary.can(props.layer, 'takes-media')) {
        event.stopPropagation();
        adding.drop({ onto: props.layer.id, row: props.layer.id });
    }
}

/** A click without a drag leaves only this one of several. */
function alone(event: MouseEvent): void {
    if (!event.shiftKey && !adds(event)) {
        selection.select(props.layer.id);
    }
}

async function rename(): Promise<void> {
    renaming.value = true;
    await nextTick();
    field.value?.select();
}

function keep(): void {
    const name = field.value?.value.trim();
    renaming.value = false;
    if (name && name !== props.layer.name) {
        void composition.edit('rename-layer', { layer: props.layer.id, name });
    }
}
</script>

<template>
    <div
        class="cell"
        :class="{ selected }"
        :style="{ '--dye': `var(--dye-${layer.label ?? 'madder'})`, '--depth': Math.min(depth, 6) }"
        :data-depth="depth"
        :data-layer="layer.id"
        @contextmenu.prevent="emit('menu', $event)"
        @drop="takePlace"
    >
        <button
            type="button"
            class="fold"
            :aria-label="all ? 'Show only what is animated' : 'Show all properties'"
            :title="all ? 'Show only what is animated' : 'Show all properties'"
            @click="emit('all')"
        >
            <component :is="selected && all ? ChevronDown : ChevronRight" :size="14" />
        </button>
        <button
            v-if="vocabulary.can(layer, 'holds')"
            type="button"
            class="folder"
            :aria-label="groups.isFolded(layer.id) ? 'Unfold this group' : 'Fold this group up'"
            :title="groups.isFolded(layer.id) ? 'Unfold this group' : 'Fold this group up'"
            :aria-expanded="!groups.isFolded(layer.id)"
            data-fold
            @click="groups.toggle(layer.id)"
        >
            <component :is="groups.isFolded(layer.id) ? Folder : FolderOpen" :size="15" />
        </button>
        <i v-else class="dye" />
        <input
            v-if="renaming"
            ref="field"
            :value="layer.name"
            aria-label="Layer name"
            @blur="keep"
            @keydown.enter="field?.blur()"
            @keydown.esc.stop="renaming = false"
        />
        <span
            v-else
            class="name"
            dir="auto"
            :title="layer.name"
            @pointerdown="down"
            @click="alone"
            @dblclick="rename"
            >{{ layer.name }}</span
        >
        <i v-if="animated" class="mark" title="Animated" />
        <IconButton
            :icon="layer.locked ? Lock : LockOpen"
            :size="13"
            :class="{ open: !layer.locked }"
            class="lock"
            :label="layer.locked ? 'Unlock this layer' : 'Lock this layer'"
            @click="composition.edit('set-layer', { layers: [layer.id], locked: !layer.locked })"
        />
        <IconButton
            v-if="sounds"
            :icon="heard ? Volume2 : VolumeX"
            :size="14"
            class="speaker"
            :label="heard ? 'Mute this layer' : 'Unmute this layer'"
            @click="composition.edit('set-content', { layer: layer.id, content: { sound: !heard } })"
        />
        <IconButton
            v-if="cameras.isInSpace(layer)"
            :icon="layer.flat ? Square : Box"
            :size="13"
            :class="{ open: !layer.flat }"
            class="lock"
            :label="layer.flat ? 'Place this layer in space' : 'Keep this layer flat: cameras and lights pass it by'"
            data-flat
            @click="composition.edit('set-layer', { layers: [layer.id], flat: !layer.flat })"
        />
        <IconButton
            v-if="vocabulary.can(layer, 'looks')"
            :icon="layer.visible === false ? VideoOff : Video"
            :size="15"
            :label="layer.visible === false ? 'Look through this camera' : 'Switch this camera off'"
            @click="composition.edit('set-layer', { layers: [layer.id], visible: layer.visible === false })"
        />
        <IconButton
            v-if="vocabulary.can(layer, 'lights')"
            :icon="layer.visible === false ? LightbulbOff : Lightbulb"
            :size="15"
            :label="layer.visible === false ? 'Switch this light on' : 'Switch this light off'"
            @click="composition.edit('set-layer', { layers: [layer.id], visible: layer.visible === false })"
        />
        <IconButton
            v-if="vocabulary.can(layer, 'seen')"
            :icon="layer.visible === false ? EyeOff : Eye"
            :size="15"
            :label="layer.visible === false ? 'Show this layer' : 'Hide this layer'"
            @click="composition.edit('set-layer', { layers: [layer.id], visible: layer.visible === false })"
        />
    </div>
</template>

<style scoped>
.cell {
    display: flex;
    align-items: center;
    gap: 7px;
    height: 100%;
    padding: 0 4px 0 calc(4px + 16px * var(--depth));
}
.cell.selected {
    background-color: var(--selected);
}
.fold {
    display: grid;
    place-items: center;
    width: 20px;
    height: 24px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--quiet);
    cursor: pointer;
}
/* A rule at its left for each group that a layer is in. */
.cell {
    background: repeating-linear-gradient(90deg, transparent 0 15px, var(--hairline) 15px 16px) 0 0 /
        calc(16px * var(--depth)) 100% no-repeat;
}
.folder {
    display: grid;
    place-items: center;
    width: 20px;
    height: 24px;
    margin: 0 -2px 0 -5px;
    padding: 0;
    border: 0;
    background: none;
    color: var(--dye);
    cursor: pointer;
}
.dye {
    width: 9px;
    height: 9px;
    flex: none;
    border-radius: 50%;
    background: var(--dye);
}
.name,
input {
    flex: 1;
    min-width: 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    line-height: 26px;
    cursor: default;
    user-select: none;
    touch-action: none;
}
input {
    height: 22px;
    border: 0;
    border-radius: 4px;
    background: var(--field);
    color: var(--ink);
    font-size: 13px;
    outline: 1.5px solid var(--second);
}
.selected .name {
    font-weight: 600;
}
.lock,
.speaker {
    width: 24px;
}
.cell :deep(.lock.open) {
    opacity: 0;
}
.cell:hover :deep(.lock.open),
.cell :deep(.lock.open:focus-visible) {
    opacity: 0.6;
}
.mark {
    width: 7px;
    height: 7px;
    flex: none;
    border: 1.5px solid var(--dye);
    border-radius: 50%;
}
</style>
