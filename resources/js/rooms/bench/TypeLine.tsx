import Box from '@mui/material/Box';
import { useState } from 'react';

interface Props {
    layer: string;
    label?: string;
    placeholder?: string;
    onTyped: (text: string) => void;
}

/** A place under each layer for one more line, in any kitchen's words. */
export function TypeLine({ layer, label = `Add a line to ${layer}`, placeholder = 'add a line, such as 2 tbsp cornflour', onTyped }: Props) {
    const [text, setText] = useState('');
    return (
        <Box
            component="form"
            onSubmit={(e: React.SyntheticEvent) => {
                e.preventDefault();
                if (text.trim() === '') return;
                onTyped(text.trim());
                setText('');
            }}
            sx={{ pl: '116px', mt: '1px' }}
        >
            <Box
                component="input" aria-label={label} placeholder={placeholder} value={text} onChange={(e: React.ChangeEvent<HTMLInputElement>) => setText(e.target.value)}
                sx={{ font: 'inherit', fontSize: 'var(--text-small)', width: 250, maxWidth: '100%', border: 0, borderBottom: '1px dashed var(--line)', bgcolor: 'transparent', color: 'var(--ink)', p: '1px 2px', '&::placeholder': { color: 'var(--ink-soft)', opacity: 1 } }}
            />
        </Box>
    );
}
