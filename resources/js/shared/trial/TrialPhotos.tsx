import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { call } from '../../api/client';
import type { Trial } from '../../api/types';
import { ProblemNote } from '../ProblemNote';
import { Only } from '../Only';

/** Longer side of what is sent, px: the server keeps no more. */
const SIDE = 1280;

/** A picture small enough to be sent, as base64; one that cannot be drawn goes as it is, and is refused with the mend. */
async function shrunk(file: File): Promise<string> {
    try {
        const drawn = await createImageBitmap(file);
        const scale = Math.min(1, SIDE / Math.max(drawn.width, drawn.height));
        const canvas = document.createElement('canvas');
        canvas.width = Math.max(1, Math.round(drawn.width * scale));
        canvas.height = Math.max(1, Math.round(drawn.height * scale));
        canvas.getContext('2d')?.drawImage(drawn, 0, 0, canvas.width, canvas.height);
        return canvas.toDataURL('image/jpeg', 0.85);
    } catch {
        const bytes = new Uint8Array(await file.slice(0, 1_000_000).arrayBuffer());
        return btoa(Array.from(bytes, (byte) => String.fromCharCode(byte)).join(''));
    }
}

/** Pictures of what came out: added, looked at, taken away. */
export function TrialPhotos({ trial }: { trial: Trial }) {
    const client = useQueryClient();
    const fresh = () => client.invalidateQueries({ queryKey: ['trials'] });
    const input = useRef<HTMLInputElement>(null);
    const [large, setLarge] = useState<number | null>(null);
    const add = useMutation({ mutationFn: async (file: File) => call<Trial>('POST', `trials/${trial.id}/photos`, { image: await shrunk(file), words: file.name.replace(/\.\w+$/, '').slice(0, 100) }), onSuccess: fresh });
    const remove = useMutation({ mutationFn: (id: number) => call<undefined>('DELETE', `photos/${id}`), onSuccess: fresh });
    const failed = add.error ?? remove.error;
    return (
        <Box sx={{ mt: 0.75 }}>
            {failed && <ProblemNote error={failed} />}
            <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', alignItems: 'end' }}>
                {trial.photos.map((photo) => (
                    <Box component="figure" key={photo.id} sx={{ m: 0, fontSize: 'var(--text-small)' }}>
                        <button type="button" onClick={() => setLarge(large === photo.id ? null : photo.id)} aria-label={`${large === photo.id ? 'Smaller' : 'Larger'}: ${photo.words}`} style={{ border: '1.5px solid var(--rim)', borderRadius: 8, padding: 0, background: 'none', cursor: 'pointer', display: 'block' }}>
                            <img src={`/api/photos/${photo.id}`} alt={photo.words} style={{ display: 'block', borderRadius: 6, height: large === photo.id ? 'min(60vh, 480px)' : 72, maxWidth: '100%' }} />
                        </button>
                        <figcaption>
                            {photo.words}{' '}
                            <Only to="record"><Button size="small" color="error" onClick={() => remove.mutate(photo.id)} disabled={remove.isPending} aria-label={`Take the picture ${photo.words} away`}>
                                Take away
                            </Button></Only>
                        </figcaption>
                    </Box>
                ))}
                <Only to="record"><Button variant="outlined" size="small" disabled={add.isPending} onClick={() => input.current?.click()}>
                    {add.isPending ? 'Adding…' : 'Add a picture'}
                </Button></Only>
                <input
                    ref={input} type="file" accept="image/*" hidden
                    onChange={(e) => {
                        const file = e.target.files?.[0];
                        if (file) add.mutate(file);
                        e.target.value = '';
                    }}
                />
            </Box>
        </Box>
    );
}
