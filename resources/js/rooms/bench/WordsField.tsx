import Autocomplete from '@mui/material/Autocomplete';
import Box from '@mui/material/Box';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

interface Props {
    label: string;
    value: string;
    onChange: (value: string) => void;
    /** What is offered, by what it is called; all of it until something is typed, then what answers to that. */
    offered: readonly { name: string; words: string }[];
    helperText: string;
    placeholder?: string;
}

/** Words of a grammar, typed or chosen from what is usual. */
export function WordsField({ label, value, onChange, offered, helperText, placeholder }: Props) {
    const [first] = useState(value);
    const name = (words: string) => offered.find((one) => one.words === words)?.name ?? words;
    const sought = value.trim().toLowerCase();
    return (
        <Autocomplete
            freeSolo size="small" options={offered.map((one) => one.words)} inputValue={value} onInputChange={(_, typed) => onChange(typed)}
            filterOptions={(all) => (value === first || sought === '' ? all : all.filter((words) => words.toLowerCase().includes(sought) || name(words).toLowerCase().includes(sought)))}
            renderOption={({ key, ...props }, words) => (
                <li key={key} {...props}>
                    {name(words)}
                    <Box component="span" sx={{ color: 'var(--ink-soft)', ml: 1 }}>
                        {words}
                    </Box>
                </li>
            )}
            renderInput={(params) => <TextField {...params} label={label} placeholder={placeholder} helperText={helperText} />}
        />
    );
}
