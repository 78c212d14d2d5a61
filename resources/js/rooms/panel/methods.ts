import type { Tasting } from '../../api/types';

export type MethodId = Tasting['method'];

/** How samples are told apart, and when to ask so. */
export const METHODS = [
    { id: 'triangle', name: 'Odd one of three', when: 'Two are alike: which is the odd one? Where nobody knows what may differ.', samples: 2 },
    { id: 'duo-trio', name: 'Which is the known one', when: 'One is known and marked: which of two is the same? Where three are too many to keep in mind.', samples: 2 },
    { id: 'paired', name: 'Which of two', when: 'Which is sweeter, firmer, or preferred? Where the question is known, far fewer tasters are needed.', samples: 2 },
    { id: 'just-right', name: 'Too little, right, too much', when: 'Each by itself: what to move, which way, and what it costs in liking.', samples: 1 },
] as const satisfies readonly { id: MethodId; name: string; when: string; samples: number }[];

/** What a taster is asked for, in words, on paper and on the phone. */
export const asksFor = (method: MethodId, question: string): string => ({
    triangle: 'Two of these are alike. Which is the odd one?',
    'duo-trio': 'The first is the reference. Which of the others is the same?',
    paired: question === '' ? 'Which do you prefer?' : question,
    'just-right': 'Judge each by itself.',
})[method];
