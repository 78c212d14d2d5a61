/** What leaves the kitchen on paper, in the order it is wanted. */
export const PAPERS = [
    { id: 'card', name: 'Recipe card', says: 'grams, method, a portion, cautions' },
    { id: 'batch', name: 'Batch card', says: 'boxes to weigh, to read and to sign' },
    { id: 'method', name: 'Method', says: 'step by step, what is watched' },
    { id: 'pull', name: 'Pull list', says: 'what to fetch, by where it is' },
    { id: 'label', name: 'Label', says: 'for six markets' },
    { id: 'specification', name: 'Specification', says: 'for a customer who asks' },
    { id: 'cost', name: 'Cost', says: 'a portion, and what is left of its price' },
    { id: 'files', name: 'Files', says: 'for other programs' },
] as const;

export type PaperId = (typeof PAPERS)[number]['id'];

export const paperOf = (id: string | undefined): PaperId => PAPERS.find((one) => one.id === id)?.id ?? 'card';
