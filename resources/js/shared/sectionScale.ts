/** Pixels per mm at which a section fits its frame without being stretched. */
export function fitScale({ widthMm, heightMm, width, height }: { widthMm: number; heightMm: number; width: number; height: number }): number {
    if (widthMm <= 0 || heightMm <= 0) return 1;
    return Math.min(width / widthMm, height / heightMm);
}

/** Height in mm of the first `count` layers, from the bottom. */
export function heightBelow(layers: { height_mm: number }[], count: number): number {
    return layers.slice(0, count).reduce((sum, layer) => sum + layer.height_mm, 0);
}
