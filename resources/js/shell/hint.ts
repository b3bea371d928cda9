import { shallowRef } from 'vue';

/** What the pointer or the focus rests on, and what is to be said of it. One bubble serves all: a list has hundreds of buttons. */
export const hint = shallowRef<{ target: HTMLElement; label: string } | null>(null);
