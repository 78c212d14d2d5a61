import Box from '@mui/material/Box';

/** One of a few, pressed; pressed again it is unsaid. Nothing is preset as judged. */
export function Choice({ legend, options, value, onChange }: { legend: string; options: readonly { value: string; word: string }[]; value: string; onChange: (value: string) => void }) {
    return (
        <Box component="fieldset" sx={{ border: 0, p: 0, m: '12px 0 0', minWidth: 0 }}>
            <legend style={{ fontWeight: 650, padding: 0, marginBottom: 4 }}>{legend}</legend>
            <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 0.75 }}>
                {options.map((option) => (
                    <Box
                        component="label" key={option.value}
                        sx={{
                            border: '1.5px solid var(--rim)', borderRadius: '9px', px: 1.25, minHeight: 'var(--press-large)', display: 'inline-flex', alignItems: 'center', cursor: 'pointer', position: 'relative',
                            ...(value === option.value && { bgcolor: 'var(--cobalt)', color: 'var(--on-cobalt)', fontWeight: 650 }),
                            '&:focus-within': { outline: '3px solid var(--cobalt)', outlineOffset: '2px' },
                        }}
                    >
                        <input type="radio" name={legend} value={option.value} checked={value === option.value} onChange={() => onChange(option.value)} onClick={() => value === option.value && onChange('')} style={{ position: 'absolute', opacity: 0 }} />
                        {option.word}
                    </Box>
                ))}
            </Box>
        </Box>
    );
}
