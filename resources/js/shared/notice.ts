import { store } from './store';

export interface Notice {
    text: string;
    /** What takes it back, with the word on its button. */
    back?: { word: string; act: () => void };
}

const said = store<Notice | null>(null);

/** Says at the foot of the screen what was done, and how it is taken back. */
export const notice = said.set;

export const useNotice = said.use;
