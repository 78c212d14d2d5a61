import Button from '@mui/material/Button';
import { useMutation } from '@tanstack/react-query';
import { useState, type DragEvent } from 'react';
import { recipeText } from './recipeFile';

/** A recipe's file, chosen at a button or dropped where `drop` is put; `onText` gets what it says. */
export function useRecipeFile(onText: (text: string) => void) {
    const [isOver, setOver] = useState(false);
    const read = useMutation({ mutationFn: recipeText, onSuccess: onText });
    const take = (file: File | undefined) => file && read.mutate(file);
    const holdsFile = (e: DragEvent) => [...e.dataTransfer.types].includes('Files');
    return {
        isOver,
        error: read.error,
        drop: {
            onDragOver: (e: DragEvent) => {
                if (!holdsFile(e)) return;
                e.preventDefault();
                setOver(true);
            },
            onDragLeave: (e: DragEvent) => {
                if (!(e.relatedTarget instanceof Node) || !e.currentTarget.contains(e.relatedTarget)) setOver(false);
            },
            onDrop: (e: DragEvent) => {
                if (!holdsFile(e)) return;
                e.preventDefault();
                setOver(false);
                take(e.dataTransfer.files[0]);
            },
        },
        button: (
            <Button variant="outlined" component="label" disabled={read.isPending}>
                Choose a file…
                <input type="file" hidden aria-label="A recipe’s file" accept=".txt,.md,.json,.jsonld,.csv,.html,.htm,text/*,application/json" onChange={(e) => { take(e.target.files?.[0]); e.target.value = ''; }} />
            </Button>
        ),
    };
}
