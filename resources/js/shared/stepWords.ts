/** What is said of a layer, under its own heading: without its name before it. */
export const withoutLayer = (layer: string, text: string): string => (layer !== '' && text.startsWith(`${layer}: `) ? text.slice(layer.length + 2) : text);
