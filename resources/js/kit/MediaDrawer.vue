<script setup lang="ts">
import { RotateCcw, Trash2, Upload as UploadIcon, X } from 'lucide-vue-next';
import { ref } from 'vue';
import { useAdding } from '@/project/adding';
import { useMedia } from '@/project/media';
import { rateLabel } from '@/project/rates';
import { useRemoving } from '@/project/removing';
import IconButton from '@/shell/IconButton.vue';
import KitItem from './KitItem.vue';

const media = useMedia();
const adding = useAdding();
const { take } = useRemoving();
const chooser = ref<HTMLInputElement | null>(null);

const ordinal = (number: number): string =>
    `${number}${['th', 'st', 'nd', 'rd'][number % 100 > 10 && number % 100 < 14 ? 0 : number % 10] ?? 'th'}`;

function choose(): void {
    for (const file of chooser.value?.files ?? []) {
        void media.add(file);
    }
    if (chooser.value) {
        chooser.value.value = '';
    }
}
</script>

<template>
    <input ref="chooser" type="file" accept="video/*,.mkv,.mov,.mxf" multiple hidden data-upload @change="choose" />
    <ElButton class="upload" @click="chooser?.click()"
        ><UploadIcon :size="15" style="margin-right: 7px" />Upload clips</ElButton
    >
    <ul v-if="media.uploads.length" class="uploads">
        <li v-for="row in media.uploads" :key="row.key">
            <span class="file" :title="row.name">{{ row.name }}</span>
            <IconButton
                :icon="X"
                :size="14"
                :label="row.problem ? 'Dismiss' : 'Cancel the upload'"
                @click="row.problem ? media.dismiss(row.key) : row.cancel()"
            />
            <p v-if="row.problem" class="problem" role="alert">{{ row.problem }}</p>
            <ElProgress
                v-else
                :percentage="Math.round(row.part * 100)"
                :stroke-width="4"
                :format="(part: number) => (part < 100 ? `${part} %` : 'checking')"
                class="progress"
            />
        </li>
    </ul>
    <p v-if="media.list.length === 0 && media.uploads.length === 0" class="empty">
        No clips yet. Upload some, or drop files anywhere in the window.
    </p>
    <div class="clips">
        <div v-for="clip in media.list" :key="clip.id" class="clip">
            <KitItem :label="clip.name" :hint="`${clip.name}: double-click to add`" @add="adding.addClip(clip, $event)">
                <div class="poster">
                    <img
                        v-if="clip.state === 'ready' || clip.prepared > 0"
                        :src="clip.poster"
                        alt=""
                        draggable="false"
                    />
                    <span v-if="clip.state === 'waiting' || clip.state === 'preparing'" class="state">
                        {{
                            clip.state === 'waiting'
                                ? 'waiting'
                                : `${Math.floor((100 * clip.prepared) / clip.frames)} %`
                        }}
                    </span>
                </div>
            </KitItem>
            <span class="facts">
                {{ clip.width }} × {{ clip.height }} · {{ rateLabel(clip.rate) }}{{ clip.alpha ? ' · alpha' : '' }}
                <IconButton
                    v-if="clip.state === 'waiting' || clip.state === 'preparing'"
                    :icon="X"
                    :size="13"
                    class="act"
                    label="End its preparation"
                    @click="media.cancelPreparation(clip)"
                />
                <IconButton
                    v-else
                    :icon="Trash2"
                    :size="13"
                    class="act quiet"
                    :label="`Remove ${clip.name} from the project`"
                    @click="take({ kind: 'media', id: clip.number }, clip.name, media.refresh)"
                />
            </span>
            <p v-if="clip.remark" class="remark">{{ clip.remark }}</p>
            <p v-if="clip.preview.every > 1 && clip.state !== 'failed'" class="remark">
                Long: while playing, every {{ ordinal(clip.preview.every) }} frame is shown.
            </p>
            <p v-if="clip.state === 'failed' || clip.state === 'cancelled'" class="problem" role="alert">
                {{ clip.state === 'cancelled' ? 'Not prepared for playing.' : clip.problem }}
                <IconButton :icon="RotateCcw" :size="14" label="Prepare it again" @click="media.prepareAgain(clip)" />
            </p>
        </div>
    </div>
</template>

<style scoped>
.upload {
    width: 100%;
    margin-bottom: 8px;
}
.uploads {
    margin: 0 0 8px;
    padding: 0;
    list-style: none;
}
.uploads li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    align-items: center;
    padding-left: 6px;
}
.file {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.progress,
.problem {
    grid-column: 1 / 3;
}
.problem {
    margin: 0 0 6px;
    color: var(--accent);
    font-size: 12px;
    line-height: 1.4;
}
.empty {
    margin: 8px 6px;
    color: var(--quiet);
}
.clips {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 4px;
}
.poster {
    position: relative;
    aspect-ratio: 16 / 9;
    border-radius: 7px;
    background: var(--surround);
    overflow: hidden;
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
    margin-left: auto;
}
.facts :deep(.quiet) {
    opacity: 0;
}
.clip:hover :deep(.quiet),
.facts :deep(.quiet:focus-visible) {
    opacity: 1;
}
.remark {
    margin: 0 6px 4px;
    color: var(--quiet);
    font-size: 11px;
    line-height: 1.35;
}
</style>
