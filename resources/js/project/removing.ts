import { ElMessage } from 'element-plus/es/components/message/index';
import { ElNotification } from 'element-plus/es/components/notification/index';
import 'element-plus/es/components/message/style/css';
import 'element-plus/es/components/notification/style/css';
import { h } from 'vue';
import type { Removed } from '@/api/answers';
import { post, remove } from '@/api/client';
import { windowId } from './window';

const SHOWN = 8000;

/** What is removed from here; media with the project that they belong to, of which that is an edit. */
type Removable = { kind: 'project' | 'render'; id: number } | { kind: 'media'; id: number; project: number };

async function ask(what: Removable): Promise<void> {
    if (what.kind === 'media') {
        const args = { media: [`m${what.id}`] };
        await post(`/projects/${what.project}/edits`, { edit: 'remove-media', args, window: await windowId() });
    } else {
        await remove(`/${what.kind}s/${what.id}`);
    }
}

/** Removes something at once, and offers to bring it back rather than asking before. */
export function useRemoving() {
    async function restore({ kind, id }: Removed): Promise<void> {
        await post(`/removed/${kind}/${id}/restore`);
    }

    /**
     * @param after is called when it is gone, and when it is back
     * @returns whether the server did it
     */
    async function take(what: Removable, name: string, after: () => unknown): Promise<boolean> {
        try {
            await ask(what);
            await after();
            const notice = ElNotification({
                message: h('div', { class: 'notice' }, [
                    h('span', { dir: 'auto' }, `“${name}” was removed.`),
                    h(
                        'button',
                        {
                            type: 'button',
                            onClick: () => {
                                notice.close();
                                void restore(what).then(after);
                            },
                        },
                        'Bring it back',
                    ),
                ]),
                position: 'bottom-right',
                duration: SHOWN,
                showClose: false,
            });
            return true;
        } catch (error) {
            ElMessage({ message: (error as Error).message, type: 'warning', duration: SHOWN, showClose: true });
            return false;
        }
    }

    return { take, restore };
}
