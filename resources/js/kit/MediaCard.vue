<script setup lang="ts">
import { AudioLines, Ellipsis, FolderOpen, RotateCcw, ScanEye, X } from 'lucide-vue-next';
import { computed, ref } from 'vue';
import type { Media } from '@/api/answers';
import { useAdding } from '@/project/adding';
import { useMedia } from '@/project/media';
import { useViewing } from '@/project/viewing';
import { perSecond, rateLabel } from '@/project/rates';
import IconButton from '@/shell/IconButton.vue';
import { useOpened } from '@/shell/opened';
import KitItem from './KitItem.vue';
import MediaDetails from './MediaDetails.vue';

const props = defineProps<{ clip: Media; picked: boolean }>();
const emit = defineEmits<{ pick: [event: MouseEvent] }>();

const media = useMedia();
const adding = useAdding();
const viewing = useViewing();
const looking = ref(false);
useOpened(looking);

const preparing = computed(() => props.clip.state === 'waiting' || props.clip.state === 'preparing');

const facts = computed(() => {
    const { clip } = props;
    if (clip.font) {
        return `font`;
    }
    return clip.heard
        ? `${(clip.frames / perSecond(clip.rate)).toFixed(1)} s`
        : `${clip.width} × ${clip.height}${clip.still ? '' : ` · ${rateLabel(clip.rate)}`}${clip.drawn ? ' · outlines' : clip.alpha ? ' · alpha' : ''}`;
});

const ordinal = (number: number): string =>
    `${number}${['th', 'st', 'nd', 'rd'][number % 100 > 10 && number % 100 < 14 ? 0 : number % 10] ?? 'th'}`;
</script>

<template>
    <div class="clip">
        <KitItem
            :label="clip.name"
            :hint="`${clip.name}: double-click to add; Ctrl or Shift and a click select several`"
            :picked="picked"
            @add="adding.addClip(clip, $event)"
            @pick="emit('pick', $event)"
        >
            <div class="poster">
                <AudioLines v-if="clip.heard" class="heard" :size="30" :stroke-width="1.4" aria-hidden="true" />
                <img
                    v-else-if="clip.poster && (clip.state === 'ready' || clip.prepared > 0)"
                    :src="clip.poster"
                    alt=""
                    draggable="false"
                />
                <span v-if="clip.missing" class="state missing">file missing</span>
                <span v-else-if="preparing" class="state">
                    {{ clip.state === 'waiting' ? 'waiting' : `${Math.floor((100 * clip.prepared) / clip.frames)} %` }}
                </span>
            </div>
        </KitItem>
        <IconButton
            v-if="viewing.plays(clip)"
            :icon="ScanEye"
            :size="15"
            class="view"
            :label="`Look through ${clip.name}`"
            :pressed="viewing.clip?.id === clip.id"
            @click="viewing.open(clip)"
        />
        <span class="facts">
            {{ facts }}
            <IconButton
                v-if="preparing"
                :icon="X"
                :size="13"
                class="act"
                label="Stop preparing it"
                @click="media.cancelPreparation(clip)"
            />
            <ElPopover
                v-model:visible="looking"
                :persistent="false"
                trigger="click"
                placement="right-start"
                :width="300"
                :hide-after="0"
            >
                <template #reference>
                    <span class="more"
                        ><IconButton :icon="Ellipsis" :size="15" class="act quiet" :label="`About ${clip.name}`"
                    /></span>
                </template>
                <MediaDetails v-if="looking" :clip="clip" @done="looking = false" />
            </ElPopover>
        </span>
        <p v-if="clip.missing" class="problem" role="alert">
            <FolderOpen :size="12" aria-hidden="true" /> Bring the same file in again, and it is found.
        </p>
        <p v-if="clip.remark" class="remark">{{ clip.remark }}</p>
        <p v-if="clip.preview.every > 1 && clip.state !== 'failed'" class="remark">
            Long: while playing, every {{ ordinal(clip.preview.every) }} frame is shown.
        </p>
        <p v-if="clip.state === 'failed' || clip.state === 'cancelled'" class="problem" role="alert">
            {{ clip.state === 'cancelled' ? 'Not prepared for playing.' : clip.problem }}
            <IconButton :icon="RotateCcw" :size="14" label="Prepare it again" @click="media.prepareAgain(clip)" />
        </p>
    </div>
</template>

<style scoped>
.clip {
    position: relative;
    min-width: 0;
}
.poster {
    position: relative;
    aspect-ratio: 16 / 9;
    border-radius: 7px;
    background: var(--surround);
    overflow: hidden;
}
.heard {
    position: absolute;
    inset: 0;
    margin: auto;
    color: #fff;
}
.poster img {
    width: 100%;
    height: 100%;
    object-fit: contain;
}
.state {
    position: absolute;
    inset: auto 4px 4px auto;
    padding: 0 6px;
    border-radius: 8px;
    background: #000000b0;
    color: #fff;
    font-size: 11px;
}
.missing {
    background: var(--accent);
    color: var(--on-accent);
}
.facts {
    display: flex;
    align-items: center;
    gap: 4px;
    min-height: 22px;
    padding: 0 2px 0 6px;
    color: var(--quiet);
    font-size: 11px;
    font-variant-numeric: tabular-nums;
}
.facts :deep(.act) {
    width: 22px;
    height: 22px;
}
.more {
    margin-left: auto;
}
.view {
    position: absolute;
    top: 8px;
    right: 8px;
    width: 26px;
    height: 26px;
    background: #1b1a1dc0;
    color: #fff;
    opacity: 0.7;
}
.clip:hover .view,
.view.pressed,
.view:focus-visible {
    background: #1b1a1d;
    opacity: 1;
}
.facts :deep(.quiet) {
    opacity: 0.55;
}
.clip:hover :deep(.quiet),
.facts :deep(.quiet:focus-visible) {
    opacity: 1;
}
.remark,
.problem {
    margin: 0 6px 4px;
    color: var(--quiet);
    font-size: 11px;
    line-height: 1.35;
}
.problem {
    color: var(--accent);
}
</style>
