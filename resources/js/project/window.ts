/** Where this window keeps its id, and where all of this browser are listed. */
const OWN = 'ricamo.window';
const ALL = 'ricamo.windows';

const MOST = 30;

function listed(): string[] {
    try {
        return JSON.parse(localStorage.getItem(ALL) ?? '[]') as string[];
    } catch {
        return [];
    }
}

/** Holds an id for as long as the window is there. @returns whether no other window has it */
function hold(id: string): Promise<boolean> {
    if (!('locks' in navigator)) {
        return Promise.resolve(true);
    }
    return new Promise((resolve) => {
        void navigator.locks.request(`${OWN} ${id}`, { ifAvailable: true }, (lock) => {
            resolve(lock !== null);
            // Until the window goes.
            return lock === null ? undefined : new Promise<void>(() => undefined);
        });
    });
}

/** @returns an id that no other window has; that of a window that has gone, if there is one, so that what was done in it can be undone still */
async function claim(): Promise<string> {
    const own = sessionStorage.getItem(OWN);
    for (const id of [...(own === null ? [] : [own]), ...listed().reverse()]) {
        if (await hold(id)) {
            return id;
        }
    }
    const fresh = Array.from(crypto.getRandomValues(new Uint8Array(12)), (byte) =>
        byte.toString(16).padStart(2, '0'),
    ).join('');
    await hold(fresh);
    return fresh;
}

let claimed: Promise<string> | null = null;

/** The id by which the server tells what this window did from what others did. It outlives a reload. */
export function windowId(): Promise<string> {
    claimed ??= claim().then((id) => {
        sessionStorage.setItem(OWN, id);
        localStorage.setItem(ALL, JSON.stringify([...listed().filter((one) => one !== id), id].slice(-MOST)));
        return id;
    });
    return claimed;
}
