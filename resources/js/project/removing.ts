import { ElMessage } from 'element-plus/es/components/message/index';
import { ElNotification } from 'element-plus/es/components/notification/index';
import 'element-plus/es/components/message/style/css';
import 'element-plus/es/components/notification/style/css';
import { h } from 'vue';
import type { Removed } from '@/api/answers';
import { post, remove } from '@/api/client';

const SHOWN = 8000;

const PATHS: Record<Removed['kind'], string> = {
    project: 'projects',
    composition: 'compositions',
    media: 'media',
    render: 'renders',
};

/** Removes something at once, and offers to bring it back rather than asking before. */
export function useRemoving() {
    async function restore({ kind, id }: Removed): Promise<void> {
        await post(`/removed/${kind}/${id}/restore`);
    }

    /**
     * @param after is called when it is gone, and when it is back
     * @returns what the server answered, or null when it refused
     */
    async function take<T = unknown>(
        what: Removed,
        name: string,
        after: () => unknown,
    ): Promise<(T & { removed: Removed | null }) | null> {
        try {
            const answer = await remove<T & { removed: Removed | null }>(`/${PATHS[what.kind]}/${what.id}`);
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
            return answer;
        } catch (error) {
            ElMessage({ message: (error as Error).message, type: 'warning', duration: SHOWN, showClose: true });
            return null;
        }
    }

    return { take, restore };
}
