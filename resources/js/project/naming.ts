import { defineStore } from 'pinia';
import { shallowRef } from 'vue';

/** What is being asked for a name, and what is done with the answer. */
interface Question {
    title: string;
    suggestion: string;
    done: string;
    answer: (name: string | null) => void;
}

/** Asks what something is to be called. */
export const useNaming = defineStore('naming', () => {
    const question = shallowRef<Question | null>(null);

    /** @param done what the button says  @returns null where it is given up */
    const ask = (title: string, suggestion: string, done: string): Promise<string | null> =>
        new Promise((resolve) => {
            question.value?.answer(null);
            question.value = {
                title,
                suggestion,
                done,
                answer: (name) => {
                    question.value = null;
                    resolve(name);
                },
            };
        });

    return { question, ask };
});
